'use client';

import { useCallback } from 'react';
import type { Entry } from '@/core/log';
import type { NewEntry } from '@/core/record';
import { askToKeepOnce, useYard, type Photo } from '@/store';
import { reported, say, sayUnstored } from '@/ui';

/** Withdraws entries, and says so; what the device could not store is said as well. Tells whether it is on disk. */
export function useWithdraw(): (
  entries: readonly Pick<Entry, 'id' | 'rig'>[],
  reason: string | undefined,
  said?: string,
) => Promise<boolean> {
  const { store } = useYard();
  return useCallback(
    async (entries, reason, said) => {
      const now = store.clock.now();
      try {
        await store.send('withdraw', { entries, now, reason });
      } catch (error) {
        sayUnstored(error);
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
  drafts: readonly NewEntry[],
  said: string,
  photos?: readonly Photo[],
) => Promise<readonly Entry[]> {
  const { store } = useYard();
  const withdraw = useWithdraw();
  return useCallback(
    async (rig, drafts, said, photos = []) => {
      let entries: readonly Entry[];
      try {
        entries = await store.send('record', {
          rig,
          drafts,
          now: store.clock.now(),
          photos: photos.map(({ hash, blob }) => ({ hash, blob })),
        });
      } catch (error) {
        // Whoever asked keeps what was typed; it can be tried again.
        sayUnstored(error);
        throw error;
      }
      askToKeepOnce();
      say(said, {
        label: 'Take it back',
        do: () => reported(withdraw(entries, 'taken back at once')),
      });
      return entries;
    },
    [store, withdraw],
  );
}
