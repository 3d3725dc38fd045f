import { TREAD_LIMIT, LINING_MINIMUM } from '../../rules';
import { toSI } from '../../base';
import { fitRuns } from './fit';
import type { Point } from './history';

/** How something wears away over distance; m of wear, m of road. */
export interface WearTrend {
  readonly kind: 'wear';
  readonly what: 'tread' | 'lining';
  readonly status: 'few' | 'wearing' | 'hardly';
  /** Depth left (m) by what was rolled (m). */
  readonly dots: readonly { readonly point: Point; readonly x: number; readonly y: number }[];
  /** Wear (m) in 1,000 mi of road, with a band of 90 %. */
  readonly rate?: number | undefined;
  readonly low?: number | undefined;
  readonly high?: number | undefined;
  /** Road left to the limit (m): at least, likely. */
  readonly left?: { readonly least: number; readonly likely: number } | undefined;
  readonly limit: number;
}

const THOUSAND = toSI(1000, 'mi');
const LIMITS = { tread: TREAD_LIMIT, lining: LINING_MINIMUM.bonded } as const;
/** How far a depth read with a gauge or rule is off (m). */
const NOISE = toSI(0.4 / 32, 'in');
const SURE = 1.645;
/** Over less road than this nothing can be said (m). */
const SHORTEST = toSI(200, 'mi');
/** More than the reading before by so much is another tire or lining (m). */
const RENEWED = toSI(2 / 32, 'in');

/** The points since the thing was last renewed. */
function ofThisOne(points: readonly Point[]): readonly Point[] {
  const last = points[points.length - 1];
  let from = 0;
  points.forEach((point, i) => {
    const before = points[i - 1];
    const another = point.tire !== last?.tire || (before && point.value > before.value + RENEWED);
    if (before && another) from = i;
    if (point.tire !== last?.tire) from = i + 1;
  });
  return points.slice(from);
}

/** The lowest of several readings of one look, by its entry. */
export function lowest(...series: readonly (readonly Point[])[]): readonly Point[] {
  const byEntry = new Map<string, Point>();
  for (const point of series.flat()) {
    const had = byEntry.get(point.entry);
    if (!had || point.value < had.value) byEntry.set(point.entry, point);
  }
  return [...byEntry.values()].sort((a, b) => a.day - b.day);
}

/** How tread or lining wears over the road, and how much road is left to its limit (m): of a lining that of its axle. */
export function wearTrend(
  what: WearTrend['what'],
  points: readonly Point[],
  limit: number = LIMITS[what],
): WearTrend {
  const dots = ofThisOne(points).map((point) => ({
    point,
    x: what === 'tread' ? (point.rolled ?? point.distance) : point.distance,
    y: point.value,
  }));
  const few = { kind: 'wear', what, status: 'few', dots, limit } as const;
  const first = dots[0];
  const last = dots[dots.length - 1];
  if (!first || !last || last.x - first.x < SHORTEST) return few;
  const line = fitRuns([dots], NOISE);
  if (!line) return few;
  const rate = -line.slope * THOUSAND;
  const wide = SURE * line.error * THOUSAND;
  const level = line.at(last.x);
  const road = (worn: number) => (worn <= 0 ? Infinity : Math.max(0, ((level - limit) / worn) * THOUSAND));
  // A loss that may as well be none has no end to tell.
  const wears = rate - wide > 0;
  return {
    kind: 'wear',
    what,
    status: wears ? 'wearing' : 'hardly',
    dots,
    limit,
    rate,
    low: rate - wide,
    high: rate + wide,
    left: wears ? { least: road(rate + wide), likely: road(rate) } : undefined,
  };
}

/** How a tread wears across, and what that speaks for. */
export type WearPattern = 'even' | 'edges' | 'middle' | 'inner' | 'outer';

/** Differences across a tread smaller than this are even (m). */
const UNEVEN = toSI(1.5 / 32, 'in');

/** The pattern of three depths across a tread (m). */
export function wearPattern(inner: number, center: number, outer: number): WearPattern {
  const edges = (inner + outer) / 2;
  if (Math.abs(inner - outer) >= UNEVEN) return inner < outer ? 'inner' : 'outer';
  if (edges - center >= UNEVEN) return 'middle';
  return center - edges >= UNEVEN ? 'edges' : 'even';
}
