import { DAY_MS, addDays, msOf, type Instant, type Random } from '../../base';
import type { Duty } from '../duty';
import { learn, type Prior } from './habits';
import { monthOf, type TowWeek } from './history';

const DAYS_A_WEEK = 7;
/** Futures drawn from one set of habits before another is drawn: habits cost more than the weeks they fill. */
const FUTURES_A_HABIT = 8;

/** A trip that is planned: it happens in every future. */
export interface PlannedTrip {
  readonly at: Instant;
  readonly distance: number;
  readonly launches: number;
}

/** Sampled futures of a rig's meters, week by week from a moment: what will have been towed (m) and launched since. */
export interface Futures {
  readonly from: Instant;
  readonly weeks: number;
  readonly count: number;
  /** The day (d from now) on which a week's towing is taken to be: that of a planned trip, else its middle. */
  readonly when: Float64Array;
  /** `distance[future * weeks + week]`: by the end of that week (m). */
  readonly distance: Float64Array;
  readonly launches: Float64Array;
  /** What it rests on: the rig's own weeks, or only what its owner expects. */
  readonly basis: 'history' | 'expected';
}

/** Samples futures of a rig from its own weeks, shrunk to a prior while they are few, with its planned trips. */
export function sampleFutures(
  history: readonly TowWeek[],
  about: {
    readonly now: Instant;
    readonly weeks: number;
    readonly count: number;
    readonly prior: Prior;
    readonly planned?: readonly PlannedTrip[];
  },
  random: Random,
): Futures {
  const { now, weeks, count, prior, planned = [] } = about;
  const start = msOf(now);
  const months = Array.from({ length: weeks }, (_, w) => monthOf(start + (w + 0.5) * DAYS_A_WEEK * DAY_MS));
  const fixed = Array.from({ length: weeks }, () => ({ distance: 0, launches: 0, planned: false }));
  const when = Float64Array.from({ length: weeks }, (_, w) => (w + 0.5) * DAYS_A_WEEK);
  for (const trip of planned) {
    const index = Math.floor((msOf(trip.at) - start) / (DAYS_A_WEEK * DAY_MS));
    const week = fixed[index];
    if (!week) continue;
    when[index] = (msOf(trip.at) - start) / DAY_MS;
    week.distance += trip.distance;
    week.launches += trip.launches;
    week.planned = true;
  }
  const distance = new Float64Array(count * weeks);
  const launches = new Float64Array(count * weeks);
  const habitsOf = learn(history, prior);
  let habits = habitsOf(random);
  for (let future = 0; future < count; future++) {
    if (future % FUTURES_A_HABIT === 0) habits = habitsOf(random);
    let far = 0;
    let wet = 0;
    for (let week = 0; week < weeks; week++) {
      const month = months[week] ?? 0;
      const plan = fixed[week];
      // A week with a plan is that plan; the habit fills the others.
      if (plan?.planned) {
        far += plan.distance;
        wet += plan.launches;
      } else if (random() < (habits.chance[month] ?? 0)) {
        const drawn = habits.draw(month, random);
        far += drawn.distance;
        wet += drawn.launches;
      }
      distance[future * weeks + week] = far;
      launches[future * weeks + week] = wet;
    }
  }
  const towed = history.some((week) => week.distance > 0 || week.launches > 0);
  return { from: now, weeks, count, when, distance, launches, basis: towed ? 'history' : 'expected' };
}

/** The first week (counted from zero) by whose end a meter has gained so much, in each future; `weeks` where none has. */
export function crossings(futures: Futures, meter: 'distance' | 'launches', gain: number): Float64Array {
  const { weeks, count } = futures;
  const run = futures[meter];
  const out = new Float64Array(count);
  for (let future = 0; future < count; future++) {
    let low = 0;
    let high = weeks;
    const base = future * weeks;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((run[base + middle] ?? 0) >= gain) high = middle;
      else low = middle + 1;
    }
    out[future] = low;
  }
  return out;
}

/** When something will fall due: in one of ten futures by `early`, in half by `likely`, in nine by `late`; absent past the horizon. */
export interface Band {
  readonly early: Instant | undefined;
  readonly likely: Instant | undefined;
  readonly late: Instant | undefined;
  /** How far (m from now) it will have been towed by then, in the same shares of futures; absent past the horizon. */
  readonly towed: { readonly early?: number; readonly likely?: number; readonly late?: number };
}

