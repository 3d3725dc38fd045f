'use client';

import { useEffect, useMemo } from 'react';
import type { Fold } from '@/core/log';
import type { UnitSystem } from '@/core/quantity';
import { partNamer } from '@/features/common';
import { entryWords, KIND_OF_ENTRY } from '@/text';
import { SearchIndex } from './search';

/** Work on the index goes on for so long (ms), then lets the page breathe. */
const BREATH = 8;

/** The words of the whole log to seek through, worked out bit by bit while nothing else waits. */
export function useSearchIndex(fold: Fold, units: UnitSystem): SearchIndex {
  const index = useMemo(
    () =>
      new SearchIndex((entry) => {
        const { title, lines } = entryWords(entry, units, () => undefined, partNamer(fold, entry.rig, units));
        return `${KIND_OF_ENTRY[entry.kind]} ${title} ${lines.join(' ')}`;
      }),
    [fold, units],
  );
  useEffect(() => {
    let at = 0;
    let timer: ReturnType<typeof setTimeout>;
    const go = () => {
      const end = performance.now() + BREATH;
      at = index.warm(fold.entries, at, () => performance.now() > end);
      if (at < fold.entries.length) timer = setTimeout(go, 0);
    };
    timer = setTimeout(go, 300);
    return () => clearTimeout(timer);
  }, [index, fold]);
  return index;
}
