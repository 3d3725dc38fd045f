'use client';

import { useCallback, useRef } from 'react';

/** So long (ms) after it was done, a tap on what turns over at each tap is the second half of a double tap. */
export const SAME_TAP = 700;

/** Does a thing once at a time: what is asked for again while it is under way, or so long (ms) after it, is the same tap, and is let go. */
export function useOnce(rest = 0): (work: () => unknown) => Promise<void> {
  const running = useRef(false);
  const done = useRef(-Infinity);
  return useCallback(
    async (work) => {
      if (running.current || performance.now() - done.current < rest) return;
      running.current = true;
      try {
        await work();
        done.current = performance.now();
      } finally {
        running.current = false;
      }
    },
    [rest],
  );
}
