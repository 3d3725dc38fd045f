import * as z from 'zod/mini';
import type { RigModel } from './model';

/** L or R, seen facing forward. */
export type Side = 'L' | 'R';

/** A wheel end: axle number from the front, then side. */
export type WheelEnd = `${1 | 2 | 3}${Side}`;

const ALL: readonly WheelEnd[] = ['1L', '1R', '2L', '2R', '3L', '3R'];

/** Reads a wheel end code. */
export const wheelEndSchema = z.enum(['1L', '1R', '2L', '2R', '3L', '3R']);

/** True for the code of a wheel end. */
export function isWheelEnd(text: string): text is WheelEnd {
  return (ALL as readonly string[]).includes(text);
}

/** The wheel ends of a rig, from the front, left before right. */
export function wheelEnds(model: Pick<RigModel, 'axles'>): readonly WheelEnd[] {
  return ALL.slice(0, model.axles.length * 2);
}

/** The axle of a wheel end, counted from zero at the front. */
export function axleOf(place: WheelEnd): 0 | 1 | 2 {
  return (Number(place[0]) - 1) as 0 | 1 | 2;
}

/** The side of a wheel end. */
export function sideOf(place: WheelEnd): Side {
  return place[1] as Side;
}

/** The wheel end across the axle, and the others on the same side of this rig. */
export function matesOf(
  place: WheelEnd,
  model: Pick<RigModel, 'axles'>,
): { readonly across: WheelEnd; readonly sameSide: readonly WheelEnd[] } {
  const side = sideOf(place);
  const across = `${place[0]}${side === 'L' ? 'R' : 'L'}` as WheelEnd;
  return { across, sameSide: wheelEnds(model).filter((end) => sideOf(end) === side && end !== place) };
}
