'use client';

import { useCallback, useRef } from 'react';

/** Does a thing once at a time: what is asked for again while it is under way is the same tap, and is let go. */
export function useOnce(): (work: () => unknown) => Promise<void> {
  const running = useRef(false);
  return useCallback(async (work) => {
    if (running.current) return;
    running.current = true;
    try {
      await work();
    } finally {
      running.current = false;
    }
  }, []);
}
