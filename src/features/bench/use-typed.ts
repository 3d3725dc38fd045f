'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { useYard, type DraftDef } from '@/store';
import { reported } from '@/ui';
import { CHAPTER_DRAFT, chapterDraftKey, STEP_DRAFT, stepDraftKey, type StepInput } from './inputs';

/** What is typed on a page, part by part: on disk from the first letter, and never overwritten by what comes late from there. */
function useTyped<T extends object>(
  read: () => Promise<Partial<T> | undefined>,
  keep: (value: T) => Promise<void>,
  first: T,
): { readonly value: T; readonly change: (part: Partial<T>) => void } {
  const [value, setValue] = useState(first);
  const latest = useRef(first);
  const typed = useRef<Partial<T>>({});
  const reading = useRef<Promise<void>>(Promise.resolve());
  useEffect(() => {
    let gone = false;
    reading.current = read().then((kept) => {
      latest.current = { ...latest.current, ...kept, ...typed.current };
      if (!gone) setValue(latest.current);
    });
    reported(reading.current, 'reads');
    return () => {
      gone = true;
    };
  }, [read]);
  const change = useCallback(
    (part: Partial<T>) => {
      typed.current = { ...typed.current, ...part };
      latest.current = { ...latest.current, ...part };
      setValue(latest.current);
      // What lay there before is read first: it goes along with what is written.
      const write = () => keep(latest.current);
      reported(reading.current.then(write, write));
    },
    [keep],
  );
  return { value, change };
}

/** What is typed on a page that has one draft, part by part. */
export function useTypedDraft<T extends object>(
  def: DraftDef<T>,
  key: string,
  first: T,
): { readonly value: T; readonly change: (part: Partial<T>) => void } {
  const { store } = useYard();
  const read = useCallback(() => store.readDraft(def, key), [store, def, key]);
  const keep = useCallback((value: T) => store.keepDraft(def, key, value), [store, def, key]);
  return useTyped(read, keep, first);
}

type Inputs = Readonly<Record<string, StepInput | undefined>>;
const NONE: Inputs = {};

/** What is typed at the steps of a card and not done yet, by their keys: left, gone back from or come to by chapter, it is there again. */
export function useStepInputs(run: string): {
  readonly inputs: Inputs;
  readonly change: (key: string, input: StepInput | undefined) => void;
} {
  const { store } = useYard();
  const read = useCallback(async (): Promise<Inputs | undefined> => {
    const all = await store.readDraft(CHAPTER_DRAFT, chapterDraftKey(run));
    // The one step in hand lay by itself before all of them were kept.
    const one = await store.readDraft(STEP_DRAFT, stepDraftKey(run));
    if (!one) return all;
    const lifted = { [one.key]: one.input, ...all };
    await store.keepDraft(CHAPTER_DRAFT, chapterDraftKey(run), lifted);
    await store.keepDraft(STEP_DRAFT, stepDraftKey(run), undefined);
    return lifted;
  }, [store, run]);
  const keep = useCallback(
    (value: Inputs) => {
      const kept = Object.entries(value).flatMap(([key, input]) => (input ? [[key, input] as const] : []));
      return store.keepDraft(CHAPTER_DRAFT, chapterDraftKey(run), Object.fromEntries(kept));
    },
    [store, run],
  );
  const { value, change } = useTyped(read, keep, NONE);
  return {
    inputs: value,
    change: useCallback((key, input) => change({ [key]: input }), [change]),
  };
}
