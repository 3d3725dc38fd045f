'use client';

import { useEffect, useState, useSyncExternalStore } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { setupEntries, type SetupTask } from '@/core/record';
import type { UnitSystem } from '@/core/base';
import type { RigModel } from '@/core/rig';
import { useRecord, useLeadOn } from '@/features/forms';
import { PATHS, to } from '@/links';
import { clearsUnlessInstalled, newId, useFormUnits, useYard } from '@/store';
import { Button, LinkButton, RigPlan, reported, Mark, useOnce } from '@/ui';
import type { SetupEdit } from './edit';
import { AxlesAndBrakes, Hubs, Miles, Templates, WhatItIs, Wheels } from './sections';
import {
  EMPTY_SETUP,
  formFrom,
  formOf,
  readSetup,
  SETUP_DRAFT,
  type SetupErrors,
  type SetupForm,
} from './setup-form';

/** The rig as far as it is told, for the drawing beside the form. */
function sketchOf(form: SetupForm, base: RigModel | undefined, units: UnitSystem): RigModel {
  const told = {
    ...form,
    name: form.name || 'Your trailer',
    kind: form.kind || 'utility',
    torque: '',
    reading: '',
  };
  const read = readSetup({ ...told, studs: form.studs || '5' }, units, base, false);
  if (!read.ok) throw new Error('a sketch has nothing typed that could be wrong');
  return read.value.model;
}

/** The rig whose facts the form stands on: the one being changed, or the one that is copied. */
function baseOf(task: SetupTask): RigModel | undefined {
  return task.task === 'new' ? task.from : task.model;
}

function initialOf(task: SetupTask, units: UnitSystem): SetupForm {
  const base = baseOf(task);
  if (!base) return EMPTY_SETUP;
  const form = formOf(base, task.task === 'correct' ? task.reading : undefined, units);
  return task.task === 'new' ? { ...form, name: '' } : form;
}

/** A draft belongs to its task; the units it was typed in lie with it: 110 must never come back as another torque. */
function draftKey(task: SetupTask): string {
  if (task.task === 'new') return `set-up ${task.from?.name ?? ''}`;
  return task.task === 'change' ? `set-up ${task.rig}` : `set-up fix ${task.entry.id}`;
}

const HEAD = {
  new: ['Your trailer', 'Two minutes. What you do not know stays unknown, and can be filled in any day.'],
  change: [
    'Name, kind and axles',
    'Facts and figures stay as they are. The change is an entry in the logbook.',
  ],
  correct: ['Set an entry right', 'The original stays readable in the logbook.'],
} as const;

const nothingChanges = () => () => undefined;

/** On an iPhone: the home screen first, since what a mere page keeps there may be cleared. */
function InstallFirst() {
  const cleared = useSyncExternalStore(nothingChanges, clearsUnlessInstalled, () => false);
  if (!cleared) return null;
  return (
    <div role="note" className="border-soon mb-6 flex gap-3 border-l-4 py-1 pl-4">
      <Mark mark="soon" size={22} />
      <div>
        <p className="font-semibold">Put Yardline on your Home Screen first</p>
        <p className="text-soft">
          Tap Share, then Add to Home Screen, and set up your rig there. This browser may clear what a page
          keeps when it is not opened for a week; what stands on the Home Screen it leaves alone.
        </p>
      </div>
    </div>
  );
}

