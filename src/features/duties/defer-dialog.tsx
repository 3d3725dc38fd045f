'use client';

import { useState } from 'react';
import { stopLimit, type Duty } from '@/core/duty';
import { addDays, type Instant, parseQuantity, unitFor } from '@/core/base';
import type { RoutineId } from '@/core/rules';
import { useRecord } from '@/features/forms';
import { type RigView } from '@/features/rigs';
import { useFormUnits } from '@/store';
import { day, dutyTitle, dutyWhy, fromDateField, meterAmount, parseWords } from '@/text';
import { Dialog, Field, SheetForm, TextArea } from '@/ui';

/** How far a duty of safety may be put off at most, by its governing meter. */
function most(duty: Duty): { readonly by?: Instant; readonly distance?: number } {
  const use = duty.governing;
  if (duty.matter !== 'safety' || !use) return {};
  if (use.meter === 'days' && duty.from) return { by: addDays(duty.from.at, stopLimit(use)) };
  if (use.meter === 'distance') return { distance: Math.max(0, stopLimit(use) - use.used) };
  return {};
}

/** A duty put off: the reason, and the new limit, held to what is safe. */
export function DeferDialog({ view, duty, onClose }: { view: RigView; duty: Duty; onClose: () => void }) {
  const units = useFormUnits();
  const record = useRecord();
  const [reason, setReason] = useState('');
  const [date, setDate] = useState('');
  const [miles, setMiles] = useState('');
  const [errors, setErrors] = useState<{ reason?: string; date?: string; miles?: string }>({});
  const limit = most(duty);
  const unit = unitFor('distance', units);

  const save = async () => {
    const until = date === '' ? undefined : fromDateField(date, view.now);
    const far = miles.trim() === '' ? undefined : parseQuantity(miles, 'distance', unit);
    const found: typeof errors = {
      ...(reason.trim() === '' && { reason: 'Say why: it goes in the log.' }),
      ...(date !== '' && !until && { date: 'This is not a day of the calendar.' }),
      ...(until && until <= view.now && { date: 'Put it off to a day that is still to come.' }),
      ...(until &&
        limit.by &&
        until > limit.by && {
          date: `That is past ${day(limit.by, view.now)}, where waiting stops being safe. Choose a day before it.`,
        }),
      ...(far && !far.ok && { miles: parseWords(far.error, units) }),
      ...(far?.ok && far.value <= 0 && { miles: 'Put it off by some miles, or leave this empty.' }),
      ...(far?.ok &&
        limit.distance !== undefined &&
        far.value > limit.distance && {
          miles: `At most ${meterAmount('distance', limit.distance, units)} more is safe.`,
        }),
      ...(date === '' &&
        miles.trim() === '' && { date: 'Enter a day or a distance: nothing is put off forever.' }),
    };
    setErrors(found);
    if (Object.keys(found).length > 0) return;
    await record(
      view.rig.id,
      [
        {
          kind: 'deferral',
          body: {
            routine: duty.routine as RoutineId,
            place: duty.place,
            reason: reason.trim(),
            ...(until && { until }),
            ...(far?.ok && { distance: far.value }),
          },
        },
      ],
      `${dutyTitle(duty)} put off`,
    );
    onClose();
  };

  return (
    <Dialog
      open
      onClose={onClose}
      title={`Put off: ${dutyTitle(duty)}`}
      description={dutyWhy(duty, units, view.now)}
    >
      <SheetForm save={save} label="Put it off">
        {(limit.by ?? limit.distance !== undefined) && (
          <p className="border-soon border-l-4 pl-3">
            It matters for safety: it may wait{' '}
            {limit.by
              ? `until ${day(limit.by, view.now)}`
              : `${meterAmount('distance', limit.distance ?? 0, units)} more`}
            , and no longer.
          </p>
        )}
        <TextArea
          label="Why"
          likely="reason"
          maxLength={500}
          value={reason}
          onChange={(event) => setReason(event.target.value)}
          error={errors.reason}
        />
        <Field
          label="Until"
          type="date"
          value={date}
          error={errors.date}
          onChange={(event) => setDate(event.target.value)}
        />
        <Field
          label="Or for"
          unit={unit}
          inputMode="decimal"
          hint="Whichever comes first, where both are given."
          value={miles}
          error={errors.miles}
          onChange={(event) => setMiles(event.target.value)}
        />
      </SheetForm>
    </Dialog>
  );
}
