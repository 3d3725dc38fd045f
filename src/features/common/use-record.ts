'use client';

import { useCallback } from 'react';
import type { Instant } from '@/core/base';
import { makeEntry, makeVoid, recordedAfter, type Entry, type EntryOf, type Kind } from '@/core/log';
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

/** Withdraws entries, and says so; what the device could not store is said as well. Tells whether it is on disk. */
export function useWithdraw(): (
  entries: readonly Entry[],
  reason: string | undefined,
  said?: string,
) => Promise<boolean> {
  const { store } = useYard();
  return useCallback(
    async (entries, reason, said) => {
      const now = store.clock.now();
      try {
        await store.append(entries.map((entry) => makeVoid(entry, newId(), now, reason)));
      } catch (error) {
        say(unstoredWords(error));
        return false;
      }
      if (said) say(said);
      return true;
    },
    [store],
  );
}

/** Writes entries to the log of a rig, and says so with a way to take them back. */
export function useRecord(): (
  rig: string,
  drafts: readonly Draft[],
  said: string,
  photos?: readonly Photo[],
) => Promise<readonly Entry[]> {
  const { store } = useYard();
  const withdraw = useWithdraw();
  return useCallback(
    async (rig, drafts, said, photos = []) => {
      const now = store.clock.now();
      const yard = store.getSnapshot();
      const written = yard.status === 'ready' ? yard.fold.entries : [];
      const entries = drafts.map(({ kind, body, happened, replaces, id }) => {
        const target = replaces ?? (kind === 'void' ? body.target : undefined);
        const recorded = recordedAfter(target ? written.find((one) => one.id === target) : undefined, now);
        return makeEntry(
          kind,
          { id: id ?? newId(), rig, happened: happened ?? now, recorded, replaces },
          body,
        );
      });
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
        do: () => void withdraw(entries, 'taken back at once'),
      });
      return entries;
    },
    [store, withdraw],
  );
}
