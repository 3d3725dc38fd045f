'use client';

import { useLayoutEffect } from 'react';

/**
 * Marks the whole page while a screen is shown, for what its styles change outside of it: `run`, a card in hand;
 * `night`, read in the dark. On the root, since a style that asks what a page has in it (`:has`) is looked into again,
 * for every element of the page, whenever anything is put on it.
 */
export function useRootMark(mark: 'run' | 'night', on = true): void {
  useLayoutEffect(() => {
    if (!on) return;
    const { dataset } = document.documentElement;
    dataset[mark] = '';
    return () => {
      delete dataset[mark];
    };
  }, [mark, on]);
}
