import type { Instant } from '../../base';
import type { TowReason, TowVerdict } from '../../duty';
import { CREEP, roadLimits, type RigState, type RoadLimits } from '../../log';
import { lookNext, type ComingLook, type NextLook } from './next-look';

/** Where a rig stands on the road: how far and how fast it may roll, what decides, what is looked at next. */
export interface RigStanding {
  /** The gravest word; `go` where nothing limits it. */
  readonly roll: 'go' | RoadLimits['roll'];
  /** The limits it rides on, joined. */
  readonly limits: RoadLimits | undefined;
  /** What keeps it where it is beside any limit: open work, a contradiction, work that cannot wait. */
  readonly against: readonly TowReason[];
  /** The next look of a trip under way. */
  readonly next: NextLook | undefined;
}

/** Where what several limits come to together ends: sooner than each of them by itself. */
function joinedEnd({ joined, left, of }: RoadLimits): ComingLook | undefined {
  if (!joined || left === undefined) return undefined;
  const places = [...new Set(of.map(({ place }) => place))];
  return { cause: 'limit-ends', left, of: CREEP.distance, places };
}

/**
 * Where a rig stands, from its limits, findings, troubles, rechecks, duties and the trip (trouble 2 and 6). `tow` is its
 * verdict at a standstill, `into` how far the trip has come by now (m), `pace` how fast (m/s) where that is known.
 */
export function standingOf(
  rig: RigState,
  tow: TowVerdict,
  now: Instant,
  {
    into = rig.underWay?.into ?? 0,
    pace,
  }: { readonly into?: number; readonly pace?: number | undefined } = {},
): RigStanding {
  const driven = Math.max(0, into - (rig.underWay?.into ?? 0));
  // What has come since the miles were told last counts against each limit by now.
  const limits = roadLimits(driven > 0 ? { ...rig, distance: rig.distance + driven } : rig, now);
  const against = tow.reasons.filter(
    ({ kind, fitness }) => fitness === 'not' && kind !== 'finding' && kind !== 'limits',
  );
  return {
    roll: against.length > 0 ? 'stay' : (limits?.roll ?? 'go'),
    limits,
    against,
    next: lookNext(rig, into, now, pace, limits && joinedEnd(limits)),
  };
}
