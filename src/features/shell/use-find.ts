import { useCallback, useEffect, useRef, useState } from 'react';

/** What lies over the page: the rest of the places, or the find box. */
export type Over = 'more' | 'find' | undefined;

/**
 * Opens the find box by Ctrl K, and keeps what is typed until it stands there: whoever types at once loses no letter.
 */
export function useFind(): {
  readonly over: Over;
  readonly setOver: (over: Over) => void;
  /** What was typed before the box could take it; asked for once. */
  readonly takeTyped: () => string;
} {
  const [over, setOver] = useState<Over>();
  // While the box is on its way: what was typed for it.
  const early = useRef<string>(undefined);
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (event.key.toLowerCase() === 'k' && (event.ctrlKey || event.metaKey) && !event.shiftKey) {
        event.preventDefault();
        early.current = '';
        setOver('find');
        return;
      }
      if (early.current === undefined || event.key.length !== 1 || event.ctrlKey || event.metaKey) return;
      event.preventDefault();
      early.current += event.key;
    };
    window.addEventListener('keydown', pressed, { capture: true });
    return () => window.removeEventListener('keydown', pressed, { capture: true });
  }, []);
  const takeTyped = useCallback(() => {
    const typed = early.current ?? '';
    early.current = undefined;
    return typed;
  }, []);
  return { over, setOver, takeTyped };
}
