'use client';

import { matesOf, wheelEnds, type Place, type RigModel, type WheelEnd } from '@/core/rig';
import { channelQuality, reads, type Alarm, type Point, type Watch } from '@/core/road';
import type { PlaceMark } from '@/core/base';
import { usePreferences } from '@/store';
import { measure } from '@/text';
import { QUALITY_WORDS } from '@/text/way';
import { RigPlan, type PlaceLabel } from '@/ui';

function markOf(end: WheelEnd, alarms: readonly Alarm[], heard: boolean): PlaceMark {
  const here = alarms.filter(({ place }) => place === end);
  if (here.some(({ weight }) => weight === 'stop')) return 'stop';
  if (here.length > 0) return 'due';
  return heard ? 'clear' : 'unknown';
}

/** A value over the trip as a thin line of ink, its mate's beside it in dashes. */
function Line({
  points,
  mate,
  span,
  label,
}: {
  points: readonly Point[];
  mate: readonly Point[];
  /** The least that its height stands for: what changes less is a quiet line. */
  span: number;
  label: string;
}) {
  const all = [...points, ...mate];
  const first = Math.min(...all.map(({ at }) => at));
  const last = Math.max(...all.map(({ at }) => at));
  const least = Math.min(...all.map(({ value }) => value));
  const most = Math.max(least + span, ...all.map(({ value }) => value));
  if (points.length < 2 || last === first) return null;
  const path = (some: readonly Point[]) =>
    some
      .map(({ at, value }, i) => {
        const x = 2 + (96 * (at - first)) / (last - first);
        const y = 26 - (24 * (value - least)) / (most - least);
        return `${i === 0 ? 'M' : 'L'}${x.toFixed(1)} ${y.toFixed(1)}`;
      })
      .join('');
  return (
    <svg viewBox="0 0 100 28" role="img" aria-label={label} className="h-7 w-24">
      <path d={path(mate)} fill="none" stroke="var(--soft)" strokeWidth="1" strokeDasharray="3 2" />
      <path d={path(points)} fill="none" stroke="var(--ink)" strokeWidth="1.6" />
    </svg>
  );
}

/** What a line's height stands for at least (K, Pa). */
const HEAT_SPAN = 25;
const PRESSURE_SPAN = 70_000;

/** The rig from above with what is read at each wheel end by now, mate against mate, and how it went over the trip. */
export function LiveRig({
  model,
  watch,
  alarms,
  now,
}: {
  model: RigModel;
  watch: Watch;
  alarms: readonly Alarm[];
  now: number;
}) {
  const { units } = usePreferences();
  const at = (end: WheelEnd) => {
    const hub = reads(watch, 'hub-temp', end, now);
    const tire = reads(watch, 'pressure', end, now);
    const told = [
      ...(hub === undefined ? [] : [measure(hub, 'temperature', units)]),
      ...(tire === undefined ? [] : [measure(tire, 'pressure', units)]),
    ];
    // A figure stays with its unit; the two may stand under each other.
    return told.length > 0 ? told.map((one) => one.replace(' ', '\u00a0')).join(' ') : undefined;
  };
  const ends = wheelEnds(model);
  const labels: Partial<Record<Place, PlaceLabel>> = Object.fromEntries(
    ends.map((end) => {
      const note = at(end);
      return [end, { mark: markOf(end, alarms, note !== undefined), note: note ?? 'silent' }];
    }),
  );
  const odd = ends.flatMap((end) =>
    (['hub-temp', 'pressure'] as const).flatMap((what) => {
      const quality = channelQuality(watch, what, end, now);
      return quality === undefined || quality === 'good'
        ? []
        : [`${end} ${what === 'pressure' ? 'tire sensor' : 'hub'} ${QUALITY_WORDS[quality]}`];
    }),
  );
  return (
    <section aria-label="Live values">
      <RigPlan model={model} labels={labels} heading="up" className="mx-auto max-w-[22rem]" />
      {odd.length > 0 && (
        <p role="status" className="border-soon mt-2 border-l-4 pl-3">
          {odd.join(' · ')}. Not judged; go by hand at the next stop.
        </p>
      )}
      <ul className="mt-3 grid grid-cols-2 gap-x-6">
        {ends.map((end) => (
          <li key={end} className="border-line flex items-center justify-between gap-2 border-b py-1.5">
            <span className="figures w-8 text-lg font-semibold">{end}</span>
            <Line
              points={watch.trip[`hub-temp@${end}`] ?? []}
              mate={watch.trip[`hub-temp@${matesOf(end, model).across}`] ?? []}
              span={HEAT_SPAN}
              label={`Hub ${end} over this trip, ${matesOf(end, model).across} in dashes`}
            />
            <Line
              points={watch.trip[`pressure@${end}`] ?? []}
              mate={watch.trip[`pressure@${matesOf(end, model).across}`] ?? []}
              span={PRESSURE_SPAN}
              label={`Tire ${end} over this trip, ${matesOf(end, model).across} in dashes`}
            />
          </li>
        ))}
      </ul>
      <p className="text-soft mt-1 text-[0.94rem]">Hub and tire over this trip; the mate across in dashes.</p>
    </section>
  );
}
