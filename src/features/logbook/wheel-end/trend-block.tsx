'use client';

import type { Instant } from '@/core/base';
import { pressureTarget, warns, type History, type Trend } from '@/core/judge';
import { axleOf, isWheelEnd, type TirePlace } from '@/core/rig';
import { endPlayWindow } from '@/core/figures';
import type { RigView } from '@/features/rigs';
import { usePreferences } from '@/store';
import { day, trendWords } from '@/text';
import { Mark } from '@/ui';
import { Chart } from './chart';
import { chartOf } from './chart-data';

const NUT_MARKS = {
  held: 'clear',
  'half-flat': 'soon',
  moved: 'soon',
  'over-half': 'due',
  'over-flat': 'stop',
  loose: 'stop',
} as const;
const NUT_WORDS = {
  held: 'held',
  'half-flat': 'moved, half a flat at most',
  moved: 'moved',
  'over-half': 'moved over half a flat',
  'over-flat': 'moved over a flat',
  loose: 'loose',
} as const;

function Looks({ trend, now }: { trend: Extract<Trend, { kind: 'nuts' }>; now: Instant }) {
  return (
    <ul className="mt-2 flex flex-wrap gap-x-4 gap-y-1">
      {trend.looks.slice(-12).map(({ at, result }) => (
        <li key={at} className="flex items-center gap-1.5">
          <Mark mark={NUT_MARKS[result]} size={18} />
          {day(at, now)} <span className="text-soft">{NUT_WORDS[result]}</span>
        </li>
      ))}
    </ul>
  );
}

/** One trend: the sentence that matters, its chart with limits and work, and every reading as a list. */
export function TrendBlock({
  trend,
  view,
  history,
  place,
  told = false,
}: {
  trend: Trend;
  view: RigView;
  history: History;
  place: TirePlace;
  /** Its sentence stands above already. */
  told?: boolean;
}) {
  const { units } = usePreferences();
  const { model, house, now } = view;
  const words = trendWords(trend, units, now);
  const axle = isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
  const data = chartOf(
    trend,
    {
      works: history.works.filter((work) => work.place === place),
      target: pressureTarget(model, house)?.value,
      window: axle && endPlayWindow(axle),
      now,
    },
    units,
  );
  const warning = warns(trend);
  return (
    <section aria-label={words.title} className="border-line border-t py-5">
      <h2 className="text-soft font-words text-base font-normal">{words.title}</h2>
      {!told && (
        <p className="mt-0.5 flex gap-2.5 text-xl font-semibold">
          <span className="mt-1">
            <Mark
              mark={
                warning
                  ? 'due'
                  : trend.status === 'few'
                    ? 'unknown'
                    : trend.status === 'perhaps'
                      ? 'soon'
                      : 'clear'
              }
              size={20}
            />
          </span>
          {words.said}
        </p>
      )}
      <p className="text-soft mt-1 mb-3 text-[0.94rem]">{words.basis}</p>
      {data && <Chart data={data} title={words.title} now={now} />}
      {trend.kind === 'nuts' && trend.looks.length > 0 && <Looks trend={trend} now={now} />}
      {data && (
        <details className="mt-1">
          <summary className="text-soft min-h-9 cursor-pointer underline underline-offset-4">
            All readings
          </summary>
          <ol className="mt-1 columns-1 sm:columns-2">
            {[...data.dots].reverse().map(({ x, y, label }) => (
              <li key={`${x} ${y}`} className="py-0.5">
                {label}
              </li>
            ))}
          </ol>
        </details>
      )}
    </section>
  );
}
