'use client';

import { useCallback, useState } from 'react';
import { useYard, type Photo } from '@/store';

/** Pictures for something about to be written down; each is on disk before it shows. */
export function usePhotos(): readonly [readonly Photo[], (photos: readonly Photo[]) => void] {
  const { store } = useYard();
  const [photos, setPhotos] = useState<readonly Photo[]>([]);
  const change = useCallback(
    (next: readonly Photo[]) => {
      void Promise.all(next.map(({ hash, blob }) => store.keepPhoto({ hash, blob }))).then(() =>
        setPhotos(next),
      );
    },
    [store],
  );
  return [photos, change];
}
