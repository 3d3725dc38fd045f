'use client';

import type { KeyboardEvent, PointerEvent, ReactNode } from 'react';

/** So many steps a page key goes. */
const PAGE = 10;

/** A thing in a drawing that is dragged, moved by arrow keys, and told by a screen reader as a slider. */
export function Handle({
  label,
  text,
  value,
  min,
  max,
  step,
  onDrag,
  onValue,
  children,
}: {
  label: string;
  /** What it stands at, with its unit. */
  text: string;
  value: number;
  min: number;
  max: number;
  step: number;
  /** Where the pointer is, in the drawing's own units. */
  onDrag: (at: { readonly x: number; readonly y: number }) => void;
  onValue: (value: number) => void;
  children: ReactNode;
}) {
  const clamped = (to: number) => onValue(Math.min(max, Math.max(min, to)));
  const drag = (event: PointerEvent<SVGGElement>) => {
    if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
    const screen = event.currentTarget.ownerSVGElement?.getScreenCTM();
    if (!screen) return;
    onDrag(new DOMPoint(event.clientX, event.clientY).matrixTransform(screen.inverse()));
  };
  const keys: Readonly<Record<string, number>> = {
    ArrowRight: 1,
    ArrowUp: 1,
    ArrowLeft: -1,
    ArrowDown: -1,
    PageUp: PAGE,
    PageDown: -PAGE,
  };
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuetext={text}
      aria-valuenow={value}
      aria-valuemin={min}
      aria-valuemax={max}
      className="cursor-grab touch-none outline-none [&:focus-visible_.grip]:stroke-[5] [&:focus-visible_.grip]:stroke-[var(--accent)]"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        event.currentTarget.focus({ preventScroll: true });
      }}
      onPointerMove={drag}
      onKeyDown={(event: KeyboardEvent) => {
        const by = keys[event.key];
        if (by === undefined) return;
        event.preventDefault();
        clamped(value + by * step);
      }}
    >
      {children}
    </g>
  );
}
