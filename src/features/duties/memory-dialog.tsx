'use client';

import { useState } from 'react';
import { alsoDone, memoryEntries } from '@/core/record';
import type { Duty } from '@/core/duty';
import { parseQuantity, unitFor } from '@/core/base';
import { isWheelEnd } from '@/core/rig';
import type { RoutineId } from '@/core/rules';
import { useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { useFormUnits } from '@/store';
import { doneWords, dutyTitle, fromDateField, parseWords } from '@/text';
import { Dialog, Field, SheetForm } from '@/ui';
import { AlsoDone } from './also-done';

/** Work remembered from before the record began: its day, and its miles where they are known. */
export function MemoryDialog({ view, duty, onClose }: { view: RigView; duty: Duty; onClose: () => void }) {
  const { now } = view;
  const { place } = duty;
  const routine = duty.routine as RoutineId;
  const units = useFormUnits();
  const record = useRecord();
  const [date, setDate] = useState('');
  const [miles, setMiles] = useState('');
  const [all, setAll] = useState(false);
  const [also, setAlso] = useState<readonly RoutineId[]>([]);
  const [errors, setErrors] = useState<{ date?: string; miles?: string }>({});
  const alike = view.duties.filter((one) => one.routine === routine && one.verdict === 'unknown');
  const places = all ? alike.map((one) => one.place) : [place];
  const offered = alsoDone(routine, place, view.model, view.house, 'remembered');

  const save = async () => {
    const happened = fromDateField(date, now);
    const since =
      miles.trim() === '' ? undefined : parseQuantity(miles, 'distance', unitFor('distance', units));
    const found: typeof errors = {
      ...(!happened && { date: 'Enter the day, as near as you know it.' }),
      ...(happened && happened > now && { date: 'That day has not come yet.' }),
      ...(since && !since.ok && { miles: parseWords(since.error, units) }),
      ...(since?.ok && (since.value < 0 || since.value > 1.6e9) && { miles: 'That cannot be right.' }),
    };
    setErrors(found);
    if (Object.keys(found).length > 0 || !happened) return;
    await record(
      view.rig.id,
      memoryEntries(routine, places, happened, also, since?.ok ? since.value : undefined),
      `${doneWords(routine, places)}, noted from memory`,
    );
    onClose();
  };

  return (
    <Dialog
      open
      onClose={onClose}
      title={`${dutyTitle(duty)}: when was it last done?`}
      description="From your own memory or a receipt. It is kept as remembered, not as seen."
    >
      <SheetForm save={save} label="Note it">
        <Field
          label="Day"
          type="date"
          value={date}
          error={errors.date}
          onChange={(event) => setDate(event.target.value)}
        />
        <Field
          label="Towed since, if you know"
          unit={unitFor('distance', units)}
          inputMode="decimal"
          hint="Left empty, its miles count from when this record began, shown as “at least”."
          value={miles}
          error={errors.miles}
          onChange={(event) => setMiles(event.target.value)}
        />
        {alike.length > 1 && (
          <label className="flex min-h-11 items-center gap-3">
            <input
              type="checkbox"
              className="accent-accent size-6"
              checked={all}
              onChange={(event) => setAll(event.target.checked)}
            />
            {isWheelEnd(place)
              ? 'All wheel ends on the same day'
              : `All ${alike.length} places on the same day`}
          </label>
        )}
        <AlsoDone offered={offered} also={also} onAlso={setAlso} />
      </SheetForm>
    </Dialog>
  );
}
