'use client';

import { unitFor } from '@/core/base';
import { BRAKES, HUBS, KINDS, LOCKS, STUD_COUNTS, TEMPLATES, type TemplateId } from '@/core/rig';
import { SourceChoice } from '@/features/rig/facts';
import {
  BRAKE_WORDS,
  HUB_HINTS,
  HUB_WORDS,
  KIND_HINTS,
  KIND_WORDS,
  LOCK_WORDS,
  TEMPLATE_WORDS,
} from '@/text';
import { Choice, Field } from '@/ui';
import type { SetupEdit } from './edit';
import { Part } from './part';
import type { SetupForm } from './setup-form';

const AXLE_WORDS = { '1': 'One axle', '2': 'Two axles', '3': 'Three axles' } as const;

const NOT_KNOWN = { value: 'unknown', label: 'Not known yet' } as const;

/** Common layouts to begin with. */
export function Templates({ values, onTemplate }: SetupEdit & { onTemplate: (id: TemplateId) => void }) {
  return (
    <Part
      title="Begin with a common layout"
      unlocks="Structure only: no figure is filled in. Or enter it yourself below."
    >
      <Choice
        label="Layout"
        hideLabel
        columns="grid-cols-1 sm:grid-cols-2 xl:grid-cols-3"
        options={(Object.keys(TEMPLATES) as TemplateId[]).map((value) => ({
          value,
          label: TEMPLATE_WORDS[value].name,
          hint: TEMPLATE_WORDS[value].hint,
        }))}
        value={values.template === '' ? undefined : values.template}
        onChange={onTemplate}
      />
    </Part>
  );
}

/** Name and kind. */
export function WhatItIs({ values, errors, set, text }: SetupEdit) {
  return (
    <Part title="What it is">
      <div data-field="name">
        <Field label="Name" placeholder="as you call it" maxLength={60} {...text('name')} />
      </div>
      <div data-field="kind">
        <Choice
          label="Kind"
          columns="grid-cols-1 sm:grid-cols-3"
          options={KINDS.map((value) => ({ value, label: KIND_WORDS[value], hint: KIND_HINTS[value] }))}
          value={values.kind === '' ? undefined : values.kind}
          onChange={(value) => set('kind', value)}
          error={errors.kind?.text}
        />
      </div>
    </Part>
  );
}

/** Axles, suspension, and brakes for each axle. */
export function AxlesAndBrakes({ values, set }: SetupEdit) {
  const axles = Number(values.axles);
  return (
    <Part
      title="Axles and brakes"
      unlocks="Unlocks: every wheel end as a place of its own, and the steps it needs."
    >
      <Choice
        label="Axles"
        columns="grid-cols-3"
        options={(['1', '2', '3'] as const).map((value) => ({ value, label: AXLE_WORDS[value] }))}
        value={values.axles}
        onChange={(value) => {
          const last = values.brakes[axles - 1] ?? 'unknown';
          // An axle that is added is taken to be like the one before it.
          const brakes = values.brakes.map((brake, i) => (i >= axles && i < Number(value) ? last : brake));
          set('brakes', brakes as SetupForm['brakes']);
          set('axles', value);
        }}
      />
      <Choice
        label="Suspension"
        columns="grid-cols-2"
        options={[
          { value: 'leaf', label: 'Leaf springs', hint: 'bent steel strips on each side' },
          { value: 'torsion', label: 'Torsion', hint: 'rubber inside the axle tube, no springs' },
        ]}
        value={values.suspension}
        onChange={(value) => set('suspension', value)}
      />
      {Array.from({ length: axles }, (_, i) => (
        <Choice
          key={i}
          label={axles === 1 ? 'Brakes' : `Brakes, axle ${i + 1} from the front`}
          hint={i === 0 ? 'Two wires to the backing plate mean electric brakes.' : undefined}
          columns="grid-cols-2 sm:grid-cols-3 xl:grid-cols-5"
          options={[...BRAKES.map((value) => ({ value, label: BRAKE_WORDS[value] })), NOT_KNOWN]}
          value={values.brakes[i]}
          onChange={(value) =>
            set('brakes', values.brakes.map((brake, at) => (at === i ? value : brake)) as SetupForm['brakes'])
          }
        />
      ))}
    </Part>
  );
}

