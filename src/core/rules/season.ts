import { DAY_MS, instantOf, type Instant } from '../base';

/** Which half of the world a rig stands in: its seasons lie half a year apart. */
export const HALVES = ['north', 'south'] as const;
export type Half = (typeof HALVES)[number];

/** A day of every year: `04-01`. */
export type YearDay = string;

/** What an owner has said of the towing season; both days, or neither. */
export interface SeasonChoice {
  readonly half?: Half | undefined;
  readonly start?: YearDay | undefined;
  readonly end?: YearDay | undefined;
}

/** When a season starts and ends each year, and whether its owner named the days or they are the usual ones. */
export interface SeasonDates {
  readonly start: YearDay;
  readonly end: YearDay;
  readonly basis: 'owner' | 'house';
}

/** The usual season of each half of the world, until its owner names the days. */
export const USUAL_SEASON: Readonly<Record<Half, { readonly start: YearDay; readonly end: YearDay }>> = {
  north: { start: '04-01', end: '10-31' },
  south: { start: '10-01', end: '04-30' },
};

/** The times of a season at which work falls due. */
export const SEASON_TIMES = ['commission', 'mid', 'layup'] as const;
export type SeasonTime = (typeof SEASON_TIMES)[number];

/** One such time in one year: from when work counts for it, and by when it is to be done. */
export interface Checkpoint {
  readonly time: SeasonTime;
  readonly opens: Instant;
  readonly at: Instant;
  /** From here on it is past doing: what was not laid up is towed again. */
  readonly lapses: Instant | undefined;
}

/** Work of the spring is begun so long (d) before the season: what needs a shop is found early enough to be booked. */
const COMMISSION_OPENS = 60;
const LAYUP_OPENS = 21;
/** A season that is not known counts as half a year between looks that come twice a season (d). */
export const TWICE_A_YEAR = 182;

/** The season that holds: a rig's own days, else its house's; usual days where only the half of the world is known; undefined while neither is. */
export function seasonOf(
  house: SeasonChoice | undefined,
  own: SeasonChoice | undefined,
): SeasonDates | undefined {
  for (const said of [own, house])
    if (said?.start && said.end) return { start: said.start, end: said.end, basis: 'owner' };
  const half = own?.half ?? house?.half;
  return half && { ...USUAL_SEASON[half], basis: 'house' };
}

const dayOf = (year: number, day: YearDay) =>
  Date.UTC(year, Number(day.slice(0, 2)) - 1, Number(day.slice(3, 5)));

/** The season (ms) that starts in a year; one that ends before it starts ends in the next. */
export function seasonIn(
  season: SeasonDates,
  year: number,
): { readonly start: number; readonly end: number } {
  const start = dayOf(year, season.start);
  const same = dayOf(year, season.end);
  return { start, end: same > start ? same : dayOf(year + 1, season.end) };
}

/** The checkpoints of a season by kind and year, worked out once: every duty of every place asks for them. */
const made = new WeakMap<SeasonDates, Map<string, readonly Checkpoint[]>>();

/** Every time at which a kind of seasonal work falls due, from two years before a moment to two years after, in order. */
export function checkpoints(season: SeasonDates, time: SeasonTime, now: Instant): readonly Checkpoint[] {
  const year = Number(now.slice(0, 4));
  const known = made.get(season) ?? new Map<string, readonly Checkpoint[]>();
  made.set(season, known);
  const key = `${time} ${year}`;
  const points = known.get(key) ?? checkpointsAround(season, time, year);
  known.set(key, points);
  return points;
}

function checkpointsAround(season: SeasonDates, time: SeasonTime, year: number): readonly Checkpoint[] {
  return [-2, -1, 0, 1, 2].flatMap((offset): Checkpoint[] => {
    const { start, end } = seasonIn(season, year + offset);
    const point = (at: number, opens: number, lapses?: number): Checkpoint => ({
      time,
      opens: instantOf(opens),
      at: instantOf(at),
      lapses: lapses === undefined ? undefined : instantOf(lapses),
    });
    switch (time) {
      case 'commission':
        return [point(start, start - COMMISSION_OPENS * DAY_MS)];
      case 'layup':
        return [point(end, end - LAYUP_OPENS * DAY_MS, seasonIn(season, year + offset + 1).start)];
      case 'mid': {
        // Twice a season: at a third and at two thirds; a look counts for the time it lies nearer to.
        const third = (end - start) / 3;
        return [1, 2].map((n) => point(start + n * third, start + (n - 0.5) * third));
      }
    }
  });
}

/** The first checkpoint that work done at a moment does not count for, and that has not lapsed by now. */
export function openCheckpoint(
  season: SeasonDates,
  time: SeasonTime,
  done: Instant,
  now: Instant,
): Checkpoint | undefined {
  return checkpoints(season, time, now).find(
    (point) => point.opens > done && (point.lapses === undefined || point.lapses > now),
  );
}
