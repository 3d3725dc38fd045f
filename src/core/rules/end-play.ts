import { toSI } from '../quantity';
import type { Axle } from '../rig';
import type { Basis } from './schools';

/** The end play (m) a set hub may have, and what that rests on. */
export interface EndPlayWindow {
  readonly min: number;
  readonly max: number;
  readonly basis: Basis;
}

const HOUSE: EndPlayWindow = { min: toSI(0.001, 'in'), max: toSI(0.01, 'in'), basis: 'house' };

/** The end play window of an axle: its maker's where it is known and not a guess, else the house rule. */
export function endPlayWindow(axle: Pick<Axle, 'endPlay'>): EndPlayWindow {
  const own = axle.endPlay;
  return own && own.source !== 'guess' ? { ...own.value, basis: own.source } : HOUSE;
}
