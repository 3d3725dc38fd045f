'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { axleSchema, BRAKES, HUBS, KINDS, LOCKS, STUD_COUNTS, WATERS, type RigModel } from '@/core/rig';
import { endPlayWindow, HOUSE_REPACK } from '@/core/rules';
import { useRecord } from '@/features/common';
import { newId, usePreferences, useYard } from '@/store';
import {
  BRAKE_WORDS,
  HUB_HINTS,
  HUB_WORDS,
  KIND_HINTS,
  KIND_WORDS,
  LOCK_WORDS,
  measure,
  WATER_WORDS,
} from '@/text';
import { unitFor } from '@/core/quantity';
import { Button, Choice, Field, LinkButton, RigPlan } from '@/ui';
import { Part, SourceChoice } from './fact';
import { draftsFor, type SetupTask } from './save-setup';
import { EMPTY_SETUP, formOf, readSetup, type SetupErrors, type SetupForm } from './setup-form';

/** The rig as far as it is told, for the drawing beside the form. */
function sketchOf(form: SetupForm): RigModel {
  return {
    name: form.name || 'Your trailer',
    kind: form.kind || 'utility',
    axles: Array.from({ length: Number(form.axles) }, (_, i) =>
      axleSchema.parse({
        suspension: form.suspension,
        brake: form.brakes[i],
        hub: form.hub,
        lock: form.lock,
      }),
    ),
    wheels: { studs: form.studs === '' ? 5 : (Number(form.studs) as 4 | 5 | 6 | 8) },
    spares: Number(form.spares),
    miles: form.miles,
  };
}

const AXLE_WORDS = { '1': 'One axle', '2': 'Two axles', '3': 'Three axles' } as const;

function initialOf(task: SetupTask, units: 'us' | 'metric'): SetupForm {
  return task.task === 'new'
    ? EMPTY_SETUP
    : formOf(task.model, task.task === 'correct' ? task.reading : undefined, units);
}

function draftKey(task: SetupTask): string {
  if (task.task === 'new') return 'setup';
  return task.task === 'change' ? `setup ${task.rig}` : `setup fix ${task.entry.id}`;
}

const HEAD = {
  new: ['Your trailer', 'What you do not know stays unknown, and can be filled in any day.'],
  change: ['Facts and figures', 'Each change is an entry of its own in the logbook.'],
  correct: ['Set an entry right', 'The original stays readable in the logbook.'],
} as const;