/** The hub, and what locks its nut. */
export function Hubs({ values, set }: SetupEdit) {
  return (
    <Part title="Hubs" unlocks="Unlocks: when each hub is repacked, and how it is opened.">
      <Choice
        label="Hub"
        hint="Look at the cap. A rubber plug does not prove a drilled spindle: the same cap fits plain ones."
        columns="grid-cols-1 sm:grid-cols-2"
        options={[
          ...HUBS.map((value) => ({ value, label: HUB_WORDS[value], hint: HUB_HINTS[value] })),
          { ...NOT_KNOWN, hint: 'asked for before a hub is opened' },
        ]}
        value={values.hub}
        onChange={(value) => set('hub', value)}
      />
      <Choice
        label="The nut is locked by"
        hint="Seen once the cap is off."
        columns="grid-cols-2 sm:grid-cols-4"
        options={[...LOCKS.map((value) => ({ value, label: LOCK_WORDS[value] })), NOT_KNOWN]}
        value={values.lock}
        onChange={(value) => set('lock', value)}
      />
    </Part>
  );
}

/** Studs, lug torque with its source, spares. */
export function Wheels({ values, errors, units, set, text }: SetupEdit) {
  return (
    <Part title="Wheels" unlocks="Unlocks: the star, its stages, and rechecks after every refit.">
      <div data-field="studs">
        <Choice
          label="Studs on one wheel"
          columns="grid-cols-4"
          options={STUD_COUNTS.map((value) => ({
            value: String(value) as SetupForm['studs'],
            label: String(value),
          }))}
          value={values.studs === '' ? undefined : values.studs}
          onChange={(value) => set('studs', value)}
          error={errors.studs?.text}
        />
      </div>
      <div data-field="torque" className="grid gap-4 sm:grid-cols-2">
        <Field
          label="Lug torque"
          unit={unitFor('torque', units)}
          inputMode="decimal"
          hint="Empty if you do not know it. The trailer's manual outranks any table."
          {...text('torque')}
        />
        <Choice
          label="Stud diameter, in"
          hint="Measured over the threads."
          columns="grid-cols-4"
          options={[
            { value: '1/2', label: '1/2' },
            { value: '9/16', label: '9/16' },
            { value: '5/8', label: '5/8' },
            { value: 'unknown', label: 'Not known' },
          ]}
          value={values.studDiameter === '' ? 'unknown' : values.studDiameter}
          onChange={(value) =>
            set('studDiameter', value === 'unknown' ? '' : (value as SetupForm['studDiameter']))
          }
        />
      </div>
      {values.torque.trim() !== '' && (
        <div data-field="torqueSource">
          <SourceChoice
            label="Lug torque comes from"
            value={values.torqueSource}
            onChange={(value) => set('torqueSource', value)}
            error={errors.torqueSource?.text}
          />
        </div>
      )}
      <Choice
        label="Spares carried"
        columns="grid-cols-3"
        options={(['0', '1', '2'] as const).map((value) => ({
          value,
          label: value === '0' ? 'None' : value,
        }))}
        value={values.spares}
        onChange={(value) => set('spares', value)}
      />
    </Part>
  );
}

/** How miles come in; later readings come with trips, so only a set-up asks for the first. */
export function Miles({ values, units, set, text, first }: SetupEdit & { first: boolean }) {
  return (
    <Part title="Miles" unlocks="Unlocks: what has come due since the last work.">
      <Choice
        label="How miles come in"
        columns="grid-cols-1 sm:grid-cols-2"
        options={[
          { value: 'trips', label: 'Trip by trip', hint: 'you enter the miles of each trip' },
          { value: 'meter', label: "The trailer's own meter", hint: 'hub meter or odometer' },
        ]}
        value={values.miles}
        onChange={(value) => set('miles', value)}
      />
      {values.miles === 'meter' && first && (
        <div data-field="reading">
          <Field
            label="It reads now"
            unit={unitFor('distance', units)}
            inputMode="decimal"
            {...text('reading')}
          />
        </div>
      )}
    </Part>
  );
}
