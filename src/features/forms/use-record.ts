'use client';

import { useCallback, useState } from 'react';
import { HOUSE, type Entry, type EntryOf } from '@/core/log';
import type { NewEntry } from '@/core/record';
import { askToKeepOnce, useYard, type Photo } from '@/store';
import { reported, say, sayUnstored } from '@/ui';
import { actKey, Once } from './same-act';

/** Does an act once from one form or button, however often it was tapped. */
function useActs(): Once {
  const [once] = useState(() => new Once(() => performance.now()));
  return once;
}

/** Withdraws entries, and says so; what the device could not store is said as well. Tells whether it is on disk. */
export function useWithdraw(): (
  entries: readonly Pick<Entry, 'id' | 'rig'>[],
  reason: string | undefined,
  said?: string,
) => Promise<boolean> {
  const { store } = useYard();
  const acts = useActs();
  return useCallback(
    (entries, reason, said) =>
      acts.do(entries.map(({ id }) => id).join(), async () => {
        const now = store.clock.now();
        try {
          await store.send('withdraw', { entries, now, reason });
        } catch (error) {
          sayUnstored(error);
          acts.forget();
          return false;
        }
        if (said) say(said);
        return true;
      }),
    [acts, store],
  );
}

/** Writes entries to the log of a rig, once, and says so with a way to take them back; forms that are through go with them, and where `once` is through in another tab nothing is written. */
export function useRecord(): (
  rig: string,
  entries: readonly NewEntry[],
  said: string,
  photos?: readonly Photo[],
  forms?: readonly string[],
  once?: string,
) => Promise<readonly Entry[]> {
  const { store } = useYard();
  const withdraw = useWithdraw();
  const acts = useActs();
  return useCallback(
    (rig, drafts, said, photos = [], forms = [], once) => {
      const now = store.clock.now();
      return acts.do(actKey(rig, drafts, now), async () => {
        let entries: readonly Entry[];
        try {
          entries = await store.send('record', {
            rig,
            drafts,
            now,
            photos: photos.map(({ hash, blob }) => ({ hash, blob })),
            forms,
            ...(once && { once }),
          });
        } catch (error) {
          // Whoever asked keeps what was typed; it can be tried again.
          sayUnstored(error);
          throw error;
        }
        askToKeepOnce();
        if (once !== undefined && entries.length === 0) {
          say('It is on record already, from another tab.');
          return entries;
        }
        say(said, {
          label: 'Take it back',
          do: () => {
            acts.forget();
            reported(withdraw(entries, 'taken back at once'));
          },
        });
        return entries;
      });
    },
    [acts, store, withdraw],
  );
}

/** Lets go of something for good, once, and says so: there is no way to take that back. */
export function useLetGo(): (body: EntryOf<'let.go'>['body'], said: string) => Promise<void> {
  const { store } = useYard();
  const acts = useActs();
  return useCallback(
    (body, said) =>
      acts.do(JSON.stringify(body), async () => {
        try {
          const drafts = [{ kind: 'let.go' as const, body }];
          await store.send('record', { rig: HOUSE, drafts, now: store.clock.now(), photos: [] });
        } catch (error) {
          sayUnstored(error);
          throw error;
        }
        say(said);
      }),
    [acts, store],
  );
}
