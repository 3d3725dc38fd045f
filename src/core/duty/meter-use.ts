import { DAY_MS, daysBetween, msOf, toSI, type Instant } from '../base';
import type { LastDone, Pull, RigState } from '../log';
import {
  openCheckpoint,
  OVERDUE_SHARE,
  SOON_SHARE,
  type Basis,
  type Interval,
  type Limit,
  type SeasonDates,
  type SeasonTime,
} from '../rules';

/** One meter of a duty: used and limit in m, d, trips or launches, with where it turns soon and overdue. */
export interface MeterUse {
  readonly meter: 'distance' | 'days' | 'trips' | 'launches';
  readonly used: number;
  readonly limit: number;
  readonly soon: number;
  readonly overdue: number;
  readonly basis: Basis;
  /** Used is a least figure: what was towed before the record began is not known. */
  readonly atLeast: boolean;
  /** The time of the season that sets the limit. */
  readonly season?: SeasonTime;
  /** What happened that sets the limit. */
  readonly cause?: Pull['cause'];
  /** A looser figure that the limit overrules. */
  readonly over?: Limit['over'];
}

/** Slack (m) under which a limit counts as reached: rounding of typed miles. */
export const SLACK = 1;
/** Work of a season that is so late (d) is overdue. */
const SEASON_OVERDUE = 30;
/** Work of a season is soon so many days before its day. */
const SEASON_SOON = 30;
/** What is due at once is overdue when the rig has been towed so far (m) all the same. */
const AT_ONCE = toSI(2, 'mi');

function metered(
  meter: MeterUse['meter'],
  limit: Limit | undefined,
  used: number,
  atLeast = false,
): readonly MeterUse[] {
  if (!limit) return [];
  const { value, basis, over, soon = value * (1 - SOON_SHARE) } = limit;
  return [
    {
      meter,
      used,
      limit: value,
      soon,
      overdue: value * (1 + OVERDUE_SHARE),
      basis,
      atLeast,
      ...(over && { over }),
    },
  ];
}

/** Days from one moment to another (d), parts of a day kept. */
const days = (from: Instant, to: Instant) => (msOf(to) - msOf(from)) / DAY_MS;

/** The days of a season's time, counted from the mark. */
function seasonUse(time: SeasonTime, season: SeasonDates, from: Instant, now: Instant): readonly MeterUse[] {
  const point = openCheckpoint(season, time, from, now);
  if (!point) return [];
  const limit = days(from, point.at);
  return [
    {
      meter: 'days',
      used: Math.max(0, days(from, now)),
      limit,
      soon: Math.max(days(from, point.opens), limit - SEASON_SOON),
      overdue: limit + SEASON_OVERDUE,
      basis: season.basis,
      atLeast: false,
      season: time,
    },
  ];
}

/** How far each meter of an interval has run since a mark, at a moment. */
export function meterUse(
  rig: Pick<RigState, 'distance' | 'trips' | 'launches'>,
  mark: LastDone,
  interval: Interval,
  season: SeasonDates | undefined,
  now: Instant,
): readonly MeterUse[] {
  return [
    ...metered('distance', interval.distance, rig.distance - mark.distance, !mark.distanceKnown),
    ...metered('days', interval.days, daysBetween(mark.at, now)),
    ...metered('trips', interval.trips, rig.trips - mark.trips),
    ...metered('launches', interval.launches, rig.launches - mark.launches),
    ...(season ? (interval.seasons ?? []).flatMap((time) => seasonUse(time, season, mark.at, now)) : []),
  ];
}

/** How far the limits run that something set which happened (m). */
export function pullUse(rig: Pick<RigState, 'distance'>, pulls: readonly Pull[]): readonly MeterUse[] {
  return pulls.map(({ cause, distance, limit }) => ({
    meter: 'distance',
    used: rig.distance - distance,
    limit,
    // What is to be looked at again is to be kept in mind from the start.
    soon: 0,
    overdue: Math.max(limit * 2, AT_ONCE),
    basis: 'house',
    atLeast: false,
    cause,
  }));
}

const slackOf = (use: MeterUse) => (use.meter === 'distance' ? SLACK : 0);

/** How much of a meter is used up (1 at its limit). */
export function share(use: MeterUse): number {
  return use.limit > 0 ? (use.used + slackOf(use)) / use.limit : 1 + use.used;
}

/** How a meter stands: 0 clear, 1 soon, 2 reached, 3 past. */
export function standingOf(use: MeterUse): 0 | 1 | 2 | 3 {
  const used = use.used + slackOf(use);
  if (used >= use.limit) return used >= use.overdue ? 3 : 2;
  return used >= use.soon ? 1 : 0;
}
