'use client';

import { useSyncExternalStore } from 'react';

/** From here on a page has room for two columns: the `md` of its styles. */
const WIDE = '(min-width: 48rem)';

function follow(listener: () => void): () => void {
  const query = matchMedia(WIDE);
  query.addEventListener('change', listener);
  return () => query.removeEventListener('change', listener);
}

/** True on a desk, false on a phone: for what is too much to be made twice and hidden once. */
export function useWide(): boolean {
  return useSyncExternalStore(
    follow,
    () => matchMedia(WIDE).matches,
    () => false,
  );
}
