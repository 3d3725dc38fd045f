'use client';

import { useState } from 'react';
import type { ReadingId } from '@/core/rules';
import { judgeTaken, readingEntries } from '@/core/record';
import { pressureTarget } from '@/core/judge';
import { isWheelEnd, matesOf, hasBrake, axleOf, type TirePlace } from '@/core/rig';
import type { Dimension } from '@/core/base';
import type { ReadingTool } from '@/core/log';
import { JudgementNote, ReadingField, TakenUp, useRecord, useSheetForm } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { newId } from '@/store';
import { capital, placeName, readingName, readingVerdict } from '@/text';
import { Button, Choice, Dialog, FieldError, SheetForm } from '@/ui';

interface What {
  readonly id: string;
  readonly label: string;
  readonly dimension: Dimension;
  readonly by: ReadingTool;
  readonly fields: readonly ReadingId[];
}

const WHATS: readonly What[] = [
  { id: 'pressure', label: 'Cold pressure', dimension: 'pressure', by: 'gauge', fields: ['pressure'] },
  { id: 'hub', label: 'Hub temperature', dimension: 'temperature', by: 'thermometer', fields: ['hub-temp'] },
  {
    id: 'tread',
    label: 'Tread depth',
    dimension: 'length',
    by: 'ruler',
    fields: ['tread-inner', 'tread-middle', 'tread-outer'],
  },
  { id: 'lining', label: 'Lining left', dimension: 'length', by: 'ruler', fields: ['lining'] },
];

/** What is typed: up to three figures of what is read, and what stands around them. */
const FRESH = {
  what: 'pressure',
  first: '',
  second: '',
  third: '',
  mate: '',
  air: '',
  altitude: '',
  tireTemp: '',
  tires: 'cold',
};
const SLOTS = ['first', 'second', 'third'] as const;

/** What can be read at a place without taking anything apart, with what it was read with; a hub with its mate. */
export function ReadingDialog({
  view,
  place,
  onClose,
}: {
  view: RigView;
  place: TirePlace;
  onClose: () => void;
}) {
  const record = useRecord();
  const { model, rig } = view;
  const end = isWheelEnd(place) ? place : undefined;
  const across = end && matesOf(end, model).across;
  const braked = end ? hasBrake(model.axles[axleOf(end)] ?? {}) : false;
  const offered = WHATS.filter(({ id }) => (id === 'hub' ? end : id === 'lining' ? braked : true));
  const form = useSheetForm('reading', `${view.rig.id} ${place}`, FRESH);
  const { units } = form;
  const [values, setValues] = useState<Readonly<Record<string, number | undefined>>>({});
  const [air, setAir] = useState<number>();
  const [altitude, setAltitude] = useState<number>();
  const [tireTemp, setTireTemp] = useState<number>();
  const tires: 'cold' | 'warm' = form.values.tires === 'warm' ? 'warm' : 'cold';
  const what = offered.find((one) => one.id === form.values.what) ?? WHATS[0];
  if (!what) return null;
  const set = (key: string) => (value: number | undefined) => setValues((now) => ({ ...now, [key]: value }));
  const isHub = what.id === 'hub';
  const isPressure = what.id === 'pressure';
  const mate = isHub ? values['mate'] : undefined;
  const around = {
    ...(air !== undefined && (isHub || isPressure) && { air }),
    ...(isPressure && { tires }),
    ...(isPressure && tires === 'warm' && tireTemp !== undefined && { tireTemp }),
    ...(isPressure && altitude !== undefined && { altitude }),
  };
  const read = Object.fromEntries(
    what.fields.flatMap((field, i) => {
      const value = values[field];
      // What is worked out of a text comes a moment after it: a field begun afresh holds nothing.
      const blank = form.values[SLOTS[i] ?? 'first'].trim() === '';
      return value === undefined || blank ? [] : [[field, value] as const];
    }),
  );
  const save = () =>
    form.submit(
      { first: Object.keys(read).length === 0 ? 'Type a figure first, or close this.' : undefined },
      async () => {
        await record(
          rig.id,
          readingEntries({ place, by: what.by, values: read, mate, around }, view, newId),
          `${what.label} at ${placeName(place)} on record`,
          [],
          [form.key],
        );
        onClose();
      },
    );
  /** A figure of the form as it lies on disk. */
  const kept = (at: keyof typeof FRESH) => ({
    text: form.values[at],
    units,
    onText: (text: string) => form.set(at, text),
  });
  return (
    <Dialog open onClose={onClose} title={`Read at ${placeName(place)}`}>
      <SheetForm save={save} label="Add it to the log">
        <TakenUp since={form.since} onStartOver={form.startOver} />
        <Choice
          label="What"
          columns="grid-cols-2"
          options={offered.map((one) => ({ value: one.id, label: one.label }))}
          value={what.id}
          onChange={(next) => {
            form.set('what', next);
            setValues({});
            for (const slot of SLOTS) form.set(slot, '');
          }}
        />
        {what.fields.map((field, i) => {
          const value = values[field];
          const judged =
            value === undefined ? undefined : judgeTaken(field, value, { place, mate, around }, view);
          const words = judged && value !== undefined ? readingVerdict(judged, value, units) : undefined;
          return (
            <div key={`${what.id} ${field}`} className="grid gap-2">
              <ReadingField
                label={capital(readingName(field))}
                what={field}
                big={what.fields.length === 1}
                dimension={what.dimension}
                value={value}
                onValue={set(field)}
                kept={kept(SLOTS[i] ?? 'first')}
                target={isPressure ? pressureTarget(model, view.house)?.value : undefined}
                air={isHub ? air : undefined}
              />
              {judged && words && (
                <JudgementNote verdict={judged.verdict} source={words.source}>
                  {words.said}
                </JudgementNote>
              )}
            </div>
          );
        })}
        {isHub && across && (
          <ReadingField
            key="mate"
            label={`Its mate, ${across}`}
            what="hub-temp"
            dimension="temperature"
            value={values['mate']}
            onValue={set('mate')}
            kept={kept('mate')}
            air={air}
            hint="Read at the same stop: a hub is held against its mate first."
          />
        )}
        {(isHub || isPressure) && (
          <ReadingField
            label="Air, if you know it"
            what="air"
            dimension="temperature"
            value={air}
            onValue={setAir}
            kept={kept('air')}
          />
        )}
        {isPressure && (
          <ReadingField
            label="Altitude, if it is high"
            what="altitude"
            dimension="height"
            value={altitude}
            onValue={setAltitude}
            kept={kept('altitude')}
          />
        )}
        {isPressure && (
          <Choice
            label="The tire is"
            columns="grid-cols-2"
            options={[
              { value: 'cold', label: 'Cold', hint: 'parked three hours' },
              { value: 'warm', label: 'Warm', hint: 'judged by its own heat' },
            ]}
            value={tires}
            onChange={(value) => form.set('tires', value)}
          />
        )}
        {isPressure && tires === 'warm' && (
          <ReadingField
            label="How warm is the tire, if you can measure it"
            what="tire-temp"
            dimension="temperature"
            value={tireTemp}
            onValue={setTireTemp}
            kept={kept('tireTemp')}
            hint="With it the pressure is brought back to cold, and judged."
          />
        )}
        {form.error('first') && <FieldError>{form.error('first')}</FieldError>}
      </SheetForm>
      <Button look="quiet" className="-ml-4" onClick={onClose}>
        Leave it
      </Button>
    </Dialog>
  );
}