/** The form of a rig, with the rig drawn beside it as it is told. */
export function SetupPage({ task }: { task: SetupTask }) {
  const { units } = usePreferences();
  const { store } = useYard();
  const router = useRouter();
  const record = useRecord();
  const form = useForm<SetupForm>({ defaultValues: initialOf(task, units) });
  const [errors, setErrors] = useState<SetupErrors>({});
  const [confirmed, setConfirmed] = useState<string>();
  const [restored, setRestored] = useState(false);
  const values = useWatch({ control: form.control }) as SetupForm;
  const key = draftKey(task);

  // A half-filled form outlives the tab.
  useEffect(() => {
    let gone = false;
    void store.readDraft(key).then((draft) => {
      if (gone) return;
      if (draft && typeof draft === 'object')
        form.reset({ ...EMPTY_SETUP, ...(draft as SetupForm) }, { keepDefaultValues: true });
      setRestored(true);
    });
    return () => {
      gone = true;
    };
  }, [store, key, form]);
  useEffect(() => {
    if (restored && form.formState.isDirty) void store.keepDraft(key, values);
  }, [store, key, values, restored, form.formState.isDirty]);

  const set = <K extends keyof SetupForm>(field: K, value: SetupForm[K]) => {
    form.setValue(field, value as never, { shouldDirty: true });
    setErrors(({ [field]: _, ...rest }) => rest);
  };
  const text = (field: keyof SetupForm) => ({
    error: errors[field]?.text,
    ...form.register(field, { onChange: () => setErrors(({ [field]: _, ...rest }) => rest) }),
  });
  const save = form.handleSubmit(async (typed) => {
    const read = readSetup(typed, units, task.task === 'new' ? undefined : task.model, confirmed);
    if (!read.ok) {
      setErrors(read.error);
      const asks = Object.values(read.error).every((error) => error.ask);
      if (read.error.torque?.ask) setConfirmed(typed.torque.trim());
      const first = Object.keys(read.error)[0] as keyof SetupForm | undefined;
      if (first && !asks)
        document.querySelector(`[data-field="${first}"]`)?.scrollIntoView({ block: 'center' });
      if (first) form.setFocus(first);
      return;
    }
    const rig = task.task === 'new' ? newId() : task.task === 'change' ? task.rig : task.entry.rig;
    const drafts = draftsFor(task, read.value);
    if (drafts.length > 0)
      await record(
        rig,
        drafts,
        task.task === 'new' ? `${read.value.model.name} is set up` : 'Changes logged',
      );
    await store.keepDraft(key, undefined);
    router.push(task.task === 'correct' ? `/logbook?rig=${rig}` : `/?rig=${rig}`);
  });

  const [title, hint] = HEAD[task.task];
  const axles = Number(values.axles);
  const boat = values.kind === 'boat';
  // Later readings come with trips; only a set-up carries the first one.
  const firstReading = task.task === 'new' || (task.task === 'correct' && !task.before);
  const window = endPlayWindow({});
  return (
    <form
      noValidate
      onSubmit={(event) => void save(event)}
      className="mx-auto grid w-full max-w-[78rem] gap-x-10 px-4 py-5 md:px-8 lg:grid-cols-[1fr_23rem]"
    >
      <div className="min-w-0">
        <h1 className="text-4xl">{title}</h1>
        <p className="text-soft mt-1 mb-5">{hint}</p>

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
              const last = values.brakes[axles - 1] ?? 'none';
              // An axle that is added is taken to be like the one before it.
              const brakes = values.brakes.map((brake, i) =>
                i >= axles && i < Number(value) ? last : brake,
              );
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
              columns="grid-cols-2 sm:grid-cols-4"
              options={BRAKES.map((value) => ({ value, label: BRAKE_WORDS[value] }))}
              value={values.brakes[i]}
              onChange={(value) =>
                set(
                  'brakes',
                  values.brakes.map((brake, at) => (at === i ? value : brake)) as SetupForm['brakes'],
                )
              }
            />
          ))}
        </Part>

        <Part title="Hubs" unlocks="Unlocks: when each hub is repacked, and how it is opened.">
          <Choice
            label="Hub"
            hint="Look at the cap. A rubber plug does not prove a drilled spindle: the same cap fits plain ones."
            columns="grid-cols-1 sm:grid-cols-2"
            options={HUBS.map((value) => ({ value, label: HUB_WORDS[value], hint: HUB_HINTS[value] }))}
            value={values.hub}
            onChange={(value) => set('hub', value)}
          />
          <Choice
            label="The nut is locked by"
            columns="grid-cols-1 sm:grid-cols-3"
            options={LOCKS.map((value) => ({ value, label: LOCK_WORDS[value] }))}
            value={values.lock}
            onChange={(value) => set('lock', value)}
          />
        </Part>

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

        <Part title="Miles" unlocks="Unlocks: what has come due since the last work.">
          <Choice
            label="How miles come in"
            columns="grid-cols-1 sm:grid-cols-2"
            options={[
              { value: 'trips', label: 'Trip by trip', hint: 'you tell how far each trip was' },
              { value: 'meter', label: "The trailer's own meter", hint: 'hub meter or odometer' },
            ]}
            value={values.miles}
            onChange={(value) => set('miles', value)}
          />
          {values.miles === 'meter' && firstReading && (
            <div data-field="reading">
              <Field
                label="It reads now"
                unit={unitFor('distance', units)}
                inputMode="decimal"
                {...text('reading')}
              />
            </div>
          )}
          {boat && (
            <Choice
              label="Water it is usually launched in"
              columns="grid-cols-3"
              options={WATERS.map((value) => ({ value, label: WATER_WORDS[value] }))}
              value={values.water === '' ? undefined : values.water}
              onChange={(value) => set('water', value)}
            />
          )}
        </Part>

        <details
          className="border-ink group border-t-2 pt-3 pb-6"
          open={
            task.task !== 'new' ||
            [
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
            ].some((field) => errors[field as keyof SetupForm])
          }
        >
          <summary className="figures min-h-11 py-2 text-2xl font-semibold">More, when you have it</summary>
          <p className="text-soft mb-5">
            Thread pitch and slots: end play per slot. A maker&apos;s repack figure: goes ahead of the house
            rule.
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

        <div className="bg-paper border-line sticky bottom-[calc(var(--bar)+env(safe-area-inset-bottom))] z-10 -mx-4 flex gap-3 border-t px-4 py-3 md:bottom-0">
          <Button
            type="submit"
            look="primary"
            size="lg"
            className="flex-1 sm:flex-none sm:px-10"
            disabled={form.formState.isSubmitting}
          >
            {task.task === 'new' ? 'Put it on the Yard' : 'Save'}
          </Button>
          <LinkButton href="/" size="lg">
            Later
          </LinkButton>
          {Object.keys(errors).length > 0 && (
            <p role="status" className="text-stop hidden self-center font-medium sm:block">
              Something above needs another look.
            </p>
          )}
        </div>
      </div>
      <aside className="hidden lg:block">
        <div className="border-line bg-sheet sticky top-6 rounded-sheet border p-3">
          <RigPlan model={sketchOf(values)} heading="up" />
          <p className="figures mt-1 text-center text-xl font-semibold">{values.name || 'Your trailer'}</p>
        </div>
      </aside>
    </form>
  );
}
