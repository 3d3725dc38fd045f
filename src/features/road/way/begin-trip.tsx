'use client';

import { useState } from 'react';
import { msOf, parseQuantity, unitFor, markOfFitness } from '@/core/base';
import { beginEntries, walkBefore } from '@/core/record';
import { useDraft, useLeadOn, useRecord, useSheetForm } from '@/features/forms';
import { beginWay, WAY_DRAFT, wayKey } from '@/features/road/trip';
import { Loading, tripsAhead, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { useAsk } from '@/store';
import { parseWords, towHeadline, typed } from '@/text';
import { Button, Field, LinkButton, Mark, reported } from '@/ui';
import { tryOut } from './sound';

/** A plan is for this trip within so long (ms). */
const SOON = 36 * 3_600_000;

/** A trip begins: after its hitching walk, or without one and that is on record; how far it goes, where that is known. */
export function BeginTrip({ view }: { view: RigView }) {
  const { rig, model, tow, now } = view;
  const leadOn = useLeadOn();
  const record = useRecord();
  const asked = useAsk('walks', { rig: rig.id, most: 4 });
  const { set } = useDraft(WAY_DRAFT, wayKey(rig.id));
  const [begun, setBegun] = useState(false);
  const [planned] = tripsAhead(view).filter(({ at }) => Math.abs(msOf(at) - msOf(now)) <= SOON);
  const form = useSheetForm('begin', rig.id, {
    expected: '',
    ramp: (model.kind === 'boat' || (planned?.launches ?? 0) > 0) as boolean,
  });
  const unit = unitFor('distance', form.units);
  if (asked.status !== 'ready' || begun) return <Loading />;
  const walk = walkBefore(
    asked.answer.map(({ id, happened, body }) => ({ id, happened, walk: body.walk })),
    now,
  );
  const text = form.values.expected.trim();
  const proposed = planned && text === '' ? typed(planned.distance, 'distance', form.units, 0) : undefined;
  const begin = () => {
    // In the very tap that begins it: later no device lets an alarm sound by itself.
    reported(tryOut());
    const far = text === '' ? undefined : parseQuantity(text, 'distance', unit);
    const wrong =
      far &&
      (!far.ok ? parseWords(far.error, form.units) : far.value < 0 ? 'Miles are not below zero.' : undefined);
    return form.submit({ expected: wrong }, async () => {
      const expected = far?.ok ? far.value : planned?.distance;
      const [entry] = await record(
        rig.id,
        beginEntries({
          ...(expected !== undefined && { expected }),
          ...(form.values.ramp && { ramp: true }),
          ...(walk && { walk }),
        }),
        'Trip begun',
        [],
        [form.key],
      );
      if (!entry) return;
      setBegun(true);
      await set(beginWay(entry.id));
      leadOn(to('road', rig.id));
    });
  };
  return (
    <div className="mx-auto grid w-full max-w-3xl gap-6 px-4 py-5 md:px-8">
      <div>
        <p className="text-soft">{model.name}</p>
        <h1 className="text-4xl md:text-5xl">Begin the trip</h1>
      </div>
      <p className="flex items-center gap-3 text-lg">
        <Mark mark={markOfFitness(tow.fitness)} size={32} />
        <span>
          <strong>{towHeadline(tow)}.</strong>{' '}
          {walk
            ? 'The hitching walk is done.'
            : 'No hitching walk in the last four hours: the trip goes on record without one.'}
        </span>
      </p>
      {!walk && (
        <div>
          <LinkButton look="primary" size="lg" href={to('road', rig.id, { walk: 'hitch' })}>
            Walk around it first
          </LinkButton>
        </div>
      )}
      <Field
        label="How far, if you know"
        unit={unit}
        big
        inputMode="decimal"
        hint={
          proposed &&
          `Left empty it is the ${proposed} ${unit} of the trip you planned. Only what helps you: it may stay empty.`
        }
        {...form.field('expected')}
      />
      <label className="flex min-h-11 items-center gap-3 text-lg">
        <input
          type="checkbox"
          className="accent-accent size-7"
          checked={form.values.ramp}
          onChange={(event) => form.set('ramp', event.target.checked)}
        />
        It goes into the water on the way
      </label>
      <div className="grid gap-2.5 sm:flex">
        <Button look={walk ? 'primary' : 'plain'} size="lg" onClick={() => reported(begin())}>
          {walk ? 'Begin the trip' : 'Begin without the walk'}
        </Button>
        <LinkButton size="lg" href={to('road', rig.id)}>
          Not yet
        </LinkButton>
      </div>
    </div>
  );
}
