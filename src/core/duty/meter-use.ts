import { daysBetween, type Instant } from '../base';
import type { Mark, RigState } from '../log';
import type { Basis, Interval, Limit } from '../rules';

/** One meter of a duty: used and limit in m, d or launches. */
export interface MeterUse {
  readonly meter: 'distance' | 'days' | 'launches';
  readonly used: number;
  readonly limit: number;
  readonly basis: Basis;
  /** Used is a least figure: what was towed before the record began is not known. */
  readonly atLeast: boolean;
}

/** Slack (m) under which a limit counts as reached: rounding of typed miles. */
export const SLACK = 1;

/** How far each meter of an interval has run since a mark, at a moment. */
export function meterUse(rig: RigState, mark: Mark, interval: Interval, now: Instant): readonly MeterUse[] {
  const metered = (
    meter: MeterUse['meter'],
    limit: Limit | undefined,
    used: number,
    atLeast = false,
  ): MeterUse[] => (limit ? [{ meter, used, limit: limit.value, basis: limit.basis, atLeast }] : []);
  return [
    ...metered('distance', interval.distance, rig.distance - mark.distance, !mark.distanceKnown),
    ...metered('days', interval.days, daysBetween(mark.at, now)),
    ...metered('launches', interval.launches, rig.launches - mark.launches),
  ];
}

/** How much of a meter is used up (1 at its limit). */
export function share(use: MeterUse): number {
  const slack = use.meter === 'distance' ? SLACK : 0;
  return (use.used + slack) / use.limit;
}