/** The form of a rig, with the rig drawn beside it as it is told. */
export function SetupPage({ task }: { task: SetupTask }) {
  // The units that the form was opened in hold until it is closed, whatever another tab is set to.
  const preferred = useFormUnits();
  const [units, setUnits] = useState(preferred);
  const { store } = useYard();
  const leadOn = useLeadOn();
  const record = useRecord();
  const form = useForm<SetupForm>({ defaultValues: initialOf(task, units) });
  const [errors, setErrors] = useState<SetupErrors>({});
  const [confirmed, setConfirmed] = useState<string>();
  const [restored, setRestored] = useState(false);
  const once = useOnce();
  // Two taps on a slow phone are one rig, also where the second comes before the next page does.
  const [own] = useState(newId);
  const [written, setWritten] = useState(false);
  const values = useWatch({ control: form.control }) as SetupForm;
  const key = draftKey(task);

  // A half-filled form outlives the tab.
  useEffect(() => {
    let gone = false;
    reported(
      store.readDraft(SETUP_DRAFT, key).then((draft) => {
        if (gone) return;
        if (draft) {
          const { units: typedIn = preferred, ...kept } = draft;
          setUnits(typedIn);
          form.reset({ ...EMPTY_SETUP, ...kept }, { keepDefaultValues: true });
        }
        setRestored(true);
      }),
      'reads',
    );
    return () => {
      gone = true;
    };
  }, [store, key, form, preferred]);
  useEffect(() => {
    if (restored && form.formState.isDirty) reported(store.keepDraft(SETUP_DRAFT, key, { ...values, units }));
  }, [store, key, values, units, restored, form.formState.isDirty]);

  const set = <K extends keyof SetupForm>(field: K, value: SetupForm[K]) => {
    form.setValue(field, value as never, { shouldDirty: true });
    setErrors(({ [field]: _, ...rest }) => rest);
  };
  const text = (field: keyof SetupForm) => ({
    error: errors[field]?.text,
    ...form.register(field, { onChange: () => setErrors(({ [field]: _, ...rest }) => rest) }),
  });
  // Later readings come with trips; only a set-up carries the first one.
  const firstReading = task.task === 'new' || (task.task === 'correct' && !task.before);
  const save = form.handleSubmit(async (typed) => {
    if (written) return;
    const read = readSetup(typed, units, baseOf(task), firstReading, confirmed);
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
    const rig = task.task === 'new' ? own : task.task === 'change' ? task.rig : task.entry.rig;
    const drafts = setupEntries(task, read.value);
    if (drafts.length > 0)
      await record(
        rig,
        drafts,
        task.task === 'new' ? `${read.value.model.name} is set up` : 'Changes logged',
        [],
        [key],
      );
    else await store.keepDraft(SETUP_DRAFT, key, undefined);
    setWritten(true);
    leadOn(
      task.task === 'correct'
        ? to('logbook', rig)
        : task.task === 'change'
          ? to('rig', rig)
          : to('yard', rig),
    );
  });

  const [title, hint] = HEAD[task.task];
  const edit: SetupEdit = { values, errors, units, set, text };
  return (
    <form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        reported(once(() => save(event)));
      }}
      className="mx-auto grid w-full max-w-[78rem] gap-x-10 px-4 py-5 md:px-8 lg:grid-cols-[1fr_23rem]"
    >
      <div className="min-w-0">
        <h1 className="text-4xl">{title}</h1>
        <p className="text-soft mt-1 mb-5">{hint}</p>

        {task.task === 'new' && <InstallFirst />}
        {task.task === 'new' && !task.from && (
          <Templates
            {...edit}
            onTemplate={(id) => {
              form.reset(formFrom(id, form.getValues(), units), { keepDefaultValues: true });
              setErrors({});
            }}
          />
        )}
        <WhatItIs {...edit} />
        <AxlesAndBrakes {...edit} />
        <Hubs {...edit} />
        <Wheels {...edit} />
        <Miles {...edit} first={firstReading} />

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
          <LinkButton href={PATHS.yard} size="lg">
            Later
          </LinkButton>
          {Object.keys(errors).length > 0 && (
            <p role="status" className="text-stop hidden self-center font-medium sm:block">
              Something above needs fixing.
            </p>
          )}
        </div>
      </div>
      <aside className="hidden lg:block">
        <div className="border-line bg-sheet sticky top-6 rounded-sheet border p-3">
          <RigPlan model={sketchOf(values, baseOf(task), units)} heading="up" />
          <p className="figures mt-1 text-center text-xl font-semibold">{values.name || 'Your trailer'}</p>
        </div>
      </aside>
    </form>
  );
}
