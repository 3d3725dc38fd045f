'use client';

import { useLayoutEffect, useRef, type KeyboardEvent, type MouseEvent, type ReactNode } from 'react';

/** So long (ms) something has to be on the screen before a tap can mean it: the second half of a double tap, or a glove that bounces, comes sooner. */
const A_BREATH = 450;

/**
 * Controls that lead on take no tap before what they are about could be seen: with each change of `of` they rest for a
 * breath, and a key that is held down does not press them again. Nothing shows it; the tap is only not taken.
 */
export function Settled({
  of,
  className,
  children,
}: {
  of: string;
  className?: string;
  children: ReactNode;
}) {
  const box = useRef<HTMLDivElement>(null);
  const since = useRef(Number.POSITIVE_INFINITY);
  useLayoutEffect(() => {
    since.current = performance.now();
    const held = box.current;
    if (!held) return;
    // A finger falls through to what is behind; what has the focus keeps it.
    held.style.pointerEvents = 'none';
    const timer = setTimeout(() => (held.style.pointerEvents = ''), A_BREATH);
    return () => clearTimeout(timer);
  }, [of]);
  const drop = (event: MouseEvent | KeyboardEvent) => {
    event.preventDefault();
    event.stopPropagation();
  };
  return (
    <div
      ref={box}
      className={className}
      onClickCapture={(event) => {
        if (event.timeStamp - since.current < A_BREATH) drop(event);
      }}
      onKeyDownCapture={(event) => {
        if (event.repeat && (event.key === 'Enter' || event.key === ' ')) drop(event);
      }}
    >
      {children}
    </div>
  );
}
