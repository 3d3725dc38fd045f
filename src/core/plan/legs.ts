import type { Futures } from '../duty';
import { toSI } from '../base';
import { FORBIDDEN, MUST } from './problem';

interface WornBy<M extends string> {
  readonly meter: M;
  readonly left: number;
  readonly limit: number;
  readonly again: boolean;
}

/** What wears a job out, of one meter; distances in m, times in d from the start. */
export type Wear =
  | WornBy<'distance'>
  | WornBy<'launches'>
  | {
      readonly meter: 'days';
      /** When it is reached (d from the start), below zero where it was. */
      readonly due: number;
      readonly limit: number;
      readonly again: boolean;
    }
  | {
      /** Times of the season that it is done for, in order: from when it counts, and by when it is to be done (d from the start). */
      readonly meter: 'season';
      readonly points: readonly { readonly opens: number; readonly due: number }[];
      readonly again: boolean;
    };

/** The time of the season that is open for a job begun at a moment (d; none at the start). */
function pointAfter(
  points: readonly { readonly opens: number; readonly due: number }[],
  done: number | undefined,
) {
  return done === undefined ? points[0] : points.find(({ opens }) => opens > done);
}

/** What the legs of a job follow from. */
export interface LegsAbout {
  readonly wears: readonly Wear[];
  /** Ripe whatever its meters say: something was found, or nothing is known of it. */
  readonly ripe: boolean;
  /** Minutes that 100 miles past the limit count for. */
  readonly weight: number;
  /** What a doing costs (min): so much of it is thrown away as is left of the interval. */
  readonly doing: number;
  /** What its set-up would cost by itself (min), if it is left for later. */
  readonly later: number;
  /** How often (0–1) a yard day falls out, and the work is done a week later. */
  readonly slips: number;
  /** It has to be done before this day (d from the start), or may not be left. */
  readonly before?: number | undefined;
  /** Not before this day (d from the start): parts are on their way. */
  readonly earliest?: number | undefined;
}

/** Futures seen from the days that can be chosen: what has been towed and launched by each, by future. */
export interface Outlooks {
  /** Days from the start (d) of each choice; the last is the end of the horizon. */
  readonly at: readonly number[];
  readonly count: number;
  /** `distance[future * at.length + k]`: by the morning of that day (m). */
  readonly distance: Float64Array;
  readonly launches: Float64Array;
  readonly futures: Futures;
}

const WEEK = 7;
const HUNDRED_MILES = toSI(100, 'mi');
/** A job may be planned more than once where this share of futures has it ripe again. */
const COMES_AGAIN = 0.3;

/** The week whose towing is over by the morning of a day (d), −1 before the first. */
function weekOver(futures: Futures, day: number): number {
  const week = Math.min(futures.weeks, Math.floor(day / WEEK));
  return week < futures.weeks && (futures.when[week] ?? Infinity) < day ? week : week - 1;
}

/** Reads futures at the days that can be chosen, in order; the last is the end. */
export function outlooksOf(futures: Futures, at: readonly number[]): Outlooks {
  const { weeks, count } = futures;
  const over = at.map((day) => weekOver(futures, day));
  const read = (run: Float64Array) => {
    const out = new Float64Array(count * at.length);
    for (let f = 0; f < count; f++)
      for (let k = 0; k < at.length; k++) {
        const week = over[k] ?? -1;
        out[f * at.length + k] = week < 0 ? 0 : (run[f * weeks + week] ?? 0);
      }
    return out;
  };
  return { at, count, distance: read(futures.distance), launches: read(futures.launches), futures };
}

/** What has been towed (m) in a future when its launches reach so many. */
function towedAtLaunch(futures: Futures, future: number, launches: number): number {
  const { weeks } = futures;
  let low = 0;
  let high = weeks;
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((futures.launches[future * weeks + middle] ?? 0) >= launches) high = middle;
    else low = middle + 1;
  }
  return low >= weeks ? Infinity : (futures.distance[future * weeks + low] ?? 0);
}

/** The wears that count for a job begun at a choice (−1: the start). */
const wearsFrom = ({ wears }: LegsAbout, from: number): readonly Wear[] =>
  from < 0 ? wears : wears.filter(({ again }) => again);

/** By when a job begun at a choice is ripe by the calendar (d from the start); Infinity where no time of the season is left. */
function dueBy(wear: Exclude<Wear, WornBy<'distance'> | WornBy<'launches'>>, at: number | undefined): number {
  if (wear.meter === 'season') return pointAfter(wear.points, at)?.due ?? Infinity;
  return at === undefined ? wear.due : at + wear.limit;
}

/** How far it has been towed (m), by future, when a job begun at a choice (−1: the start) ripens; Infinity where it does not. */
function ripening(about: LegsAbout, seen: Outlooks, from: number): Float64Array {
  const { at, count, futures } = seen;
  const out = new Float64Array(count);
  if (from < 0 && about.ripe) return out;
  const n = at.length;
  const end = at[n - 1] ?? 0;
  let miles = Infinity;
  const launches: number[] = [];
  const weeks: number[] = [];
  for (const wear of wearsFrom(about, from)) {
    if (wear.meter === 'distance') miles = Math.min(miles, from < 0 ? wear.left : wear.limit);
    else if (wear.meter === 'launches') launches.push(from < 0 ? wear.left : wear.limit);
    else {
      const due = dueBy(wear, from < 0 ? undefined : (at[from] ?? 0));
      // Past the horizon there is nothing to be towed past.
      if (due <= end) weeks.push(weekOver(futures, Math.max(0, due)));
    }
  }
  for (let f = 0; f < count; f++) {
    const gone = from < 0 ? 0 : (seen.distance[f * n + from] ?? 0);
    const wet = from < 0 ? 0 : (seen.launches[f * n + from] ?? 0);
    let first = gone + miles;
    for (const more of launches)
      first = Math.min(first, Math.max(gone, towedAtLaunch(futures, f, wet + more)));
    for (const week of weeks)
      first = Math.min(first, week < 0 ? 0 : (futures.distance[f * futures.weeks + week] ?? 0));
    out[f] = Math.max(gone, first);
  }
  return out;
}

