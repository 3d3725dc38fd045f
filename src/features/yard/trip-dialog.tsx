'use client';

import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { tripEntries } from '@/core/record';
import { markOfDuty } from '@/core/rules';
import { raised, type Duty } from '@/core/duty';
import { unitFor } from '@/core/quantity';
import { useRecord } from '@/features/forms';
import { rigView, type RigView, type Rigs } from '@/features/rigs';
import { useFormUnits, usePreferences, useYard } from '@/store';
import { dateField, dutyTitle, dutyWhy, measure, words } from '@/text';
import { Button, Dialog, Field, LinkButton, Mark, Stepper, reported } from '@/ui';
import { readTrip, spanOf, type TripForm } from './trip-form';

type Ready = Extract<Rigs, { status: 'ready' }>;

function Became({ became, now, onClose }: { became: readonly Duty[]; now: string; onClose: () => void }) {
  const { units } = usePreferences();
  return (
    <div className="grid gap-4">
      {became.length === 0 ? (
        <p className="flex items-center gap-3 text-lg">
          <Mark mark="clear" size={32} />
          Nothing new came due.
        </p>
      ) : (
        <ul className="grid gap-4">
          {became.map((duty) => (
            <li key={duty.id} className="flex gap-3">
              <Mark mark={markOfDuty(duty.verdict)} size={28} />
              <div>
                <p className="font-semibold">{dutyTitle(duty)}</p>
                <p className="text-soft">{dutyWhy(duty, units, now)}</p>
              </div>
            </li>
          ))}
        </ul>
      )}
      <Button look="primary" size="lg" onClick={onClose}>
        Back to the Yard
      </Button>
    </div>
  );
}

/** The ways to tell how far it was towed. */
const WAYS = [
  { by: 'miles', label: 'By miles instead' },
  { by: 'meter', label: "By the trailer's meter instead" },
  { by: 'vehicle', label: "By the tow vehicle's readings instead" },
] as const;

