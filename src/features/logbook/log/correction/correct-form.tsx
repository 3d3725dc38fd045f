'use client';

import { useState } from 'react';
import type { Entry } from '@/core/log';
import { unitFor, type UnitSystem } from '@/core/base';
import { gradesOf, type ReadingId, type Subject } from '@/core/rules';
import { THICKENERS } from '@/core/figures';
import { SEVERITIES, useRecord } from '@/features/forms';
import { type Rigs } from '@/features/rigs';
import { useFormUnits, useYard } from '@/store';
import {
  capital,
  gradeWords,
  readingName,
  readingDimension,
  readingUnit,
  SUBJECT_WORDS,
  THICKENER_WORDS,
} from '@/text';
import { Button, Choice, Field, FieldError, TextArea, reported } from '@/ui';

import { readCorrection, valuesOf } from './read';
import { happenedOn, type Errors, type Values } from './typed';

type Ready = Extract<Rigs, { status: 'ready' }>;

function unitOf(what: ReadingId, units: UnitSystem): string | undefined {
  const dimension = readingDimension(what);
  return dimension ? unitFor(dimension, units) : readingUnit(what);
}

/** The grades to choose from, with the one on record where it is no longer offered. */
function offered(subject: Subject, now: string): readonly string[] {
  const grades: readonly string[] = gradesOf(subject);
  return grades.includes(now) ? grades : [now, ...grades];
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
  const units = useFormUnits();
  const record = useRecord();
  const { store } = useYard();
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
    const happened = happenedOn(entry, values, ready.now);
    const stood = happened ? await store.send('before', { id: entry.id, happened }) : undefined;
    const around = { rig: ready.state.rigs[entry.rig], before: stood?.rig, now: ready.now };
    const read = readCorrection(entry, values, around, units, insisted);
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
        reported(save());
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
              unit={unitOf(one.what, units)}
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
              options={offered(one.subject, one.grade).map((value) => ({
                value,
                label: gradeWords(one.subject, value, units),
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
            { value: 'half-flat', label: 'One moved, half a flat (30°) at most' },
            { value: 'over-half', label: 'One moved more than half a flat' },
            { value: 'over-flat', label: 'One moved more than a flat (60°)' },
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
      {entry.kind === 'rig.retired' && <TextArea label="Why" maxLength={500} {...text('reason')} />}
      {(entry.kind === 'part.fitted' || entry.kind === 'part.moved') && (
        <TextArea label="Note" maxLength={500} {...text('note')} />
      )}
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
