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
  /** What a change begins from where nothing lies there yet; without it nothing is changed then. */
  first?: T,
): {
  readonly state: DraftState<T>;
  readonly change: (next: (value: T) => T) => void;
  readonly set: (value: T | undefined) => Promise<void>;
} {
  const { store } = useYard();
  const [state, setState] = useState<DraftState<T>>('loading');
  const queue = useRef(Promise.resolve());
  const reading = useRef<() => void>(undefined);

  useEffect(() => {
    let gone = false;
    const read = () =>
      reported(
        store.readDraft(def, key).then((kept) => {
          if (!gone) setState(kept ?? 'none');
        }),
        'reads',
      );
    read();
    reading.current = read;
    // What was put away or changed in another tab, or by another part of this page, is so here.
    const stop = store.followDraft(key, read);
    return () => {
      gone = true;
      stop();
    };
  }, [store, def, key]);

  const apply = useCallback(
    (next: (value: T | undefined) => T | undefined) => {
      // Two quick taps build on each other, not on what was last painted, and on what another tab has written.
      queue.current = queue.current
        .then(() => store.changeDraft(def, key, next, reading.current))
        .then((value) => setState(value ?? 'none'))
        // One failed write is said, and the next tap is tried anew from what is on disk.
        .catch((error: unknown) => say(unstoredWords(error)));
      return queue.current;
    },
    [store, def, key],
  );
  const set = useCallback((value: T | undefined) => apply(() => value), [apply]);
  const change = useCallback(
    (next: (value: T) => T) =>
      reported(
        apply((value) => {
          const from = value ?? first;
          return from && next(from);
        }),
      ),
    [apply, first],
  );
  return { state, change, set };
}
