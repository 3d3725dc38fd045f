import { type Instant, toSI } from '../base';
import type { RigState } from '../log';

/** What someone typed of a trip: distance and meter reading in m. */
export interface TripClaim {
  readonly distance: number;
  readonly launches: number;
  readonly reading: number | undefined;
  readonly replaced: boolean;
  readonly happened: Instant;
  /** When it began, where that is told. */
  readonly started?: Instant | undefined;
  /** The tow vehicle's readings going out and back home (m). */
  readonly vehicle?: { readonly out: number; readonly home: number } | undefined;
}

/** A trip on record, as far as another is held against it. */
export interface TripOnRecord {
  readonly happened: Instant;
  readonly started?: Instant | undefined;
  readonly vehicle?: { readonly out: number; readonly home: number } | undefined;
}

/** What is wrong with a trip as typed, at which field; `ask` may be insisted on, `refuse` may not. */
export interface TripProblem {
  readonly field: 'distance' | 'launches' | 'reading' | 'happened' | 'started' | 'vehicle';
  readonly code:
    | 'negative'
    | 'absurd'
    | 'long'
    | 'future'
    | 'backwards'
    | 'many'
    | 'not-whole'
    | 'begins-after'
    | 'overlap'
    | 'vehicle-overlap'
    | 'vehicle-order';
  readonly weight: 'refuse' | 'ask';
  /** The day of the other trip that this one is held against. */
  readonly other?: Instant;
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

/** Trips that overlap in time or by the tow vehicle's readings, or whose readings are out of order: asked about, not refused. */
function againstOthers(claim: TripClaim, others: readonly TripOnRecord[]): readonly TripProblem[] {
  const begun = (trip: TripOnRecord) => trip.started ?? trip.happened;
  const overlapping = others.find((trip) => begun(claim) < trip.happened && begun(trip) < claim.happened);
  const { vehicle } = claim;
  const found: TripProblem[] = overlapping
    ? [{ ...ask(claim.started ? 'started' : 'happened', 'overlap'), other: overlapping.happened }]
    : [];
  if (!vehicle) return found;
  const driven = others.flatMap((trip) =>
    trip.vehicle ? [{ ...trip.vehicle, happened: trip.happened }] : [],
  );
  const crossed = driven.find((trip) => vehicle.out < trip.home - SLACK && trip.out < vehicle.home - SLACK);
  if (crossed) return [...found, { ...ask('vehicle', 'vehicle-overlap'), other: crossed.happened }];
  const disordered = driven.find(
    (trip) =>
      (trip.happened < claim.happened && vehicle.out < trip.out) ||
      (trip.happened > claim.happened && vehicle.out > trip.out),
  );
  return disordered ? [...found, { ...ask('vehicle', 'vehicle-order'), other: disordered.happened }] : found;
}

/** Everything wrong with a trip as typed for a rig at a moment. A meter that runs backwards is a typing error or another meter. */
export function checkTrip(
  claim: TripClaim,
  rig: Pick<RigState, 'meter'>,
  now: Instant,
  others: readonly TripOnRecord[] = [],
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
    ...(claim.started !== undefined && claim.started > happened ? [refuse('started', 'begins-after')] : []),
    ...(claim.vehicle && claim.vehicle.home < claim.vehicle.out ? [refuse('vehicle', 'backwards')] : []),
    ...againstOthers(claim, others),
  ];
}
