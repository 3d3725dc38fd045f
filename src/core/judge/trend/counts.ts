import { middle } from '../../base';
import type { Point, RecheckPoint } from './history';

/** What rechecks of one wheel say together. */
export interface NutTrend {
  readonly kind: 'nuts';
  readonly status: 'few' | 'steady' | 'moving';
  readonly looks: readonly RecheckPoint[];
  /** How many of the last looks found a nut moved or loose, of how many. */
  readonly moved: number;
  readonly of: number;
}

const LOOKS = 6;
const MOVES_OFTEN = 2;

/** Whether the nuts of a wheel keep moving: two of the last six looks are more than settling. */
export function nutTrend(looks: readonly RecheckPoint[]): NutTrend {
  const last = looks.slice(-LOOKS);
  const moved = last.filter(({ result }) => result !== 'held').length;
  const status = last.length < 2 ? 'few' : moved >= MOVES_OFTEN ? 'moving' : 'steady';
  return { kind: 'nuts', status, looks, moved, of: last.length };
}

/** What strokes of the gun say of a hub, beside its own past and the others. */
export interface StrokeTrend {
  readonly kind: 'strokes';
  readonly status: 'few' | 'steady' | 'swallows';
  readonly points: readonly Point[];
  readonly last?: number | undefined;
  /** What it took before, and what the others took at the same greasing. */
  readonly usual?: number | undefined;
  readonly others?: number | undefined;
}

/** A hub that takes so many times as much, and at least so many strokes more, swallows grease. */
const TIMES = 1.8;
const MORE = 4;

/** Whether a hub suddenly swallows more than it did, or than the others did at the same greasing. */
export function strokeTrend(points: readonly Point[], others: readonly (readonly Point[])[]): StrokeTrend {
  const last = points[points.length - 1];
  const usual = middle(points.slice(0, -1).map(({ value }) => value));
  const beside = middle(
    others.flatMap((series) => series.filter(({ entry }) => entry === last?.entry).map(({ value }) => value)),
  );
  if (!last || (usual === undefined && beside === undefined))
    return { kind: 'strokes', status: 'few', points };
  const much = (than: number | undefined) =>
    than === undefined || (last.value >= than * TIMES && last.value >= than + MORE);
  const status = much(usual) && much(beside) ? 'swallows' : 'steady';
  return { kind: 'strokes', status, points, last: last.value, usual, others: beside };
}

/** End play over time (m). */
export interface PlayTrend {
  readonly kind: 'play';
  readonly status: 'few' | 'steady' | 'growing';
  readonly points: readonly Point[];
}

/** Growth smaller than this is the dial's own (m). */
const GROWN = 0.00005;

/** Whether end play grew at each of the last looks, more than a dial is off. */
export function playTrend(points: readonly Point[]): PlayTrend {
  const last = points.slice(-3);
  const grew = last.every((point, i) => i === 0 || point.value > (last[i - 1]?.value ?? 0));
  const by = (last[last.length - 1]?.value ?? 0) - (last[0]?.value ?? 0);
  const status = points.length < 3 ? 'few' : grew && by > GROWN ? 'growing' : 'steady';
  return { kind: 'play', status, points };
}
