'use client';

import { useState } from 'react';
import type { UnderWay } from '@/core/log';
import { countsAsSalt } from '@/core/rig';
import { parseQuantity, unitFor } from '@/core/base';
import { launchEntry, milesEntry } from '@/core/record';
import { useRecord, useWithdraw } from '@/features/forms';
import { benchLink, type RigView } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { count, parseWords } from '@/text';
import { comeWords, MILES_BY_WORDS } from '@/text/way';
import { Button, Field, LinkButton, reported, useOnce } from '@/ui';
import type { Way } from './use-way';

/** One number of its owner's: how far the trip has come. Another count stands beside it, told where it differs. */
function OwnMiles({ view, way }: { view: RigView; way: Way }) {
  const { units } = usePreferences();
  const record = useRecord();
  const once = useOnce();
  const [text, setText] = useState('');
  const [error, setError] = useState<string>();
  const unit = unitFor('distance', units);
  const come = comeWords(way.miles, view.rig.underWay?.told ?? view.now, view.now, units);
  const say = () =>
    once(async () => {
      const read = parseQuantity(text, 'distance', unit);
      if (!read.ok) return setError(parseWords(read.error, units));
      if (read.value < 0 || read.value > 5e6) return setError(`Miles of this trip, in ${unit}.`);
      const written = await record(view.rig.id, [milesEntry(read.value, 'owner')], 'Miles noted');
      if (written.length === 0) return;
      setText('');
    });
  return (
    <div className="grid max-w-md gap-2">
      <Field
        label="Your miles so far"
        unit={unit}
        big
        inputMode="decimal"
        value={text}
        error={error}
        hint={`${come.figure ? `Now ${come.figure}, ${MILES_BY_WORDS[way.miles.by]}` : come.said}. Yours stand.`}
        onChange={(event) => {
          setText(event.target.value);
          setError(undefined);
        }}
      />
      <Button size="lg" disabled={text.trim() === ''} onClick={() => reported(say())}>
        Note the miles
      </Button>
    </div>
  );
}

/** At the ramp: hubs first, then the launch is counted in one tap and the rinse stands open. */
function AtTheRamp({ view, way }: { view: RigView; way: UnderWay }) {
  const record = useRecord();
  const once = useOnce();
  const { rig, model } = view;
  const rinse = view.duties.filter(({ routine }) => routine === 'rinse');
  const salty = countsAsSalt(model);
  const told = model.environment?.water !== undefined;
  return (
    <section aria-label="At the ramp" className="border-line grid gap-3 rounded-sheet border p-4">
      <h2 className="text-2xl">At the ramp</h2>
      <p className="text-lg">
        Feel every hub before it goes in: a hand must stay on. Hot hubs draw water in as they cool; wait 20
        minutes and feel again.
      </p>
      <div className="grid gap-2.5 sm:grid-cols-2">
        <Button
          look="primary"
          size="lg"
          onClick={() => reported(once(() => record(rig.id, [launchEntry(model)], 'Launch counted')))}
        >
          Hubs are cool: count the launch
        </Button>
        <LinkButton size="lg" href={to('trouble', rig.id, { seen: 'ramp', into: Math.round(way.into) })}>
          A hub is hot
        </LinkButton>
      </div>
      {way.launches > 0 && (
        <p role="status" className="flex flex-wrap items-center gap-3 text-lg">
          {count(way.launches, 'launch', 'launches')} counted.
          {rinse.length > 0 && salty && (
            <LinkButton href={benchLink(rig.id, rinse) ?? to('bench', rig.id)}>Rinse it</LinkButton>
          )}
          {!salty && <span className="text-soft">Fresh water: no rinse is due.</span>}
          {salty && !told && (
            <span className="text-soft">Its water is not told under Rig: it counts as salt.</span>
          )}
        </p>
      )}
    </section>
  );
}

/** What can be told while it stands, or by a passenger: miles, the ramp, and that it never happened. */
export function Standing({ view, under, way }: { view: RigView; under: UnderWay; way: Way }) {
  const withdraw = useWithdraw();
  const { rig, model } = view;
  const launches = model.kind === 'boat' || under.ramp;
  return (
    <div className="grid gap-6">
      {launches && <AtTheRamp view={view} way={under} />}
      <OwnMiles view={view} way={way} />
      <Button
        look="quiet"
        className="-ml-4 justify-self-start"
        onClick={() =>
          reported(withdraw([{ id: under.entry, rig: rig.id }], 'it did not happen', 'Trip withdrawn'))
        }
      >
        This trip did not happen
      </Button>
    </div>
  );
}
