'use client';

import { useState } from 'react';
import { fail, ok, type Result } from '@/core/base';
import { foldEntries, type Entry, type EntryOf } from '@/core/log';
import { parseNumber, parseQuantity, unitFor, type UnitSystem } from '@/core/quantity';
import { THICKENERS } from '@/core/rules';
import { useRecord, type Draft, type Rigs } from '@/features/common';
import { readTrip, SEVERITIES } from '@/features/yard';
import { usePreferences } from '@/store';
import {
  capital,
  dateField,
  fromDateField,
  gradesOf,
  gradeWords,
  parseWords,
  readingName,
  readingUnit,
  SUBJECT_WORDS,
  THICKENER_WORDS,
  typed,
} from '@/text';
import { Button, Choice, Field, FieldError, TextArea } from '@/ui';

type Ready = Extract<Rigs, { status: 'ready' }>;
type Values = Readonly<Record<string, string>>;
type Errors = Readonly<Record<string, string>>;

/** What is wrong with a correction; `insist` where the same again would be taken. */
interface Refusal {
  readonly errors: Errors;
  readonly insist: boolean;
}

/** An entry's figures as text, to be typed over. */
function valuesOf(entry: Entry, system: UnitSystem): Values {
  const day = { date: dateField(entry.happened) };
  switch (entry.kind) {
    case 'trip':
      return {
        ...day,
        distance: typed(entry.body.distance, 'distance', system),
        launches: String(entry.body.launches),
        reading: entry.body.reading === undefined ? '' : typed(entry.body.reading, 'distance', system),
        note: entry.body.note ?? '',
      };
    case 'meter':
      return { ...day, reading: typed(entry.body.reading, 'distance', system) };
    case 'work':
      return {
        ...day,
        note: entry.body.note ?? '',
        ...Object.fromEntries(
          entry.body.readings.map((one, i) => [`reading ${i}`, readingText(one.what, one.value, system)]),
        ),
        ...Object.fromEntries(entry.body.conditions.map((one, i) => [`grade ${i}`, one.grade])),
        ...Object.fromEntries(entry.body.materials.map((one, i) => [`grease ${i}`, one.grease])),
      };
    case 'recheck':
      return { ...day, result: entry.body.result };
    case 'finding.opened':
      return { ...day, verdict: entry.body.verdict, text: entry.body.text };
    case 'finding.closed':
      return { ...day, how: entry.body.how };
    case 'note':
      return { ...day, text: entry.body.text };
    case 'rig.setup':
    case 'rig.changed':
    case 'void':
      return day;
  }
}

function readingText(what: string, value: number | string, system: UnitSystem): string {
  if (typeof value === 'string') return value;
  return what === 'end-play' ? typed(value, 'length', system, 4) : String(value);
}

function readWork(
  body: EntryOf<'work'>['body'],
  values: Values,
  system: UnitSystem,
): Result<EntryOf<'work'>['body'], Errors> {
  const errors: Record<string, string> = {};
  const { note: _, ...rest } = body;
  const readings = body.readings.flatMap((one, i) => {
    const key = `reading ${i}`;
    const text = values[key]?.trim() ?? '';
    // What was not touched keeps its value to the last digit.
    if (text === readingText(one.what, one.value, system)) return [one];
    if (text === '') return [];
    if (typeof one.value === 'string') return [{ ...one, value: text }];
    const read =
      one.what === 'end-play' ? parseQuantity(text, 'length', unitFor('length', system)) : parseNumber(text);
    if (!read.ok) errors[key] = parseWords(read.error, system);
    else if (read.value < 0) errors[key] = 'This cannot be less than nothing.';
    return read.ok ? [{ ...one, value: read.value }] : [];
  });
  if (Object.keys(errors).length > 0) return fail(errors);
  const note = values['note']?.trim() ?? '';
  return ok({
    ...rest,
    readings,
    conditions: body.conditions.map((one, i) => ({ ...one, grade: values[`grade ${i}`] ?? one.grade })),
    materials: body.materials.map((one, i) => ({
      ...one,
      grease: THICKENERS.find((t) => t === values[`grease ${i}`]) ?? one.grease,
    })),
    ...(note !== '' && { note }),
  });
}

