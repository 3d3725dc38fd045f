import type { Instant } from '../base';
import { markKey, type Mark, type Refit, type RigState } from '../log';
import { axleOf, wheelEnds, type WheelEnd } from '../rig';
import { intervalFor, OVERDUE_SHARE, ROUTINES, SOON_SHARE, type RoutineId } from '../rules';
import { meterUse, share, SLACK, type MeterUse } from './meter-use';

/** How pressing a duty is. */
export type DutyVerdict = 'clear' | 'soon' | 'unknown' | 'due' | 'overdue';

/** Routines by interval, and the rechecks that a refit leaves behind. */
export type DutyRoutine = RoutineId | 'lug-recheck';

/** Why a duty stands as it does; words are found for it elsewhere. */
export type DutyReason = 'no-record' | 'within' | 'near' | 'reached' | 'past';

/** One routine at one place: how pressing, by which meter, and why. */
export interface Duty {
  readonly id: string;
  readonly routine: DutyRoutine;
  readonly place: WheelEnd;
  readonly verdict: DutyVerdict;
  readonly reason: DutyReason;
  /** The meter that comes first; none without a record. */
  readonly governing: MeterUse | undefined;
  readonly meters: readonly MeterUse[];
  /** The work it is counted from. */
  readonly from: { readonly entry: string; readonly at: Instant } | undefined;
}

const WEIGHT: Record<DutyVerdict, number> = { clear: 0, soon: 1, unknown: 2, due: 3, overdue: 4 };

function standing(used: number): { verdict: DutyVerdict; reason: DutyReason } {
  if (used >= 1 + OVERDUE_SHARE) return { verdict: 'overdue', reason: 'past' };
  if (used >= 1) return { verdict: 'due', reason: 'reached' };
  if (used >= 1 - SOON_SHARE) return { verdict: 'soon', reason: 'near' };
  return { verdict: 'clear', reason: 'within' };
}

function routineDuty(rig: RigState, routine: RoutineId, place: WheelEnd, now: Instant): Duty | undefined {
  const axle = rig.model?.axles[axleOf(place)];
  const interval = rig.model && axle && intervalFor(routine, axle, rig.model);
  if (!interval) return undefined;
  const id = markKey(routine, place);
  const mark: Mark | undefined = rig.marks[id];
  if (!mark)
    return {
      id,
      routine,
      place,
      verdict: 'unknown',
      reason: 'no-record',
      governing: undefined,
      meters: [],
      from: undefined,
    };
  const meters = meterUse(rig, mark, interval, now);
  const governing = meters.reduce((first, next) => (share(next) > share(first) ? next : first));
  return {
    id,
    routine,
    place,
    ...standing(share(governing)),
    governing,
    meters,
    from: { entry: mark.entry, at: mark.at },
  };
}

function recheckDuty(rig: RigState, place: WheelEnd, refit: Refit): Duty | undefined {
  const used = rig.distance - refit.distance;
  const open = refit.limits.filter((limit) => limit > refit.checked + SLACK);
  const limit = open[0];
  if (limit === undefined) return undefined;
  // Past means that the next look has come due as well, or as much again after the last.
  const past = open[1] ?? limit * 2;
  const reached = used + SLACK >= limit;
  const [verdict, reason]: [DutyVerdict, DutyReason] = !reached
    ? ['soon', 'near']
    : used + SLACK >= past
      ? ['overdue', 'past']
      : ['due', 'reached'];
  const governing: MeterUse = { meter: 'distance', used, limit, basis: 'house', atLeast: false };
  const from = { entry: refit.entry, at: refit.at };
  return {
    id: `lug-recheck@${place}`,
    routine: 'lug-recheck',
    place,
    verdict,
    reason,
    governing,
    meters: [governing],
    from,
  };
}

/** Every duty of a rig at a moment, most pressing first; none before its set-up is known. */
export function dutiesOf(rig: RigState, now: Instant): readonly Duty[] {
  if (!rig.model) return [];
  const duties = wheelEnds(rig.model).flatMap((place) => {
    const refit = rig.refits[place];
    return [
      ...(refit ? [recheckDuty(rig, place, refit)] : []),
      ...ROUTINES.map((routine) => routineDuty(rig, routine, place, now)),
    ].filter((duty) => duty !== undefined);
  });
  const nearness = (duty: Duty) => (duty.governing ? share(duty.governing) : 1);
  return duties.sort((a, b) => WEIGHT[b.verdict] - WEIGHT[a.verdict] || nearness(b) - nearness(a));
}

/** The duties that became more pressing from one moment to another: what a trip made due. */
export function raised(before: readonly Duty[], after: readonly Duty[]): readonly Duty[] {
  const was = new Map(before.map((duty) => [duty.id, duty]));
  return after.filter((duty) => {
    const old = was.get(duty.id);
    return WEIGHT[duty.verdict] > WEIGHT[old?.verdict ?? 'clear'];
  });
}
