'use client';

import { useState } from 'react';
import { parseQuantity, unitFor, markOfDuty } from '@/core/base';
import { countsAsSalt } from '@/core/rig';
import { endsUnderWay, tripEntries } from '@/core/record';
import { raised, type Duty } from '@/core/duty';
import type { RoadLimits } from '@/core/log';
import { differing } from '@/core/road';
import { TakenUp, useDraft, useRecord, useSheetForm } from '@/features/forms';
import { dutyHref, howFar, Named, RoadLine, rigView, type RigView, type Rigs } from '@/features/rigs';
import { to } from '@/links';
import { usePreferences, useYard } from '@/store';
import { dateField, dutyTitle, dutyWhy, measure, sinceWords, typed, words } from '@/text';
import { Button, Dialog, Field, FieldError, LinkButton, Mark, SheetForm, Stepper } from '@/ui';
import { readTrip, spanOf, type TripForm } from './trip-form';
import { countedOf, WAY_DRAFT, wayKey } from './way-draft';

type Ready = Extract<Rigs, { status: 'ready' }>;

function Became({
  rig,
  became,
  limits,
  now,
  onClose,
}: {
  rig: string;
  became: readonly Duty[];
  /** How far it may roll from here, where anything limits it. */
  limits: RoadLimits | undefined;
  now: string;
  onClose: () => void;
}) {
  const { units } = usePreferences();
  return (
    <div className="grid gap-4">
      {limits && <RoadLine rig={rig} limits={limits} now={now} />}
      {became.length === 0 && limits ? null : became.length === 0 ? (
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
                <p className="font-semibold">
                  <Named href={dutyHref(rig, duty)}>{dutyTitle(duty)}</Named>
                </p>
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

/** A trip as typed, and whether it was rinsed after. */
type Fresh = { -readonly [K in keyof TripForm]: TripForm[K] } & { rinsed: boolean };

/** What counted the trip beside its owner, where it came to something else: the owner's figure stands. */
function Differs({ text, counted }: { text: string; counted: ReturnType<typeof countedOf> }) {
  const { units } = usePreferences();
  const owner = parseQuantity(text, 'distance', unitFor('distance', units));
  if (!owner.ok) return null;
  return differing(owner.value, counted).map(({ by, counted: came }) => (
    <p key={by} role="status" className="border-soon border-l-4 pl-3">
      {by === 'position' ? 'By position' : 'The trip meter says'} it came to{' '}
      {measure(came, 'distance', units)}. Yours stands, and both are on record.
    </p>
  ));
}

/** Home again: one number and a button; then what became due, and why. A trip under way ends with it, and its miles are proposed. */
export function TripDialog({
  view,
  ready,
  proposed,
  onClose,
}: {
  view: RigView;
  ready: Ready;
  /** How far it has come by now (m), where the trip was followed. */
  proposed?: number | undefined;
  onClose: () => void;
}) {
  const { rig, model } = view;
  const way = rig.underWay;
  const followed = useDraft(WAY_DRAFT, wayKey(rig.id)).state;
  const counted =
    way && typeof followed === 'object' && followed.trip === way.entry ? countedOf(followed) : {};
  const meter = typeof followed === 'object' ? followed.meter : undefined;
  const preferred = usePreferences().units;
  const miles = proposed ?? way?.into ?? 0;
  const record = useRecord();
  const { store } = useYard();
  const [became, setBecame] = useState<{
    duties: readonly Duty[];
    miles: string;
    limits: RoadLimits | undefined;
    passed: boolean;
  }>();
  const [opened, setOpened] = useState(false);
  const fresh: Fresh = {
    by: model.miles === 'meter' ? 'meter' : 'miles',
    distance: miles > 0 ? typed(miles, 'distance', preferred, 0) : '',
    reading: '',
    launches: way ? String(way.launches) : model.kind === 'boat' ? '1' : '0',
    out: '',
    home: '',
    date: dateField(ready.now),
    started: '',
    note: '',
    replaced: false,
    rinsed: false,
  };
  const sheet = useSheetForm('trip', rig.id, fresh);
  const { form, units, insisted } = sheet;
  const { by, launches, replaced, rinsed } = sheet.values;
  const { errors } = form.formState;
  const more =
    opened ||
    // A trip begun on another day shows which.
    sheet.values.date !== fresh.date ||
    sheet.values.started !== '' ||
    sheet.values.note !== '' ||
    ['date', 'started', 'note'].some((field) => field in errors);
  const unit = unitFor('distance', units);
  const backwards = errors.reading?.type === 'backwards';
  const salty = countsAsSalt(model);

  const log = async () => {
    const { rinsed: _, ...values } = form.getValues();
    const read = readTrip(
      values,
      rig,
      model,
      units,
      ready.now,
      insisted,
      await store.send('trips', { rig: rig.id, ...spanOf(values, ready.now) }),
    );
    const wrongs = read.ok
      ? {}
      : Object.fromEntries(
          read.error.map(({ field, text, code, insist }) => [field, { text, code, ask: insist }]),
        );
    await sheet.submit(wrongs, async () => {
      if (!read.ok) return;
      const { happened } = read.value;
      const ends = endsUnderWay(rig, happened);
      const told = ends && (counted.position !== undefined || counted.instrument !== undefined);
      const body = {
        ...read.value.body,
        ...(told && { counted }),
        ...(told && counted.instrument !== undefined && meter && { from: meter }),
      };
      await record(
        rig.id,
        tripEntries(body, happened, rinsed && salty, rig),
        'Trip logged',
        [],
        [sheet.key, ...(ends ? [wayKey(rig.id)] : [])],
      );
      const yard = store.getSnapshot();
      const rolled = yard.status === 'ready' ? yard.state.rigs[rig.id] : undefined;
      // The very view that the Yard behind is drawn from: worked out once.
      const after = rolled && rigView(rolled, ready.runs, ready.now, ready.houseRules, ready.houseSeason);
      // What every trip asks for again is no news.
      const duties = raised(view.duties, after?.duties ?? []).filter((duty) => duty.matter !== 'moment');
      const limits = howFar(after?.limits, rig);
      setBecame({
        duties,
        miles: measure(body.distance, 'distance', units),
        limits,
        // What it was towed on with is used up by these miles.
        passed: limits?.roll === 'stay' && view.limits?.roll !== 'stay',
      });
    });
  };

  if (became)
    return (
      <Dialog
        open
        onClose={onClose}
        title={`${became.miles} logged`}
        description={
          became.passed
            ? 'A limit was passed on this trip: it stays where it is now.'
            : became.duties.length === 0
              ? `Nothing new came due for ${model.name}.`
              : `It brought ${words(became.duties.length, 'thing')} closer for ${model.name}.`
        }
      >
        <Became
          rig={rig.id}
          became={became.duties}
          limits={became.limits}
          now={ready.now}
          onClose={onClose}
        />
        <LinkButton className="mt-2 w-full" size="lg" href={to('road', rig.id, { walk: 'home' })}>
          Walk around it while it is warm
        </LinkButton>
      </Dialog>
    );

  return (
    <Dialog
      open
      onClose={onClose}
      title="Home again"
      description={
        way
          ? `${model.name}: on the road since ${sinceWords(way.at, view.now)}. How far was it towed in all?`
          : `${model.name}: how far was it towed?`
      }
    >
      <SheetForm save={log} label={insisted ? 'It is right: log the trip' : 'Log the trip'}>
        <TakenUp since={sheet.since} onStartOver={sheet.startOver} />
        {by === 'miles' || (by === 'meter' && (rig.meter === undefined || replaced)) ? (
          <Field
            label={
              by === 'miles' ? 'Towed' : replaced ? 'Towed on this trip' : 'Towed on this trip, first reading'
            }
            unit={unit}
            big
            inputMode="decimal"
            autoFocus
            {...sheet.field('distance')}
          />
        ) : null}
        {by === 'miles' && <Differs text={sheet.values.distance} counted={counted} />}
        {by === 'vehicle' && (
          <div className="grid grid-cols-2 gap-3">
            <Field
              label="Tow vehicle, going out"
              unit={unit}
              inputMode="decimal"
              autoFocus
              {...sheet.field('out')}
            />
            <Field label="And home again" unit={unit} inputMode="decimal" {...sheet.field('home')} />
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
                  ? `It read ${measure(rig.meter.reading, 'distance', units)} before.`
                  : undefined
              }
              {...sheet.field('reading')}
            />
            {backwards && !replaced && (
              <div className="mt-3 grid grid-cols-2 gap-2">
                <Button onClick={() => form.setFocus('reading', { shouldSelect: true })}>Typing error</Button>
                <Button
                  onClick={() => {
                    sheet.set('replaced', true);
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
              onChange={(n) => sheet.set('launches', String(n))}
            />
            {sheet.error('launches') && <FieldError>{sheet.error('launches')}</FieldError>}
          </div>
        )}
        {salty && Number(launches) > 0 && (
          <label className="flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="accent-accent size-6"
              checked={rinsed}
              onChange={(event) => sheet.set('rinsed', event.target.checked)}
            />
            Rinsed with fresh water after
          </label>
        )}
        {more && (
          <>
            <Field label="Day it began, if another" type="date" {...sheet.field('started')} />
            <Field label="Day it ended" type="date" {...sheet.field('date')} />
            <Field label="Note" {...sheet.field('note')} />
          </>
        )}
      </SheetForm>
      <div className="mt-5 -ml-4 flex flex-wrap">
        {!more && (
          <Button look="quiet" onClick={() => setOpened(true)}>
            Another day, a note{model.kind === 'boat' ? '' : ', launches'}
          </Button>
        )}
        {WAYS.filter((way) => way.by !== by).map((way) => (
          <Button
            key={way.by}
            look="quiet"
            onClick={() => {
              sheet.set('by', way.by);
              sheet.set('replaced', false);
              form.clearErrors();
            }}
          >
            {way.label}
          </Button>
        ))}
      </div>
    </Dialog>
  );
}