/** The week at a share of sorted crossings. */
export function quantile(sorted: Float64Array, share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
}

/** When a duty will fall due by sampled futures: whichever of its meters comes first; undefined where nothing is on record. */
export function dutyBand(duty: Pick<Duty, 'meters' | 'from'>, futures: Futures): Band | undefined {
  if (duty.meters.length === 0) return undefined;
  const { weeks, count, from } = futures;
  // In days: time runs by the day, towing by the week.
  const horizon = weeks * DAYS_A_WEEK;
  const first = new Float64Array(count).fill(horizon + 1);
  // What it will have been towed when that comes: the limit itself where miles are the limit.
  const far = new Float64Array(count).fill(Infinity);
  for (const use of duty.meters) {
    const left = use.limit - use.used;
    if (use.meter === 'days') {
      // Days used are whole ones; the day itself is counted from the work.
      const due = duty.from ? (msOf(duty.from.at) - msOf(from)) / DAY_MS + use.limit : left;
      const day = Math.max(0, due);
      const week = Math.floor(day / DAYS_A_WEEK);
      for (let i = 0; i < count; i++) {
        if (day >= (first[i] ?? 0)) continue;
        first[i] = day;
        far[i] = week < weeks ? (futures.distance[i * weeks + week] ?? 0) : Infinity;
      }
      continue;
    }
    if (use.meter === 'trips') continue;
    if (left <= 0) return { early: from, likely: from, late: from, towed: { early: 0, likely: 0, late: 0 } };
    const at = crossings(futures, use.meter, left);
    for (let i = 0; i < count; i++) {
      const week = at[i] ?? weeks;
      const day = futures.when[week];
      if (week >= weeks || day === undefined || day >= (first[i] ?? 0)) continue;
      first[i] = day;
      far[i] = use.meter === 'distance' ? left : (futures.distance[i * weeks + week] ?? 0);
    }
  }
  first.sort();
  const dayAt = (share: number): Instant | undefined => {
    const day = quantile(first, share);
    return day > horizon ? undefined : addDays(from, day);
  };
  far.sort();
  const farAt = (key: 'early' | 'likely' | 'late', share: number) => {
    const distance = quantile(far, share);
    return Number.isFinite(distance) ? { [key]: distance } : {};
  };
  const towed = { ...farAt('early', 0.1), ...farAt('likely', 0.5), ...farAt('late', 0.9) };
  return { early: dayAt(0.1), likely: dayAt(0.5), late: dayAt(0.9), towed };
}

/** A planned trip that a duty is likely to fall due on, about so far (m) from home. */
export interface FallsOn {
  readonly trip: PlannedTrip;
  readonly distance: number | undefined;
}

/** The planned trip on which a duty falls due in at least half of the futures, if there is one. */
export function fallsOn(
  duty: Pick<Duty, 'meters'>,
  futures: Futures,
  planned: readonly PlannedTrip[],
): FallsOn | undefined {
  const { weeks, count, from } = futures;
  for (const trip of [...planned].sort((a, b) => (a.at < b.at ? -1 : 1))) {
    const week = Math.floor((msOf(trip.at) - msOf(from)) / (DAYS_A_WEEK * DAY_MS));
    if (week < 0 || week >= weeks) continue;
    for (const meter of ['distance', 'launches'] as const) {
      const use = duty.meters.filter((one) => one.meter === meter).sort((a, b) => left(a) - left(b))[0];
      if (!use || left(use) <= 0) continue;
      const at = crossings(futures, meter, left(use));
      const hit = Array.from(at.keys()).filter((future) => at[future] === week);
      if (hit.length * 2 < count) continue;
      if (meter === 'launches') return { trip, distance: undefined };
      const before = Float64Array.from(hit, (future) =>
        week > 0 ? (futures.distance[future * weeks + week - 1] ?? 0) : 0,
      ).sort();
      return { trip, distance: left(use) - quantile(before, 0.5) };
    }
  }
  return undefined;
}

const left = (use: { readonly used: number; readonly limit: number }) => use.limit - use.used;
