'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { useYard, type DraftDef } from '@/store';
import { unstoredWords } from '@/text';
import { say, reported } from '@/ui';

/** Something half done that lies on this device: loading, none, or under way. */
export type DraftState<T> = 'loading' | 'none' | T;

/** What is half done under a key; every change is on disk before it is shown, and undefined puts it away. */
export function useDraft<T extends object>(
  def: DraftDef<T>,
  key: string,
): {
  readonly state: DraftState<T>;
  readonly change: (next: (value: T) => T) => void;
  readonly set: (value: T | undefined) => Promise<void>;
} {
  const { store } = useYard();
  const [state, setState] = useState<DraftState<T>>('loading');
  const last = useRef<T | undefined>(undefined);
  const stored = useRef<T | undefined>(undefined);
  const queue = useRef(Promise.resolve());

  useEffect(() => {
    let gone = false;
    reported(
      store.readDraft(def, key).then((kept) => {
        if (gone) return;
        last.current = kept;
        stored.current = last.current;
        setState(last.current ?? 'none');
      }),
      'reads',
    );
    return () => {
      gone = true;
    };
  }, [store, def, key]);

  const set = useCallback(
    (value: T | undefined) => {
      last.current = value;
      queue.current = queue.current
        .then(() => store.keepDraft(def, key, value))
        .then(() => {
          stored.current = value;
          setState(value ?? 'none');
        })
        .catch((error: unknown) => {
          // One failed write is said, and the next tap is tried anew from what is on disk.
          say(unstoredWords(error));
          if (last.current === value) last.current = stored.current;
        });
      return queue.current;
    },
    [store, def, key],
  );
  const change = useCallback(
    (next: (value: T) => T) => {
      // Two quick taps build on each other, not on what was last painted.
      if (last.current) reported(set(next(last.current)));
    },
    [set],
  );
  return { state, change, set };
}
