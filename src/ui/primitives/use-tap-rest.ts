'use client';

import { useEffect, useRef, type PointerEvent } from 'react';

/** So long (ms) after a sheet is gone, and so near (px), a click is still the second half of the tap that closed it. */
const A_BREATH = 450;
const NEAR = 30;
/** So soon (ms) after the tap itself it is so however late a slow device comes to it. */
const DOUBLE = 700;
const LATE = 3000;

/** Lets the second half of a double tap, or a glove that bounces, die with the sheet that the first half closed: it never reaches what lay behind. */
export function useTapRest(): (event: PointerEvent) => void {
  const last = useRef<{ readonly x: number; readonly y: number; readonly when: number }>(undefined);
  useEffect(
    () => () => {
      const at = last.current;
      if (!at) return;
      const gone = performance.now();
      const drop = (event: MouseEvent) => {
        if (performance.now() - gone > A_BREATH && event.timeStamp - at.when > DOUBLE) return;
        // A sheet that opened in its place takes its taps.
        const another = event.target instanceof Element && event.target.closest('[role=dialog]');
        if (another || Math.hypot(event.clientX - at.x, event.clientY - at.y) > NEAR) return;
        event.preventDefault();
        event.stopPropagation();
      };
      document.addEventListener('click', drop, { capture: true });
      setTimeout(() => document.removeEventListener('click', drop, { capture: true }), LATE);
    },
    [],
  );
  return ({ clientX: x, clientY: y, timeStamp: when }) => {
    last.current = { x, y, when };
  };
}