/** Home again: one number and a button; then what became due, and why. */
export function TripDialog({ view, ready, onClose }: { view: RigView; ready: Ready; onClose: () => void }) {
  const { rig, model } = view;
  const units = useFormUnits();
  const record = useRecord();
  const { store } = useYard();
  const [became, setBecame] = useState<{ duties: readonly Duty[]; miles: string }>();
  const [insisted, setInsisted] = useState(false);
  const [replaced, setReplaced] = useState(false);
  const [more, setMore] = useState(false);
  const [rinsed, setRinsed] = useState(false);
  const form = useForm<TripForm>({
    defaultValues: {
      by: model.miles === 'meter' ? 'meter' : 'miles',
      distance: '',
      reading: '',
      launches: model.kind === 'boat' ? '1' : '0',
      out: '',
      home: '',
      date: dateField(ready.now),
      started: '',
      note: '',
      replaced: false,
    },
  });
  const { errors } = form.formState;
  const by = useWatch({ control: form.control, name: 'by' });
  const launches = useWatch({ control: form.control, name: 'launches' });
  const unit = unitFor('distance', units);
  const backwards = errors.reading?.type === 'backwards';
  const water = model.environment?.water;
  const salty = model.kind === 'boat' && water !== undefined && water !== 'fresh';

  const submit = form.handleSubmit(async (values) => {
    const read = readTrip(
      { ...values, replaced },
      rig,
      model,
      units,
      ready.now,
      insisted,
      await store.send('trips', { rig: rig.id, ...spanOf(values, ready.now) }),
    );
    if (!read.ok) {
      read.error.forEach(({ field, text, code }, i) =>
        form.setError(field, { type: code, message: text }, { shouldFocus: i === 0 }),
      );
      setInsisted(read.error.every((error) => error.insist));
      if (read.error.some(({ field }) => field === 'date' || field === 'started' || field === 'note'))
        setMore(true);
      return;
    }
    const { body, happened } = read.value;
    await record(rig.id, tripEntries(body, happened, rinsed && salty), 'Trip logged');
    const yard = store.getSnapshot();
    const rolled = yard.status === 'ready' ? yard.state.rigs[rig.id] : undefined;
    // The very view that the Yard behind is drawn from: worked out once.
    const after = rolled && rigView(rolled, ready.runs, ready.now, ready.houseRules, ready.houseSeason);
    // What every trip asks for again is no news.
    const duties = raised(view.duties, after?.duties ?? []).filter((duty) => duty.matter !== 'moment');
    setBecame({ duties, miles: measure(body.distance, 'distance', units) });
  });
  const error = (field: keyof TripForm) => errors[field]?.message;
  // What was insisted on holds for the very figures it was said of.
  const again = { onChange: () => setInsisted(false) };

  if (became)
    return (
      <Dialog
        open
        onClose={onClose}
        title={`${became.miles} logged`}
        description={
          became.duties.length === 0
            ? `${model.name} is as it was.`
            : `It brought ${words(became.duties.length, 'thing')} closer for ${model.name}.`
        }
      >
        <Became became={became.duties} now={ready.now} onClose={onClose} />
        <LinkButton className="mt-2 w-full" size="lg" href={`/walk?rig=${rig.id}&walk=home`}>
          Walk round it while it is warm
        </LinkButton>
      </Dialog>
    );

  return (
    <Dialog open onClose={onClose} title="Home again" description={`${model.name}: how far was it towed?`}>
      <form noValidate onSubmit={(event) => reported(submit(event))} className="grid gap-5">
        {by === 'miles' || (by === 'meter' && (rig.meter === undefined || replaced)) ? (
          <Field
            label={
              by === 'miles' ? 'Towed' : replaced ? 'Towed on this trip' : 'Towed on this trip, first reading'
            }
            unit={unit}
            big
            inputMode="decimal"
            autoFocus
            error={error('distance')}
            {...form.register('distance', again)}
          />
        ) : null}
        {by === 'vehicle' && (
          <div className="grid grid-cols-2 gap-3">
            <Field
              label="Tow vehicle, going out"
              unit={unit}
              inputMode="decimal"
              autoFocus
              error={error('out')}
              {...form.register('out', again)}
            />
            <Field
              label="And home again"
              unit={unit}
              inputMode="decimal"
              error={error('home')}
              {...form.register('home', again)}
            />
          </div>
        )}
        {by === 'meter' && (
          <div>
            <Field
              label={replaced ? 'The new meter reads' : "The trailer's meter reads"}
              unit={unit}
              big
              inputMode="decimal"
              autoFocus={rig.meter !== undefined && !replaced}
              hint={
                rig.meter && !replaced
                  ? `It stood at ${measure(rig.meter.reading, 'distance', units)} before.`
                  : undefined
              }
              error={error('reading')}
              {...form.register('reading', again)}
            />
            {backwards && !replaced && (
              <div className="mt-3 grid grid-cols-2 gap-2">
                <Button onClick={() => form.setFocus('reading', { shouldSelect: true })}>Typing error</Button>
                <Button
                  onClick={() => {
                    setReplaced(true);
                    form.clearErrors();
                  }}
                >
                  It is another meter
                </Button>
              </div>
            )}
          </div>
        )}
        {(model.kind === 'boat' || more) && (
          <div>
            <p className="mb-1.5 font-semibold">Launches</p>
            <Stepper
              label="Launches"
              big
              value={Number(launches) || 0}
              max={200}
              onChange={(n) => {
                setInsisted(false);
                form.setValue('launches', String(n));
                form.clearErrors('launches');
              }}
            />
            {error('launches') && (
              <p role="alert" className="text-stop mt-1.5 font-medium">
                {error('launches')}
              </p>
            )}
          </div>
        )}
        {salty && Number(launches) > 0 && (
          <label className="flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="accent-accent size-6"
              checked={rinsed}
              onChange={(event) => setRinsed(event.target.checked)}
            />
            Rinsed with fresh water after
          </label>
        )}
        {more && (
          <>
            <Field
              label="Day it began, if another"
              type="date"
              error={error('started')}
              {...form.register('started', again)}
            />
            <Field label="Day it ended" type="date" error={error('date')} {...form.register('date', again)} />
            <Field label="Note" error={error('note')} {...form.register('note')} />
          </>
        )}
        <Button type="submit" look="primary" size="lg" disabled={form.formState.isSubmitting}>
          {insisted ? 'It is right, log it' : 'Log it'}
        </Button>
        <div className="-ml-4 flex flex-wrap">
          {!more && (
            <Button look="quiet" onClick={() => setMore(true)}>
              Another day, a note{model.kind === 'boat' ? '' : ', launches'}
            </Button>
          )}
          {WAYS.filter((way) => way.by !== by).map((way) => (
            <Button
              key={way.by}
              look="quiet"
              onClick={() => {
                form.setValue('by', way.by);
                setReplaced(false);
                form.clearErrors();
              }}
            >
              {way.label}
            </Button>
          ))}
        </div>
      </form>
    </Dialog>
  );
}
