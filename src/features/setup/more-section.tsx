'use client';

import { unitFor } from '@/core/quantity';
import { endPlayWindow, HOUSE_REPACK } from '@/core/rules';
import { measure } from '@/text';
import { Choice, Field } from '@/ui';
import type { SetupEdit } from './edit';
import { SourceChoice } from './fact';

const FIELDS = [
  'pitch',
  'slots',
  'spindleSource',
  'playMin',
  'playMax',
  'playSource',
  'everyDistance',
  'everyDays',
  'everyLaunches',
  'everySource',
] as const;

/** What can wait: spindle thread and slots, the maker's end play, the owner's own repack interval. */
export function More({ values, errors, units, set, text, open }: SetupEdit & { open: boolean }) {
  const window = endPlayWindow({});
  const boat = values.kind === 'boat';
  return (
    <details
      className="border-ink group border-t-2 pt-3 pb-6"
      open={open || FIELDS.some((field) => errors[field])}
    >
      <summary className="figures min-h-11 py-2 text-2xl font-semibold">More, when you have it</summary>
      <p className="text-soft mb-5">
        Thread pitch and slots: end play per slot. A maker&apos;s repack figure: goes ahead of the house rule.
      </p>
      <div className="grid gap-6">
        <div data-field="pitch" className="grid gap-4 sm:grid-cols-2">
          <Field
            label="Spindle thread"
            unit={values.pitchUnit === 'tpi' ? 'threads per inch' : 'mm pitch'}
            inputMode="decimal"
            hint="With a thread gauge, or by counting threads along a rule."
            {...text('pitch')}
          />
          <Choice
            label="Measured in"
            columns="grid-cols-2"
            options={[
              { value: 'tpi', label: 'threads per inch' },
              { value: 'mm', label: 'mm pitch' },
            ]}
            value={values.pitchUnit}
            onChange={(value) => set('pitchUnit', value)}
          />
        </div>
        <div className="grid gap-4 sm:grid-cols-2">
          <Field label="Slots in the spindle nut" unit="slots" inputMode="numeric" {...text('slots')} />
          <Choice
            label="Pin holes through the spindle"
            columns="grid-cols-3"
            options={[
              { value: '1', label: 'One' },
              { value: '2', label: 'Two, crossed' },
              { value: 'unknown', label: 'Not known' },
            ]}
            value={values.pinHoles === '' ? 'unknown' : values.pinHoles}
            onChange={(value) => set('pinHoles', value === 'unknown' ? '' : (value as '1' | '2'))}
          />
        </div>
        {(values.pitch !== '' || values.slots !== '' || values.pinHoles !== '') && (
          <SourceChoice
            label="Thread, slots and holes come from"
            value={values.spindleSource}
            onChange={(value) => set('spindleSource', value)}
            error={errors.spindleSource?.text}
          />
        )}
        <div className="grid gap-4 sm:grid-cols-2">
          <Field
            label="Maker's end play, from"
            unit={unitFor('length', units)}
            inputMode="decimal"
            {...text('playMin')}
          />
          <Field
            label="to"
            unit={unitFor('length', units)}
            inputMode="decimal"
            hint={`Empty: the house window, ${measure(window.min, 'length', units)} to ${measure(window.max, 'length', units)}.`}
            {...text('playMax')}
          />
        </div>
        {values.playMax !== '' && (
          <SourceChoice
            label="End play comes from"
            value={values.playSource}
            onChange={(value) => set('playSource', value)}
            error={errors.playSource?.text}
          />
        )}
        <div className={boat ? 'grid gap-4 sm:grid-cols-3' : 'grid gap-4 sm:grid-cols-2'}>
          <Field
            label="Repack every"
            unit={unitFor('distance', units)}
            inputMode="decimal"
            hint={`Empty: ${measure(HOUSE_REPACK.distance, 'distance', units)} by the house rule.`}
            {...text('everyDistance')}
          />
          <Field
            label="or every"
            unit="days"
            inputMode="numeric"
            hint={`Empty: ${HOUSE_REPACK.days} days.`}
            {...text('everyDays')}
          />
          {boat && (
            <Field
              label="or every"
              unit="launches"
              inputMode="numeric"
              hint="Empty: not counted."
              {...text('everyLaunches')}
            />
          )}
        </div>
        {(values.everyDistance !== '' || values.everyDays !== '' || values.everyLaunches !== '') && (
          <SourceChoice
            label="The repack interval comes from"
            value={values.everySource}
            onChange={(value) => set('everySource', value)}
            error={errors.everySource?.text}
          />
        )}
      </div>
    </details>
  );
}
