'use client';

import { useEffect, useEffectEvent, useId, useRef, useState, type KeyboardEvent } from 'react';
import { usePreferences } from '@/store';
import type { ChartData } from './chart-data';
import type { drawChart, Drawn } from './draw-chart';
import { guarded, reported } from '@/ui';

function ChartDrawing({ data, title, now }: { data: ChartData; title: string; now: string }) {
  const { theme } = usePreferences();
  const host = useRef<HTMLDivElement>(null);
  const drawn = useRef<Drawn | undefined>(undefined);
  const [at, setAt] = useState<number>();
  const id = useId();
  const signature = JSON.stringify(data);

  // The moment moves every minute; a chart is drawn anew for its readings and the light alone.
  const draw = useEffectEvent((make: typeof drawChart, on: HTMLElement) => make(on, data, now));

  useEffect(() => {
    let gone = false;
    // The charting package is fetched with the first chart that is shown.
    reported(
      import('./draw-chart').then(({ drawChart: make }) => {
        if (gone || !host.current) return;
        drawn.current = draw(make, host.current);
      }),
      'reads',
    );
    return () => {
      gone = true;
      drawn.current?.drop();
      drawn.current = undefined;
    };
  }, [signature, theme]);

  const move = (event: KeyboardEvent) => {
    const last = data.dots.length - 1;
    const next =
      event.key === 'ArrowRight'
        ? Math.min(last, (at ?? -1) + 1)
        : event.key === 'ArrowLeft'
          ? Math.max(0, (at ?? data.dots.length) - 1)
          : event.key === 'Home'
            ? 0
            : event.key === 'End'
              ? last
              : event.key === 'Escape'
                ? undefined
                : at;
    if (next === at) return;
    event.preventDefault();
    setAt(next);
    drawn.current?.point(next);
  };
  return (
    <figure className="min-w-0">
      <div
        ref={host}
        role="application"
        aria-roledescription="chart"
        aria-label={`${title}, ${data.dots.length} readings. Left and right arrows go through them.`}
        aria-describedby={id}
        tabIndex={0}
        onKeyDown={move}
        onBlur={() => drawn.current?.point(undefined)}
        className="border-line bg-sheet h-60 w-full rounded-sheet border"
      />
      <figcaption className="text-soft min-h-6 text-[0.92rem]">
        <p id={id} role="status">
          {at !== undefined && data.dots[at]?.label}
        </p>
      </figcaption>
    </figure>
  );
}

/** A chart with its readings by keys: arrows go from one to the next, and each is said. */
export const Chart = guarded(ChartDrawing);
