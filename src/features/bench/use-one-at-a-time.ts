import { useRef } from 'react';

/** Lets one piece of work be under way at a time: a tap while the one before is being written is let go, and nothing is drawn anew for it. */
export function useOneAtATime(): (work: () => Promise<void>) => Promise<void> {
  const busy = useRef(false);
  return async (work) => {
    if (busy.current) return;
    busy.current = true;
    try {
      await work();
    } finally {
      busy.current = false;
    }
  };
}
