'use client';

import { useEffect, useState } from 'react';
import type { AnswerTo, AskName, AskOf } from '@/keeper';
import { useYard } from './yard-context';

/** What an ask has come to; while a newer log is asked, the answer to the last one stands. */
export type Asked<K extends AskName> =
  | { readonly status: 'asking' }
  | { readonly status: 'failed'; readonly reason: string }
  | { readonly status: 'ready'; readonly answer: AnswerTo<K> };

const ASKING = { status: 'asking' } as const;

/** Asks the yard, and again whenever its log has changed; `undefined` asks nothing. */
export function useAsk<K extends AskName>(name: K, ask: AskOf<K> | undefined, patience?: number): Asked<K> {
  const { store, snapshot } = useYard();
  const [asked, setAsked] = useState<{ key: string; asked: Asked<K> }>();
  const rev = snapshot.status === 'ready' ? snapshot.log.rev : undefined;
  const key = ask && JSON.stringify(ask);
  useEffect(() => {
    if (key === undefined || rev === undefined) return;
    const stop = new AbortController();
    const give = (next: Asked<K>) => !stop.signal.aborted && setAsked({ key, asked: next });
    store
      .send(name, JSON.parse(key) as AskOf<K>, { signal: stop.signal, ...(patience && { patience }) })
      .then(
        (answer) => give({ status: 'ready', answer }),
        (error: unknown) =>
          give({ status: 'failed', reason: error instanceof Error ? error.message : String(error) }),
      );
    return () => stop.abort();
  }, [store, name, key, rev, patience]);
  return asked && asked.key === key ? asked.asked : ASKING;
}