const refuse = (errors: Errors) => fail<Refusal>({ errors, insist: false });

/** The corrected entry from what was typed, or what is wrong at which field. */
function readCorrection(
  entry: Entry,
  values: Values,
  ready: Ready,
  system: UnitSystem,
  insisted: boolean,
): Result<Draft, Refusal> {
  const date = values['date'] ?? '';
  // An entry keeps its time of day unless its day was changed.
  const happened = date === dateField(entry.happened) ? entry.happened : fromDateField(date, ready.now);
  if (!happened) return refuse({ date: 'This is not a day of the calendar.' });
  if (happened > ready.now) return refuse({ date: 'That day has not come yet.' });
  const stamp = { happened, replaces: entry.id };
  const text = (key: string, empty: string): Result<string, Refusal> => {
    const value = values[key]?.trim() ?? '';
    return value === '' ? refuse({ [key]: empty }) : ok(value);
  };
  switch (entry.kind) {
    case 'trip': {
      const earlier = ready.fold.entries.filter(
        (one) => one.happened < happened && one.id !== entry.id && !ready.fold.dead.has(one.id),
      );
      const rig = foldEntries(earlier).state.rigs[entry.rig];
      const model = ready.fold.state.rigs[entry.rig]?.model;
      if (!model) return refuse({ date: 'The rig of this trip is not in this yard.' });
      const read = readTrip(
        {
          by: values['reading'] === '' ? 'miles' : 'meter',
          distance: values['distance'] ?? '',
          reading: values['reading'] ?? '',
          launches: values['launches'] ?? '',
          date,
          note: values['note'] ?? '',
          replaced: entry.body.replaced ?? false,
        },
        { meter: rig?.meter },
        model,
        system,
        ready.now,
        insisted,
      );
      if (!read.ok)
        return fail({
          errors: Object.fromEntries(read.error.map((error) => [error.field, error.text])),
          insist: read.error.every((error) => error.insist),
        });
      return ok({ kind: 'trip', body: read.value.body, ...stamp });
    }
    case 'meter': {
      const read = parseQuantity(values['reading'] ?? '', 'distance', unitFor('distance', system));
      if (!read.ok) return refuse({ reading: parseWords(read.error, system) });
      if (read.value < 0) return refuse({ reading: 'A meter cannot read less than nothing.' });
      return ok({ kind: 'meter', body: { ...entry.body, reading: read.value }, ...stamp });
    }
    case 'work': {
      const read = readWork(entry.body, values, system);
      return read.ok ? ok({ kind: 'work', body: read.value, ...stamp }) : refuse(read.error);
    }
    case 'recheck':
      return ok({
        kind: 'recheck',
        body: { ...entry.body, result: values['result'] as EntryOf<'recheck'>['body']['result'] },
        ...stamp,
      });
    case 'finding.opened': {
      const read = text('text', 'Say what it is.');
      if (!read.ok) return read;
      const verdict = values['verdict'] as EntryOf<'finding.opened'>['body']['verdict'];
      return ok({ kind: 'finding.opened', body: { ...entry.body, verdict, text: read.value }, ...stamp });
    }
    case 'finding.closed': {
      const read = text('how', 'Say what was done.');
      return read.ok
        ? ok({ kind: 'finding.closed', body: { ...entry.body, how: read.value }, ...stamp })
        : read;
    }
    case 'note': {
      const read = text('text', 'There is nothing in it.');
      return read.ok ? ok({ kind: 'note', body: { text: read.value }, ...stamp }) : read;
    }
    case 'rig.setup':
    case 'rig.changed':
    case 'void':
      return refuse({ date: 'This entry is set right elsewhere.' });
  }
}

