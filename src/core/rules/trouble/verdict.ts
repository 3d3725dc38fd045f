import { toSI } from '../../base';
import type { Because } from './because';

/** How far a rig may roll, from the mildest: it can be put right here, with care, to the nearest safe place only, not at all. */
export const ROLLS = ['here', 'care', 'creep', 'stay'] as const;
export type Roll = (typeof ROLLS)[number];

/** A verdict on the road: how far (m) and how fast (m/s) at most, when to look again (m), and the code of what decided it. */
export interface RoadVerdict {
  readonly roll: Roll;
  readonly distance?: number;
  readonly speed?: number;
  /** Seconds until it is to be looked at again whatever the miles: a tire that loses air. */
  readonly again?: number;
  /** The first looks (m), and then every so far. */
  readonly looks?: { readonly at: readonly number[]; readonly every?: number };
  readonly because: Because;
}

const mi = (value: number) => toSI(value, 'mi');
const mph = (value: number) => toSI(value, 'mi') / 3600;

/** Put right on the spot with what is aboard: no limit of its own is left. */
export const here = (because: Because): RoadVerdict => ({ roll: 'here', because });

/** With care, so many miles at so many miles an hour, looked at after so many. */
export const care = (
  miles: number,
  speed: number,
  because: Because,
  looks: readonly number[] = [],
  every?: number,
): RoadVerdict => ({
  roll: 'care',
  distance: mi(miles),
  speed: mph(speed),
  ...((looks.length > 0 || every !== undefined) && {
    looks: { at: looks.map(mi), ...(every !== undefined && { every: mi(every) }) },
  }),
  because,
});

/** To the nearest safe place: where a row gives no figure, a mile at 15 mph. */
export const creep = (because: Because, miles = 1, speed = 15): RoadVerdict => ({
  roll: 'creep',
  distance: mi(miles),
  speed: mph(speed),
  because,
});

/** Not towed. */
export const stay = (because: Because): RoadVerdict => ({ roll: 'stay', because });

const graver = (a: RoadVerdict, b: RoadVerdict) => ROLLS.indexOf(a.roll) - ROLLS.indexOf(b.roll);
const least = (a: number | undefined, b: number | undefined) =>
  a === undefined ? b : b === undefined ? a : Math.min(a, b);

/** The stricter of two: the graver word, the shorter way, the lower speed, and every look of both; what is not towed has neither miles nor looks. */
export function stricter(a: RoadVerdict, b: RoadVerdict): RoadVerdict {
  const order = graver(a, b);
  const { roll } = order < 0 ? b : a;
  const shorter = (a.distance ?? Infinity) <= (b.distance ?? Infinity) ? a : b;
  const { because } = order === 0 ? shorter : order > 0 ? a : b;
  if (roll === 'stay') return { roll, because };
  const again = least(a.again, b.again);
  const distance = least(a.distance, b.distance);
  const speed = least(a.speed, b.speed);
  const at = [...new Set([...(a.looks?.at ?? []), ...(b.looks?.at ?? [])])].sort((x, y) => x - y);
  const every = least(a.looks?.every, b.looks?.every);
  return {
    roll,
    ...(distance !== undefined && { distance }),
    ...(speed !== undefined && { speed }),
    ...(again !== undefined && { again }),
    ...((at.length > 0 || every !== undefined) && { looks: { at, ...(every !== undefined && { every }) } }),
    because,
  };
}
