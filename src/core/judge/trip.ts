import type { Instant } from '../base';
import type { RigState } from '../log';
import { toSI } from '../quantity';

/** What someone typed of a trip: distance and meter reading in m. */
export interface TripClaim {
  readonly distance: number;
  readonly launches: number;
  readonly reading: number | undefined;
  readonly replaced: boolean;
  readonly happened: Instant;
}

/** What is wrong with a trip as typed, at which field; `ask` may be insisted on, `refuse` may not. */
export interface TripProblem {
  readonly field: 'distance' | 'launches' | 'reading' | 'happened';
  readonly code: 'negative' | 'absurd' | 'long' | 'future' | 'backwards' | 'many' | 'not-whole';
  readonly weight: 'refuse' | 'ask';
}

/** Once round the Earth (m): no one trip is longer. */
const ROUND_THE_EARTH = 40_075_000;
const LONG = toSI(1500, 'mi');
const MANY_LAUNCHES = 12;
const MOST_LAUNCHES = 200;
/** Slack (m) under which two readings are the same: rounding of typed miles. */
const SLACK = 1;

const refuse = (field: TripProblem['field'], code: TripProblem['code']): TripProblem => ({
  field,
  code,
  weight: 'refuse',
});
const ask = (field: TripProblem['field'], code: TripProblem['code']): TripProblem => ({
  field,
  code,
  weight: 'ask',
});

function ofDistance(distance: number): readonly TripProblem[] {
  if (!Number.isFinite(distance) || distance > ROUND_THE_EARTH) return [refuse('distance', 'absurd')];
  if (distance < 0) return [refuse('distance', 'negative')];
  return distance > LONG ? [ask('distance', 'long')] : [];
}

function ofLaunches(launches: number): readonly TripProblem[] {
  if (launches < 0) return [refuse('launches', 'negative')];
  if (!Number.isInteger(launches)) return [refuse('launches', 'not-whole')];
  if (launches > MOST_LAUNCHES) return [refuse('launches', 'absurd')];
  return launches > MANY_LAUNCHES ? [ask('launches', 'many')] : [];
}

/** Everything wrong with a trip as typed for a rig at a moment. A meter that runs backwards is a typing error or another meter. */
export function checkTrip(
  claim: TripClaim,
  rig: Pick<RigState, 'meter'>,
  now: Instant,
): readonly TripProblem[] {
  const { reading, replaced, happened } = claim;
  const last = rig.meter;
  const backwards =
    reading !== undefined && !replaced && last !== undefined && reading < last.reading - SLACK;
  return [
    ...ofDistance(claim.distance),
    ...ofLaunches(claim.launches),
    ...(reading !== undefined && reading < 0 ? [refuse('reading', 'negative')] : []),
    ...(backwards ? [refuse('reading', 'backwards')] : []),
    ...(happened > now ? [refuse('happened', 'future')] : []),
  ];
}
