'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { useForm, useWatch, type DefaultValues, type Path, type PathValue } from 'react-hook-form';
import type { Instant } from '@/core/base';
import { deviceClock, usePreferences, useYard } from '@/store';
import { unstoredWords } from '@/text';
import { say, reported } from '@/ui';
import { FORM_DRAFT, formKey, stillOpen, withKept, type FormValues } from './form-draft';

/** What is wrong at a field; with `ask` the same again is taken. */
export interface Wrong {
  readonly text: string;
  readonly code?: string;
  readonly ask?: boolean;
}

/** What is wrong with a form, by field. */
export type Wrongs<V> = { readonly [K in keyof V]?: string | Wrong | undefined };

/**
 * The one pattern of a form: what is typed stands as text, lies on disk from the first letter, and is there again
 * after the tab was closed, with the units it was typed in; what is wrong is told at its field, and what can be
 * insisted on is asked once. `about` is what the form is of, as a rig or a finding.
 */
export function useSheetForm<V extends FormValues>(name: string, about: string, fresh: V) {
  const { store } = useYard();
  const preferred = usePreferences().units;
  const [units, setUnits] = useState(preferred);
  const [since, setSince] = useState<Instant>();
  const [insisted, setInsisted] = useState(false);
  const key = formKey(name, about);
  const first = useRef(fresh);
  const form = useForm<V>({ defaultValues: fresh as DefaultValues<V> });
  const { control, reset, subscribe, getValues } = form;
  const values = useWatch({ control }) as V;
  const { errors } = form.formState;
  const touched = useRef(false);
  const unsaid = useRef(true);

  useEffect(() => {
    let gone = false;
    const take = async () => {
      const kept = stillOpen(await store.readDraft(FORM_DRAFT, key), deviceClock.now());
      // Whoever was faster with a letter than the disk begins afresh.
      if (!kept || gone || touched.current) return;
      setUnits(kept.units);
      setSince(kept.at);
      reset(withKept(first.current, kept.values) as DefaultValues<V>);
    };
    reported(take(), 'reads');
    return () => {
      gone = true;
    };
  }, [store, key, reset]);

  const keep = useCallback(
    (next: V | undefined) =>
      store
        .keepDraft(FORM_DRAFT, key, next && { units, at: deviceClock.now(), values: next })
        .catch((error: unknown) => {
          // Said once: the form itself stands as it was typed.
          if (unsaid.current) say(unstoredWords(error));
          unsaid.current = false;
        }),
    [store, key, units],
  );

  useEffect(
    () =>
      subscribe({
        formState: { values: true },
        callback: ({ name: changed }) => {
          if (changed === undefined) return;
          touched.current = true;
          setInsisted(false);
          reported(keep(getValues()));
        },
      }),
    [subscribe, keep, getValues],
  );

  return {
    form,
    values,
    units,
    insisted,
    /** When it was last touched, where it was taken up again. */
    since,
    /** The draft to be put away with what the form writes. */
    key,
    /** A line to type into: what it holds and what is wrong with it. */
    field: (at: keyof V & string) => ({
      ...form.register(at as unknown as Path<V>),
      error: errors[at]?.message as string | undefined,
    }),
    error: (at: keyof V & string) => errors[at]?.message as string | undefined,
    set: <K extends keyof V & string>(at: K, value: V[K]) => {
      form.setValue(at as unknown as Path<V>, value as PathValue<V, Path<V>>, { shouldDirty: true });
      form.clearErrors(at as unknown as Path<V>);
    },
    /** Begins afresh what was taken up again. */
    startOver: () => {
      setSince(undefined);
      setUnits(preferred);
      reset(first.current as DefaultValues<V>);
      reported(keep(undefined));
    },
    /** Tells what is wrong, or writes: `write` is asked only where nothing is, or all of it was insisted on. */
    submit: async (wrongs: Wrongs<V>, write: () => Promise<unknown>): Promise<void> => {
      form.clearErrors();
      const told = Object.entries(wrongs).flatMap(([at, wrong]) =>
        wrong === undefined
          ? []
          : [[at, typeof wrong === 'string' ? { text: wrong } : (wrong as Wrong)] as const],
      );
      if (told.length > 0) {
        told.forEach(([at, { text, code = 'wrong' }], i) =>
          form.setError(at as Path<V>, { type: code, message: text }, { shouldFocus: i === 0 }),
        );
        setInsisted(told.every(([, { ask }]) => ask === true));
        return;
      }
      await write();
    },
  };
}
