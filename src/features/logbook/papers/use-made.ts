'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { useYard } from '@/store';
import { paperPhoto } from '@/store/paper-photo';
import type { Sheet } from '@/workers/papers';
import { picturesOf, type Paper } from '@/text/papers';
import { makePaper } from './make-paper';

/** A paper on its way: not asked for, so far, here to be seen, or why not. */
export type Made =
  | { readonly status: 'none' }
  | { readonly status: 'making'; readonly share: number }
  | { readonly status: 'made'; readonly url: string; readonly bytes: ArrayBuffer }
  | { readonly status: 'failed'; readonly reason: string };

/** Makes a paper and holds it to be seen; the one before is let go. */
export function useMade(): {
  readonly made: Made;
  readonly make: (paper: Paper, sheet: Sheet) => Promise<void>;
  readonly drop: () => void;
} {
  const { store } = useYard();
  const [made, setMade] = useState<Made>({ status: 'none' });
  const going = useRef<AbortController>(undefined);
  const shown = useRef<string>(undefined);
  const letGo = useCallback(() => {
    going.current?.abort();
    if (shown.current) URL.revokeObjectURL(shown.current);
    shown.current = undefined;
  }, []);
  useEffect(() => letGo, [letGo]);
  const drop = useCallback(() => {
    letGo();
    setMade({ status: 'none' });
  }, [letGo]);
  const make = useCallback(
    async (paper: Paper, sheet: Sheet) => {
      letGo();
      const stop = new AbortController();
      going.current = stop;
      setMade({ status: 'making', share: 0 });
      try {
        const pictures: Record<string, string> = {};
        for (const hash of picturesOf(paper)) {
          const blob = await store.send('readPhoto', { hash });
          const picture = blob && (await paperPhoto(blob));
          if (picture) pictures[hash] = picture;
        }
        const bytes = await makePaper(paper, sheet, pictures, Date.parse(store.clock.now()), {
          signal: stop.signal,
          onProgress: (share) => {
            if (!stop.signal.aborted) setMade({ status: 'making', share });
          },
        });
        if (stop.signal.aborted) return;
        const url = URL.createObjectURL(new Blob([bytes], { type: 'application/pdf' }));
        shown.current = url;
        setMade({ status: 'made', url, bytes });
      } catch (error) {
        if (!stop.signal.aborted)
          setMade({ status: 'failed', reason: error instanceof Error ? error.message : String(error) });
      }
    },
    [letGo, store],
  );
  return { made, make, drop };
}