/** How much of its interval the calendar has used on a leg, the same in every future. */
function usedByTime(about: LegsAbout, { at }: Outlooks, from: number, to: number): number {
  if (from < 0 && about.ripe) return 1;
  const begun = from < 0 ? undefined : (at[from] ?? 0);
  const by = at[to] ?? 0;
  let most = 0;
  for (const wear of wearsFrom(about, from)) {
    if (wear.meter === 'season') {
      const point = pointAfter(wear.points, begun);
      // Its time has come or it has not: nothing is worn away between.
      if (point && by >= point.opens) most = Math.max(most, to === at.length - 1 && by < point.due ? 0 : 1);
    } else if (wear.meter === 'days')
      most = Math.max(most, wear.limit > 0 ? 1 - (dueBy(wear, begun) - by) / wear.limit : 1);
    else if (wear.limit <= 0) most = Math.max(most, 1);
  }
  return most;
}

/** How much of its interval is used on a leg, by future: the meter that is furthest on. */
function usedOn(about: LegsAbout, seen: Outlooks, from: number, to: number, out: Float64Array): Float64Array {
  out.fill(usedByTime(about, seen, from, to));
  if (from < 0 && about.ripe) return out;
  const n = seen.at.length;
  for (const wear of wearsFrom(about, from)) {
    if ((wear.meter !== 'distance' && wear.meter !== 'launches') || wear.limit <= 0) continue;
    const run = seen[wear.meter];
    const used = from < 0 ? wear.limit - wear.left : 0;
    for (let f = 0; f < out.length; f++) {
      const since = (run[f * n + to] ?? 0) - (from < 0 ? 0 : (run[f * n + from] ?? 0));
      out[f] = Math.max(out[f] ?? 0, (used + since) / wear.limit);
    }
  }
  return out;
}

/** The legs of a job over some days: what each costs (min), how far it goes late (m), and what is thrown away (min). */
export interface Legs {
  readonly legs: Int32Array;
  readonly late: Float32Array;
  readonly wasted: Float32Array;
  readonly repeats: boolean;
}

/** Works out every leg of a job's path from sampled futures: value left over by going early, miles towed past the limit by going late. */
export function legsOf(about: LegsAbout, seen: Outlooks): Legs {
  const { at, count } = seen;
  const days = at.length - 1;
  const size = (days + 1) * (days + 1);
  const legs = new Int32Array(size).fill(FORBIDDEN);
  const late = new Float32Array(size);
  const wasted = new Float32Array(size);
  const { before = Infinity, earliest: opens = -Infinity } = about;
  const must = before < Infinity;
  // The choice that a day slips to: a week on.
  const slipped = at.map((day) => {
    const week = at.findIndex((one) => one >= day + WEEK);
    return week < 0 ? days : week;
  });
  const n = at.length;
  const used = new Float64Array(count);
  const again = days > 0 ? usedOn(about, seen, 0, days, used).filter((share) => share >= 1).length : 0;
  const repeats = !must && again >= count * COMES_AGAIN;
  for (let from = -1; from < days; from++) {
    const start = (at[from] ?? 0) >= opens || from < 0;
    if (!start) continue;
    const ripe = ripening(about, seen, from);
    for (let to = from + 1; to <= days; to++) {
      if (to < days && from >= 0 && !repeats) continue;
      if (to < days && from < 0 && ((at[to] ?? 0) < opens || (at[to] ?? 0) >= before)) continue;
      const later = slipped[to] ?? days;
      usedOn(about, seen, from, to, used);
      let far = 0;
      let left = 0;
      let open = 0;
      for (let f = 0; f < count; f++) {
        const ripens = ripe[f] ?? Infinity;
        const share = used[f] ?? 0;
        const past = Math.max(0, (seen.distance[f * n + to] ?? 0) - ripens);
        if (to < days) {
          const slip = Math.max(0, (seen.distance[f * n + later] ?? 0) - ripens);
          far += (1 - about.slips) * past + about.slips * slip;
          left += Math.max(0, 1 - share);
        } else {
          far += past;
          if (share >= 1) open += 1;
        }
      }
      const leg = (from + 1) * (days + 1) + to;
      late[leg] = far / count;
      wasted[leg] = (left / count) * about.doing;
      const leaves = to === days ? (open / count) * about.later : 0;
      const cost = (far / count / HUNDRED_MILES) * about.weight + (wasted[leg] ?? 0) + leaves;
      legs[leg] = Math.min(MUST - 1, Math.round(cost)) + (must && from < 0 && to === days ? MUST : 0);
    }
  }
  return { legs, late, wasted, repeats };
}
