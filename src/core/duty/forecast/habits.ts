import { gamma, normal, type Random, toSI } from '../../base';
import type { RigModel } from '../../rig';
import type { TowWeek } from './history';

/** What is assumed of an owner of whom little is known. */
export interface Prior {
  /** How far the owner expects to tow in a year (m). */
  readonly yearly: number;
  /** Launches in a week that is towed. */
  readonly launches: number;
}

/** A rig of which nothing is known is taken to be towed this far in a year (m), mostly in the warm half. */
export const UNTOLD: Prior = { yearly: toSI(2000, 'mi'), launches: 0 };

/** A boat is launched about once a trip, as far as anyone knows before its record tells. */
const LAUNCHES_A_WEEK = 1;

/** What is assumed of a rig while its record is short: what its owner expects, where that was told. */
export function priorOf({ yearly, kind }: Pick<RigModel, 'yearly' | 'kind'>): Prior {
  return { yearly: yearly ?? UNTOLD.yearly, launches: kind === 'boat' ? LAUNCHES_A_WEEK : 0 };
}

/** Shapes a year may have: a time of year that is busiest, and how wide it is, in months; the widest is no season at all. */
const PEAKS = Array.from({ length: 12 }, (_, i) => i + 0.5);
const WIDTHS = [1.3, 2, 2.8, 3.8, 6, 40];
/** Towing at the other end of the year, as a share of the busiest time. */
const IDLE = 0.04;
const WEEKS_A_YEAR = 52.18;
/** A towed week in the prior: this far on average (m). */
const PRIOR_WEEK = toSI(90, 'mi');
/** Weeks looked back on: how someone towed longer ago than six years says little of next year. */
const REMEMBERED = 313;
/** How many weeks of watching the prior of a month is worth. */
const MONTH_WEIGHT = 3;
/** How many weeks of watching the prior of the whole year is worth. */
const YEAR_WEIGHT = 3;
/** How many towed weeks the prior of a week's miles is worth. */
const MILES_WEIGHT = 1;
/** How much a week counts for a month by how many months it lies away. */
const NEAR = [1, 0.6, 0.3, 0.12];
/** How far one week differs from another that is like it (log). */
const JITTER = 0.2;
/** How far towed weeks differ from each other (log), as far as anyone knows before they are seen. */
const SPREAD = 0.8;

/** One way an owner may tow: a chance for each month, and weeks to draw from. Drawn anew for each future. */
export interface Habits {
  readonly chance: readonly number[];
  /** Draws what a towed week of a month comes to. */
  readonly draw: (month: number, random: Random) => TowWeek;
}

function beta(a: number, b: number, random: Random): number {
  const x = gamma(a, random);
  return x / (x + gamma(b, random));
}

/** How far apart two times of the year lie on its circle (months). */
function apart(a: number, b: number): number {
  const d = Math.abs(a - b);
  return Math.min(d, 12 - d);
}

interface Season {
  readonly share: readonly number[];
  /** How many weeks at the busiest time the weeks watched are worth. */
  readonly watched: number;
}

/** A year with one busy time; each month's share of the busiest. */
function season(peak: number, width: number, weeks: readonly number[]): Season {
  const share = weeks.map((_, m) => IDLE + (1 - IDLE) * Math.exp(-0.5 * (apart(m + 0.5, peak) / width) ** 2));
  return { share, watched: share.reduce((sum, one, m) => sum + one * (weeks[m] ?? 0), 0) };
}

/** What a history says of its owner's habits, shrunk toward a prior where it is short; each call is one that may be. */
export function learn(record: readonly TowWeek[], prior: Prior): (random: Random) => Habits {
  const history = record.slice(-REMEMBERED);
  const seen = Array.from({ length: 12 }, () => ({ weeks: 0, towed: 0 }));
  for (const week of history) {
    const month = seen[week.month];
    if (!month) continue;
    month.weeks += 1;
    if (week.distance > 0 || week.launches > 0) month.towed += 1;
  }
  const towed = history.filter((week) => week.distance > 0 || week.launches > 0);
  const weeks = seen.map((month) => month.weeks);
  const seasons = PEAKS.flatMap((peak) => WIDTHS.map((width) => season(peak, width, weeks)));
  const expected = (one: Season) => {
    const year = one.share.reduce((sum, share) => sum + share, 0) * (WEEKS_A_YEAR / 12);
    return Math.min(0.9, prior.yearly / PRIOR_WEEK / year);
  };
  const levelOf = (one: Season) => (towed.length + YEAR_WEIGHT * expected(one)) / (one.watched + YEAR_WEIGHT);
  // How well each shape of the year agrees with the months as they went; all are kept, the likelier drawn more often.
  const fits = seasons.map((one) => {
    const level = levelOf(one);
    return seen.reduce((sum, { weeks: n, towed: k }, m) => {
      const p = Math.min(0.95, Math.max(0.004, level * (one.share[m] ?? 0)));
      return sum + k * Math.log(p) + (n - k) * Math.log(1 - p);
    }, 0);
  });
  const best = Math.max(...fits);
  const odds: number[] = [];
  fits.reduce((sum, fit, i) => (odds[i] = sum + Math.exp(fit - best)), 0);
  const total = odds[odds.length - 1] ?? 1;
  return (random) => {
    const mark = random() * total;
    const drawn = seasons[odds.findIndex((sum) => sum > mark)] ?? seasons[0];
    const level = drawn
      ? gamma(towed.length + YEAR_WEIGHT * expected(drawn), random) / (drawn.watched + YEAR_WEIGHT)
      : 0;
    const chance = seen.map((month, m) => {
      const base = Math.min(0.95, Math.max(0.004, level * (drawn?.share[m] ?? 0)));
      return beta(
        month.towed + MONTH_WEIGHT * base,
        month.weeks - month.towed + MONTH_WEIGHT * (1 - base),
        random,
      );
    });
    // The owner's own weeks, weighed anew in each future: what was seen is a sample of what may be.
    const weights = towed.map(() => -Math.log(1 - random()));
    const own = Array.from({ length: 12 }, (_, m) => {
      const sums: number[] = [];
      let sum = 0;
      towed.forEach((week, i) => {
        sum += (weights[i] ?? 0) * (NEAR[Math.min(3, apart(week.month, m))] ?? 0);
        sums.push(sum);
      });
      return { sums, sum };
    });
    // A few weeks show neither the longest trips there will be nor the true average: both stay open, the less the more were seen.
    const lean = Math.exp((SPREAD / Math.sqrt(towed.length + 1)) * normal(random));
    const draw = (m: number, from: Random): TowWeek => {
      const { sums, sum } = own[m] ?? { sums: [], sum: 0 };
      const mark = from() * (sum + MILES_WEIGHT * 0.5);
      if (mark >= sum) {
        const far = PRIOR_WEEK * gamma(2, from) * 0.5;
        return { month: m, distance: far, launches: prior.launches };
      }
      let low = 0;
      let high = sums.length - 1;
      while (low < high) {
        const middle = (low + high) >> 1;
        if ((sums[middle] ?? 0) > mark) high = middle;
        else low = middle + 1;
      }
      const like = towed[low];
      return {
        month: m,
        distance: (like?.distance ?? PRIOR_WEEK) * lean * Math.exp(JITTER * normal(from)),
        launches: like?.launches ?? prior.launches,
      };
    };
    return { chance, draw };
  };
}
