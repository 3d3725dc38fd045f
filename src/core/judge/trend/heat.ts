import { middle, toSI } from '../../base';
import { saysNothing } from '../taken';
import { scatter } from './fit';
import type { Point } from './history';

/** A hub over its mate at one stop (K). */
export interface Over {
  readonly point: Point;
  readonly mate: number;
  readonly over: number;
}

/** What a hub's heat says over its mate and its own past; temperatures are differences in K. */
export interface HeatTrend {
  readonly kind: 'heat';
  readonly status: 'few' | 'steady' | 'rising';
  readonly overs: readonly Over[];
  /** How far over its mate it used to run, and how far of late. */
  readonly usual?: number | undefined;
  readonly lately?: number | undefined;
  /** How far it lies from its usual as a rule. */
  readonly scatter?: number | undefined;
}

const kelvins = (fahrenheit: number) => toSI(fahrenheit, '°F') - toSI(0, '°F');
/** Of late: the middle of so many stops. */
const LATELY = 3;
/** A past of fewer stops than this says nothing. */
const PAST = 5;
/** A hub that comes this much nearer to trouble is worth a word, however steady it was. */
const PLAINLY = kelvins(8);
/** A thermometer and a stop in the sun make at least so much of a difference. */
const LEAST_SCATTER = kelvins(3.5);
/** How sure a rise has to be: less so where two hubs say the same, for chance seldom does. */
const SURE = 4;
const SURE_BESIDE = 2.4;
/** The earlier part of the past is what it is held against: a slow rise must not become its own measure. */
const EARLIER = 0.6;

/** Stops at which a hub and its mate were both read, warm from the road. */
function oversOf(points: readonly Point[], mates: readonly Point[]): readonly Over[] {
  const byEntry = new Map(mates.map((mate) => [mate.entry, mate.value]));
  return points.flatMap((point) => {
    const mate = byEntry.get(point.entry);
    if (mate === undefined || saysNothing(point.value, point.air)) return [];
    return [{ point, mate, over: point.value - mate }];
  });
}

interface Shift {
  readonly usual: number;
  readonly lately: number;
  readonly spread: number;
  /** How sure the rise is: so many times what chance makes of it. */
  readonly sure: number;
}

/** How a hub stands to another of late, against how it used to; undefined while there is no past. */
function shiftOf(overs: readonly Over[]): Shift | undefined {
  const earlier = overs.slice(0, -LATELY);
  if (earlier.length < PAST) return undefined;
  const past = earlier.slice(0, Math.max(PAST, Math.ceil(earlier.length * EARLIER))).map(({ over }) => over);
  const usual = middle(past) ?? 0;
  const lately = middle(overs.slice(-LATELY).map(({ over }) => over)) ?? 0;
  const spread = Math.max(LEAST_SCATTER, scatter(past));
  const error = spread * 1.2533 * Math.sqrt(1 / past.length + 1 / LATELY);
  return { usual, lately, spread, sure: (lately - usual) / error };
}

/**
 * Whether a hub runs warmer than it used to over its mate across the axle and, where there is one, over the next on
 * its own side: sun warms a side, a brake an axle, a failing bearing only its own hub. Told from stops at which
 * they were read together since the day (d) one of them was last opened. Middles and scatter, not means: one stop
 * after hard braking is no trend.
 */
export function heatTrend(
  points: readonly Point[],
  mates: readonly Point[],
  since: number,
  beside: readonly (readonly Point[])[] = [],
): HeatTrend {
  const later = (overs: readonly Over[]) => overs.filter(({ point }) => point.day > since);
  const overs = later(oversOf(points, mates));
  const across = shiftOf(overs);
  if (!across) return { kind: 'heat', status: 'few', overs };
  const others = beside.flatMap((series) => shiftOf(later(oversOf(points, series))) ?? []);
  const sure = others.length > 0 ? SURE_BESIDE : SURE;
  // It has to be the hub itself: over its mate now, not only less far below it.
  const rising =
    across.lately > 0 &&
    [across, ...others].every((shift) => shift.lately - shift.usual > PLAINLY && shift.sure > sure);
  const { usual, lately, spread } = across;
  return { kind: 'heat', status: rising ? 'rising' : 'steady', overs, usual, lately, scatter: spread };
}
