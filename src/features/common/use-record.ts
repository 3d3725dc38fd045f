'use client';

import { useCallback } from 'react';
import type { Instant } from '@/core/base';
import { makeEntry, makeVoid, type Entry, type EntryOf, type Kind } from '@/core/log';
import { askToKeepOnce, newId, useYard, type Photo } from '@/store';
import { unstoredWords } from '@/text';
import { say } from '@/ui';

/** An entry about to be written; it happens now unless told otherwise. */
export type Draft = {
  [K in Kind]: {
    readonly kind: K;
    readonly body: EntryOf<K>['body'];
    readonly happened?: Instant;
    readonly replaces?: string;
    /** Its id, where another entry written with it speaks of it. */
    readonly id?: string;
  };
}[Kind];

/** Writes entries to the log of a rig, and says so with a way to take them back. */
export function useRecord(): (
  rig: string,
  drafts: readonly Draft[],
  said: string,
  photos?: readonly Photo[],
) => Promise<readonly Entry[]> {
  const { store } = useYard();
  return useCallback(
    async (rig, drafts, said, photos = []) => {
      const recorded = store.clock.now();
      const entries = drafts.map(({ kind, body, happened, replaces, id }) =>
        makeEntry(kind, { id: id ?? newId(), rig, happened: happened ?? recorded, recorded, replaces }, body),
      );
      try {
        await store.append(
          entries,
          photos.map(({ hash, blob }) => ({ hash, blob })),
        );
      } catch (error) {
        // Whoever asked keeps what was typed; it can be tried again.
        say(unstoredWords(error));
        throw error;
      }
      askToKeepOnce();
      say(said, {
        label: 'Take it back',
        do: () =>
          void store.append(
            entries.map((entry) => makeVoid(entry, newId(), store.clock.now(), 'taken back at once')),
          ),
      });
      return entries;
    },
    [store],
  );
}
