import { toSI } from '../base';
import type { Axle, Source } from '../rig';

/** The end play (m) a set hub may have, and what that rests on. */
export interface EndPlayWindow {
  readonly min: number;
  readonly max: number;
  readonly basis: Source | 'house';
}

/** A spindle nut is tightened to so much, the hub turning, to seat its bearings before it is let off (N·m, handbook 6). */
export const NUT_SEATING = toSI(50, 'lbf·ft');

const HOUSE: EndPlayWindow = { min: toSI(0.001, 'in'), max: toSI(0.01, 'in'), basis: 'house' };

/** The end play window of an axle: its maker's where it is known and not a guess, else the house rule. */
export function endPlayWindow(axle: Pick<Axle, 'endPlay'>): EndPlayWindow {
  const own = axle.endPlay;
  return own && own.source !== 'guess' ? { ...own.value, basis: own.source } : HOUSE;
}
