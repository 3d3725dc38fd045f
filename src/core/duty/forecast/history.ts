import { DAY_MS, msOf, type Instant } from '../../base';
import { entriesOf, type Fold } from '../../log';

/** A week in which a rig may have been towed; distance in m. */
export interface TowWeek {
  /** The month it lies in, 0 to 11 (UTC). */
  readonly month: number;
  readonly distance: number;
  readonly launches: number;
}

const WEEK = 7 * DAY_MS;

/** The month (0 to 11, UTC) that a moment (ms) lies in. */
export function monthOf(ms: number): number {
  return new Date(ms).getUTCMonth();
}

/** The whole weeks of a rig's record up to a moment, the latest last, each with what was towed in it. */
export function towWeeks(
  trips: readonly { readonly at: Instant; readonly distance: number; readonly launches: number }[],
  since: Instant,
  now: Instant,
): readonly TowWeek[] {
  const end = msOf(now);
  const count = Math.max(0, Math.floor((end - msOf(since)) / WEEK));
  const start = end - count * WEEK;
  const weeks = Array.from({ length: count }, (_, i) => ({
    month: monthOf(start + (i + 0.5) * WEEK),
    distance: 0,
    launches: 0,
  }));
  for (const trip of trips) {
    const week = weeks[Math.floor((msOf(trip.at) - start) / WEEK)];
    if (!week) continue;
    week.distance += trip.distance;
    week.launches += trip.launches;
  }
  return weeks;
}

/** The weeks of a rig as its log tells them, withdrawn trips left out. */
export function historyOf(fold: Fold, rig: string, now: Instant): readonly TowWeek[] {
  const since = fold.state.rigs[rig]?.since;
  if (!since) return [];
  const trips = entriesOf(fold, rig, 'trip').map(({ happened, body }) => ({
    at: happened,
    distance: body.distance,
    launches: body.launches,
  }));
  return towWeeks(trips, since, now);
}
