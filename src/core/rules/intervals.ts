import { toSI } from '../quantity';
import { hubOpens, type Axle, type RigModel } from '../rig';
import type { Basis } from './schools';

/** The routines this product knows how to make due. */
export const ROUTINES = ['repack', 'hub-look'] as const;
export type RoutineId = (typeof ROUTINES)[number];

/** A limit on one meter with what it rests on. */
export interface Limit {
  readonly value: number;
  readonly basis: Basis;
}

/** When a routine comes round: distance in m, time in d, launches counted; whichever is first. */
export interface Interval {
  readonly distance?: Limit;
  readonly days?: Limit;
  readonly launches?: Limit;
}

/** A duty is soon when this share of its interval is left. */
export const SOON_SHARE = 0.1;

/** A duty is overdue when it is past its limit by this share of its interval. */
export const OVERDUE_SHARE = 0.1;

/** The house interval of a repack: distance in m, time in d. */
export const HOUSE_REPACK = { distance: toSI(12_000, 'mi'), days: 365 } as const;

const house = (value: number): Limit => ({ value, basis: 'house' });

/** The interval of a routine at an axle of a rig: the owner's or maker's own figures, else the house rule; none where it does not apply. */
export function intervalFor(routine: RoutineId, axle: Axle, model: RigModel): Interval | undefined {
  if (routine === 'hub-look') return hubOpens(axle) ? undefined : { days: house(365) };
  if (!hubOpens(axle)) return undefined;
  const own = model.repackEvery ?? {};
  const limit = (spec: { value: number; source: Basis } | undefined, fallback: Limit | undefined) =>
    spec && spec.source !== 'guess' ? { value: spec.value, basis: spec.source } : fallback;
  const distance = limit(own.distance, house(HOUSE_REPACK.distance));
  const days = limit(own.days, house(HOUSE_REPACK.days));
  const launches = limit(own.launches, undefined);
  return { ...(distance && { distance }), ...(days && { days }), ...(launches && { launches }) };
}
