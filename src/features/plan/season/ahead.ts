import type { Instant } from '@/core/base';
import type { Duty, Band } from '@/core/duty';
import type { Forecast } from '@/features/duties';

/** Duties of one routine that will fall due, with the band of the one that comes first. */
export interface AheadItem {
  readonly duties: readonly [Duty, ...Duty[]];
  readonly band: Band | undefined;
  /** The day it stands on: the likeliest, else the earliest that may be; now for what is due. */
  readonly at: Instant;
}

/** Alike on one day: what a list tells together. */
const sameDay = (duty: Duty, at: Instant) => `${duty.routine} ${at.slice(0, 10)}`;

/** What will fall due, nearest first; duties with the same key are one, at the first of their days. */
export function aheadOf(
  duties: readonly Duty[],
  forecast: Forecast,
  now: Instant,
  keyOf: (duty: Duty, at: Instant) => string = sameDay,
): readonly AheadItem[] {
  const groups = new Map<string, { duty: Duty; band: Band | undefined; at: Instant }[]>();
  for (const duty of duties) {
    if (duty.matter === 'moment' || duty.within || duty.verdict === 'unknown') continue;
    const waits = duty.verdict === 'clear' || duty.verdict === 'soon';
    const band = waits && forecast.status === 'ready' ? forecast.bands[duty.id] : undefined;
    const at = duty.deferral?.until ?? (waits ? (band?.likely ?? band?.early) : now);
    if (at === undefined) continue;
    const key = keyOf(duty, at);
    groups.set(key, [...(groups.get(key) ?? []), { duty, band, at }]);
  }
  return [...groups.values()]
    .map((group): AheadItem => {
      const sorted = [...group].sort((a, b) => (a.at < b.at ? -1 : 1));
      const first = sorted[0] as (typeof sorted)[number];
      const [one, ...others] = sorted.map(({ duty }) => duty);
      return { duties: [one as Duty, ...others], band: first.band, at: first.at };
    })
    .sort((a, b) => (a.at < b.at ? -1 : 1));
}