/** An entry typed over: a new one that corrects it. */
export function CorrectForm({
  entry,
  ready,
  onDone,
  onCancel,
}: {
  entry: Entry;
  ready: Ready;
  onDone: () => void;
  onCancel: () => void;
}) {
  const { units: preferred } = usePreferences();
  // The figures were set out in these units: they hold until the form is closed.
  const [units] = useState(preferred);
  const record = useRecord();
  const [values, setValues] = useState<Values>(() => valuesOf(entry, units));
  const [errors, setErrors] = useState<Errors>({});
  const [insisted, setInsisted] = useState(false);

  const set = (key: string, value: string) => {
    setValues({ ...values, [key]: value });
    setErrors({});
    setInsisted(false);
  };
  const text = (key: string) => ({
    value: values[key] ?? '',
    error: errors[key],
    onChange: (event: { target: { value: string } }) => set(key, event.target.value),
  });
  const save = async () => {
    const read = readCorrection(entry, values, ready, units, insisted);
    if (!read.ok) {
      setErrors(read.error.errors);
      setInsisted(read.error.insist);
      return;
    }
    await record(entry.rig, [read.value], 'Corrected');
    onDone();
  };
  const distance = unitFor('distance', units);

  return (
    <form
      noValidate
      className="grid gap-4"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <Field label="Day" type="date" {...text('date')} />
      {entry.kind === 'trip' && (
        <>
          {entry.body.reading === undefined ? (
            <Field label="Towed" unit={distance} inputMode="decimal" {...text('distance')} />
          ) : (
            <Field label="Meter at its end" unit={distance} inputMode="decimal" {...text('reading')} />
          )}
          {entry.body.replaced && (
            <Field label="Towed on this trip" unit={distance} inputMode="decimal" {...text('distance')} />
          )}
          <Field label="Launches" inputMode="numeric" {...text('launches')} />
          <Field label="Note" {...text('note')} />
        </>
      )}
      {entry.kind === 'meter' && (
        <Field label="Meter" unit={distance} inputMode="decimal" {...text('reading')} />
      )}
      {entry.kind === 'work' && (
        <>
          {entry.body.readings.map((one, i) => (
            <Field
              key={`reading ${i}`}
              label={`${capital(readingName(one.what))}, ${one.place}`}
              unit={one.what === 'end-play' ? unitFor('length', units) : readingUnit(one.what)}
              {...text(`reading ${i}`)}
            />
          ))}
          {entry.body.materials.map((one, i) => (
            <Choice
              key={`grease ${i}`}
              label={`Grease, ${one.place}`}
              columns="grid-cols-2"
              options={THICKENERS.map((value) => ({ value, label: THICKENER_WORDS[value] }))}
              value={THICKENERS.find((t) => t === values[`grease ${i}`])}
              onChange={(value) => set(`grease ${i}`, value)}
            />
          ))}
          {entry.body.conditions.map((one, i) => (
            <Choice
              key={`grade ${i}`}
              label={`${SUBJECT_WORDS[one.subject].name}, ${one.place}`}
              columns="grid-cols-2"
              options={gradesOf(one.subject).map((value) => ({
                value,
                label: gradeWords(one.subject, value),
              }))}
              value={values[`grade ${i}`]}
              onChange={(value) => set(`grade ${i}`, value)}
            />
          ))}
          <TextArea label="Note" maxLength={2000} {...text('note')} />
        </>
      )}
      {entry.kind === 'recheck' && (
        <Choice
          label={`The nuts of ${entry.body.place}`}
          columns="grid-cols-1"
          options={[
            { value: 'held', label: 'All held' },
            { value: 'moved', label: 'One moved' },
            { value: 'loose', label: 'Loose by hand' },
          ]}
          value={values['result']}
          onChange={(value) => set('result', value)}
        />
      )}
      {entry.kind === 'finding.opened' && (
        <>
          <TextArea label="What" maxLength={500} {...text('text')} />
          <Choice
            label="How bad"
            columns="grid-cols-1"
            options={SEVERITIES}
            value={SEVERITIES.find((one) => one.value === values['verdict'])?.value}
            onChange={(value) => set('verdict', value)}
          />
        </>
      )}
      {entry.kind === 'finding.closed' && <TextArea label="What was done" maxLength={500} {...text('how')} />}
      {entry.kind === 'note' && <TextArea label="Note" maxLength={2000} {...text('text')} />}
      {Object.keys(errors).length > 0 && (
        <FieldError>The correction is not written yet: see above.</FieldError>
      )}
      <div className="flex gap-2.5">
        <Button type="submit" look="primary" size="lg" className="flex-1">
          {insisted ? 'It is right, write it' : 'Write the correction'}
        </Button>
        <Button size="lg" onClick={onCancel}>
          Leave it
        </Button>
      </div>
    </form>
  );
}
