import { DAY_MS, msOf, type Instant } from '../base';
import type { RigState } from '../log';
import type { WheelEnd } from '../rig';
import type { Duty } from './duty';
import { SLACK, type MeterUse } from './meter-use';

/** A trip ahead: distance in m. */
export interface OutlookTrip {
  readonly at: Instant;
  readonly distance: number;
  readonly launches: number;
}

/** Something that falls due on the way, so far (m) or so many launches from home. */
export interface OnTheWay {
  readonly duty: Duty;
  readonly distance: number | undefined;
  readonly launch: number | undefined;
}

/** What a trip ahead runs into: what falls due before it starts, and what falls due on the way, nearest first. */
export interface Outlook {
  readonly before: readonly Duty[];
  readonly during: readonly OnTheWay[];
}

/** True where a meter that counts days will have reached its limit by a moment. */
function dueBy(use: MeterUse, duty: Duty, at: Instant): boolean {
  return (
    use.meter === 'days' && duty.from !== undefined && msOf(at) >= msOf(duty.from.at) + use.limit * DAY_MS
  );
}

/** The distances (m) from now at which a duty asks to be done: of rechecks every look that is still open. */
function distancesOf(rig: Pick<RigState, 'refits' | 'distance'>, duty: Duty): readonly number[] {
  const refit = duty.routine === 'lug-recheck' ? rig.refits[duty.place as WheelEnd] : undefined;
  if (refit)
    return refit.limits
      .filter((limit) => limit > refit.checked + SLACK)
      .map((limit) => refit.distance + limit - rig.distance);
  return duty.meters.filter((use) => use.meter === 'distance').map((use) => use.limit - use.used);
}

/** What a trip ahead runs into, after so much (m, launches) that is planned before it. What is due already is the tow verdict's. */
export function tripOutlook(
  rig: Pick<RigState, 'refits' | 'distance'>,
  duties: readonly Duty[],
  trip: OutlookTrip,
  earlier: { readonly distance: number; readonly launches: number } = { distance: 0, launches: 0 },
): Outlook {
  const waiting = duties.filter(
    (duty) => duty.matter === 'safety' && (duty.verdict === 'clear' || duty.verdict === 'soon'),
  );
  const before: Duty[] = [];
  const during: OnTheWay[] = [];
  for (const duty of waiting) {
    if (duty.reason === 'deferred') continue;
    const launch = duty.meters
      .filter((use) => use.meter === 'launches')
      .map((use) => use.limit - use.used - earlier.launches)[0];
    const far = distancesOf(rig, duty).map((left) => left - earlier.distance);
    // A recheck that comes up on an earlier trip is done there; any other routine that does is due before this one.
    const reached = duty.routine !== 'lug-recheck' && far.some((left) => left <= SLACK);
    if (
      duty.meters.some((use) => dueBy(use, duty, trip.at)) ||
      reached ||
      (launch !== undefined && launch <= 0)
    ) {
      before.push(duty);
      continue;
    }
    for (const distance of far)
      if (distance > SLACK && distance <= trip.distance) during.push({ duty, distance, launch: undefined });
    if (launch !== undefined && launch <= trip.launches) during.push({ duty, distance: undefined, launch });
  }
  return {
    before,
    during: during.sort((a, b) => (a.distance ?? trip.distance) - (b.distance ?? trip.distance)),
  };
}
