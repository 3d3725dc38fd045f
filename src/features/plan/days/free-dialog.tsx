'use client';

import { useState } from 'react';
import { HOUSE } from '@/core/log';
import { PLAN_WEEKS, type FreeDays } from '@/core/rules';
import { useRecord } from '@/features/forms';
import { weekday } from '@/text';
import { noonOf } from '@/text/plan';
import { Button, Choice, Dialog, Field, FieldError, SheetForm } from '@/ui';
import { readFree, type FreeErrors, type FreeForm } from './free-form';

// A Monday, and the six days after it.
const NAMES = Array.from({ length: 7 }, (_, i) => weekday(noonOf(`2024-01-0${i + 1}`)));
const NONE: FreeErrors = { hours: {}, blocked: {} };

/** The days its owner can give, for all rigs: hours by day of the week, spans with none, and how far ahead. */
export function FreeDialog({ free, own, onClose }: { free: FreeDays; own: boolean; onClose: () => void }) {
  const record = useRecord();
  const [form, setForm] = useState<FreeForm>({
    hours: free.week.map((some) => (some === 0 ? '' : String(some / 60))),
    blocked: [...free.blocked, { from: '', to: '' }],
    weeks: free.weeks,
  });
  const [errors, setErrors] = useState<FreeErrors>(NONE);
  const save = async () => {
    const read = readFree(form);
    setErrors(read.ok ? NONE : read.error);
    if (!read.ok) return;
    await record(HOUSE, [{ kind: 'plan.set', body: read.value }], 'Free days saved');
    onClose();
  };
  const hours = (i: number, value: string) =>
    setForm((before) => ({ ...before, hours: before.hours.map((one, at) => (at === i ? value : one)) }));
  const span = (i: number, part: Partial<FreeForm['blocked'][number]>) =>
    setForm((before) => ({
      ...before,
      blocked: before.blocked.map((one, at) => (at === i ? { ...one, ...part } : one)),
    }));
  return (
    <Dialog
      open
      onClose={onClose}
      title="My free days"
      description={
        own
          ? 'Yard days are chosen among these, for all rigs.'
          : 'Saturdays and Sundays, six hours each, until you say otherwise. It holds for all rigs.'
      }
    >
      <SheetForm save={save} label="Save it">
        <fieldset className="grid gap-2">
          <legend className="mb-1 font-semibold">Hours I can give</legend>
          <div className="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
            {NAMES.map((name, i) => (
              <Field
                key={name}
                label={name}
                unit="h"
                inputMode="decimal"
                placeholder="0"
                value={form.hours[i] ?? ''}
                error={errors.hours[i]}
                onChange={(event) => hours(i, event.target.value)}
              />
            ))}
          </div>
        </fieldset>
        <fieldset className="grid gap-3">
          <legend className="mb-1 font-semibold">Not free</legend>
          {form.blocked.map((one, i) => (
            <div key={i} className="grid gap-1">
              <div className="grid grid-cols-2 gap-3">
                <Field
                  label="From"
                  type="date"
                  value={one.from}
                  onChange={(event) => span(i, { from: event.target.value })}
                />
                <Field
                  label="To"
                  type="date"
                  value={one.to}
                  onChange={(event) => span(i, { to: event.target.value })}
                />
              </div>
              {errors.blocked[i] && <FieldError>{errors.blocked[i]}</FieldError>}
            </div>
          ))}
          <div>
            <Button
              onClick={() =>
                setForm((before) => ({ ...before, blocked: [...before.blocked, { from: '', to: '' }] }))
              }
            >
              One more span
            </Button>
          </div>
        </fieldset>
        <Choice
          label="Plan ahead"
          columns="grid-cols-3"
          options={PLAN_WEEKS.map((weeks) => ({ value: String(weeks), label: `${weeks} weeks` }))}
          value={String(form.weeks)}
          onChange={(weeks) => setForm((before) => ({ ...before, weeks: Number(weeks) }))}
        />
      </SheetForm>
    </Dialog>
  );
}
