import { DAY_MS, type UnitSystem } from '@/core/base';
import { daysApart, type YardProblem } from '@/core/plan';
import { dateField, measure } from '@/text';
import { namesShort, type Lane, type Ripening } from './lanes';

/** Where things stand on the tape (px). */
export interface TapeFrame {
  readonly width: number;
  readonly left: number;
  readonly right: number;
  readonly days: number;
  readonly axis: number;
  readonly flags: number;
  readonly lanes: number;
  readonly laneHeight: number;
  readonly bottom: number;
  readonly height: number;
  readonly x: (day: number) => number;
}

const FLAGS = 62;
const TOP = 74;

/** Lays the tape out: dates on top, a band for the flags of the posts, lanes, miles below. */
export function frameOf(width: number, days: number, lanes: number): TapeFrame {
  const left = 108;
  const right = width - 14;
  const laneHeight = lanes > 6 ? 38 : 44;
  const bottom = TOP + FLAGS + lanes * laneHeight;
  return {
    width,
    left,
    right,
    days,
    axis: TOP,
    flags: TOP + 6,
    lanes: TOP + FLAGS,
    laneHeight,
    bottom,
    height: bottom + 34,
    x: (day) => left + (Math.min(days, Math.max(0, day)) / days) * (right - left),
  };
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];

const utc = (day: string) => Date.parse(`${day}T00:00:00Z`);

/** The months that begin within a plan (d from its start). */
export function monthsOf(yard: YardProblem): readonly { readonly at: number; readonly name: string }[] {
  const first = new Date(utc(yard.from));
  return Array.from({ length: 8 }, (_, i) => Date.UTC(first.getUTCFullYear(), first.getUTCMonth() + 1 + i, 1))
    .filter((ms) => ms < utc(yard.to))
    .map((ms) => ({ at: (ms - utc(yard.from)) / DAY_MS, name: MONTHS[new Date(ms).getUTCMonth()] ?? '' }));
}

/** Where words go that shall stand beside the posts, not behind them: as near as there is room to where they belong. */
function beside(start: number, wide: number, posts: readonly number[], free: number, right: number): number {
  const clear = (at: number) =>
    at >= free && at + wide <= right && !posts.some((x) => x > at - 6 && x < at + wide);
  const places = [start, ...posts.flatMap((x) => [x - wide - 1, x + 9])].filter(clear);
  return places.sort((a, b) => Math.abs(a - start) - Math.abs(b - start))[0] ?? start;
}

/** The words of what ripens, where there is room for them. */
export interface Told {
  readonly of: Ripening;
  readonly label: string;
  /** Where they begin (px); none where there is no room. */
  readonly at: number | undefined;
}

/** Lays the words of a lane out from left to right, beside the posts and never over each other. */
export function toldIn(lane: Lane, { x, left, right }: TapeFrame, posts: readonly number[]): readonly Told[] {
  const out: Told[] = [];
  let free = left;
  for (const of of lane.ripening) {
    const label = namesShort(of.names, of.due ? 2 : 3);
    const wide = label.length * 6.4 + 12;
    const end = x(of.likely);
    const wanted = Math.max(free, of.due ? end + 6 : Math.min(end - wide, right - wide));
    const at = beside(wanted, wide, posts, free, right);
    const fits = at >= free && at + wide <= right + 8;
    if (fits) free = at + wide;
    out.push({ of, label, at: fits ? at : undefined });
  }
  return out;
}

/** A trip as it stands on the tape (px): where it leaves, and where its name begins, in one of two rows. */
export interface TripMark {
  readonly id: string;
  readonly mine: boolean;
  readonly x: number;
  readonly name: string;
  readonly at: number;
  readonly row: 0 | 1;
}

/** Lays the trips out; names that would meet stand in two rows. */
export function tripsOn(
  yard: YardProblem,
  rig: string,
  { x, right }: TapeFrame,
  units: UnitSystem,
): readonly TripMark[] {
  const ends = [-Infinity, -Infinity];
  return yard.trips.map((trip) => {
    const leaves = x(daysApart(yard.from, dateField(trip.at)));
    const name = `${trip.name ?? 'trip'}, ${measure(trip.distance, 'distance', units, 0)}`;
    const wide = name.length * 6.6;
    const at = Math.min(leaves, right - wide);
    const row = at >= (ends[0] ?? 0) ? 0 : 1;
    ends[row] = at + wide + 10;
    return { id: trip.id, mine: trip.rig === rig, x: leaves, name, at, row };
  });
}
