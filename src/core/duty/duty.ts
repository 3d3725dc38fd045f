import { DAY_MS, instantOf, msOf, DUTY_SCALE, type Instant, type DutyVerdict } from '../base';
import { tireDate } from '../figures';
import {
  doneKey,
  lastDoneOf,
  partAt,
  rolledBy,
  type Deferral,
  type FindingState,
  type LastDone,
  type Refit,
  type RigState,
} from '../log';
import { remedyOf } from '../judge';
import { wheelEnds, type WheelEnd } from '../rig';
import {
  checkpoints,
  HOUSE_DEFAULT,
  intervalOf,
  routineDef,
  ROUTINES,
  STOP_SHARE,
  type HouseRules,
  type Interval,
  type IntervalContext,
  type Matter,
  type RoutineId,
  type RoutinePlace,
  type WorkId,
  type SeasonDates,
} from '../rules';
import { meterUse, pullUse, share, SLACK, standingOf, type MeterUse } from './meter-use';

/** Routines by interval, and the rechecks that a refit leaves behind. */
export type DutyRoutine = RoutineId | 'lug-recheck';

/** Why a duty stands as it does; words are found for it elsewhere. */
export type DutyReason =
  'no-record' | 'no-figure' | 'within' | 'near' | 'reached' | 'past' | 'finding' | 'deferred' | 'past-stop';

/** One routine at one place: how pressing, by which meter, and why. */
export interface Duty {
  readonly id: string;
  readonly routine: DutyRoutine;
  readonly place: RoutinePlace;
  readonly matter: Matter;
  readonly verdict: DutyVerdict;
  readonly reason: DutyReason;
  /** The meter that comes first; none without a record. */
  readonly governing: MeterUse | undefined;
  readonly meters: readonly MeterUse[];
  /** The work, or the part's own beginning, that it is counted from. */
  readonly from: { readonly entry: string | undefined; readonly at: Instant } | undefined;
  /** It was seen on a short walk since, which is not the look that is asked for. */
  readonly glanced?: { readonly walk: string; readonly at: Instant } | undefined;
  /** The finding that pulls it forward. */
  readonly finding?: FindingState | undefined;
  /** A routine that presses at the same place at least as much, and does this one by the way. */
  readonly within?: RoutineId | undefined;
  /** Put off, with what was said. */
  readonly deferral?: Deferral | undefined;
}

const weigh = DUTY_SCALE.rank;
const MATTER: Record<Matter, number> = { safety: 2, moment: 1, upkeep: 0 };
const STANDING = [
  { verdict: 'clear', reason: 'within' },
  { verdict: 'soon', reason: 'near' },
  { verdict: 'due', reason: 'reached' },
  { verdict: 'overdue', reason: 'past' },
] as const;

/** The meter that comes first: the one that stands worst, and of those alike the one most used up. */
function governs(meters: readonly MeterUse[]): MeterUse | undefined {
  return meters.reduce<MeterUse | undefined>((first, next) => {
    if (!first) return next;
    const by = standingOf(next) - standingOf(first) || share(next) - share(first);
    return by > 0 ? next : first;
  }, undefined);
}

/** What a duty has been counted from, with its meters. */
interface Counted {
  readonly meters: readonly MeterUse[];
  readonly from: Duty['from'];
}

/** A part's age is counted from when it was made or put in service, wherever it sits by now. */
function countedByPart(
  rig: RigState,
  kind: 'tire' | 'battery',
  place: RoutinePlace,
  about: IntervalContext,
  now: Instant,
): Counted | undefined {
  const part = place === 'rig' ? undefined : partAt(rig, kind, place);
  if (!part) return undefined;
  const began = beganOf(part.facts, kind, now);
  if (!began) return undefined;
  const { days } = intervalOf(kind === 'tire' ? 'tire-renew' : 'battery-renew', place, about);
  const mark: LastDone = { entry: '', at: began, distance: 0, distanceKnown: true, trips: 0, launches: 0 };
  return {
    meters: meterUse(rig, mark, days ? { days } : {}, undefined, now),
    from: { entry: undefined, at: began },
  };
}

function beganOf(
  facts: Readonly<Record<string, { readonly value: string | number } | undefined>>,
  kind: 'tire' | 'battery',
  now: Instant,
): Instant | undefined {
  if (kind === 'battery') {
    const since = facts['since']?.value;
    return typeof since === 'string' ? `${since}T00:00:00.000Z` : undefined;
  }
  const dot = facts['dot']?.value;
  const read = dot === undefined ? undefined : tireDate(String(dot), msOf(now));
  return read?.ok ? instantOf(msOf(now) - read.value.age * 365.25 * DAY_MS) : undefined;
}

/** Where the meters of a routine stood when it was last done at a place; of a tire, when that very tire was looked at. */
function countedByWork(
  rig: RigState,
  routine: RoutineId,
  place: RoutinePlace,
  about: IntervalContext,
  now: Instant,
): Counted | undefined {
  const interval = intervalOf(routine, place, about);
  const counted = (state: Pick<RigState, 'distance' | 'trips' | 'launches'>, mark: LastDone): Counted => ({
    meters: meterUse(state, mark, interval, about.season, now),
    from: { entry: mark.entry, at: mark.at },
  });
  const tire = routine === 'tire-look' && place !== 'rig' ? partAt(rig, 'tire', place) : undefined;
  const look = tire && rig.tireLooks[tire.id];
  if (tire && look) return counted({ ...rig, distance: rolledBy(rig, tire) }, look);
  // What follows every launch is counted from the first, done before or not.
  const mark = lastDoneOf(rig, routine, place) ?? notBefore(rig, routine, interval, about, now);
  // What was looked at there before this tire came was another tire.
  if (!mark || (tire && tire.since > mark.at)) return undefined;
  return counted(rig, mark);
}

/** What counts from the beginning of the record where it was never done: rinsing, and the lay-up of a rig that was set up after it. */
function notBefore(
  rig: RigState,
  routine: RoutineId,
  { seasons, ...meters }: Interval,
  { season }: IntervalContext,
  now: Instant,
): LastDone | undefined {
  const start = beginning(rig);
  if (routine === 'rinse') return start;
  const layUpOnly = seasons?.length === 1 && seasons[0] === 'layup' && Object.keys(meters).length === 0;
  if (!layUpOnly || !season || start.at === '') return undefined;
  // Set up while this lay-up was still to come, it counts for this one.
  const inside = checkpoints(season, 'layup', now).find(
    ({ opens, at }) => opens <= start.at && start.at < at,
  );
  return inside ? { ...start, at: instantOf(msOf(inside.opens) - 1) } : start;
}

/** Where the meters stood when the record began. */
function beginning(rig: RigState): LastDone {
  const at = rig.since ?? '';
  return { entry: '', at, distance: 0, distanceKnown: true, trips: 0, launches: 0 };
}

/** Whether a routine is put off: not once its new limit has come, and never past what is safe. */
function deferred(
  rig: RigState,
  deferral: Deferral | undefined,
  governing: MeterUse | undefined,
  matter: Matter,
  now: Instant,
): 'put-off' | 'past-stop' | undefined {
  if (!deferral || !governing) return undefined;
  const over =
    (deferral.until !== undefined && now >= deferral.until) ||
    (deferral.distance !== undefined && rig.distance + SLACK >= deferral.distance);
  if (over) return undefined;
  const stop = stopLimit(governing);
  return matter === 'safety' && governing.used >= stop ? 'past-stop' : 'put-off';
}

/** How far a meter of what matters for safety may run before nothing puts it off any longer. */
export function stopLimit(use: MeterUse): number {
  return use.limit * (1 + STOP_SHARE);
}

/** A routine that a finding pulls forward, as far as a routine puts it right. */
interface PulledBy {
  readonly routine: WorkId;
  readonly place: RoutinePlace;
  readonly finding: FindingState;
}

function pulledByFindings(rig: RigState, { model, house }: IntervalContext): readonly PulledBy[] {
  const findings = Object.values(rig.findings);
  return findings
    .filter(({ verdict }) => verdict !== 'watch')
    .flatMap((finding) =>
      remedyOf(finding, { model, house, findings }).jobs.map((job) => ({ ...job, finding })),
    );
}

function routineDuty(
  rig: RigState,
  routine: RoutineId,
  place: RoutinePlace,
  about: IntervalContext,
  now: Instant,
  pulls: readonly PulledBy[],
): Duty {
  const def = routineDef(routine);
  const id = doneKey(routine, place);
  const matter = def.matter(place);
  const counted = def.ofPart
    ? countedByPart(rig, def.ofPart, place, about, now)
    : countedByWork(rig, routine, place, about, now);
  const meters = [...(counted?.meters ?? []), ...pullUse(rig, rig.pulls[id] ?? [])];
  const governing = governs(meters);
  const unfigured = !governing && Object.keys(intervalOf(routine, place, about)).length === 0;
  const stands = governing
    ? STANDING[standingOf(governing)]
    : ({ verdict: 'unknown', reason: unfigured ? 'no-figure' : 'no-record' } as const);
  const deferral = rig.deferrals[id];
  const off = deferred(rig, deferral, governing, matter, now);
  const finding = pulls.find((one) => one.routine === routine && one.place === place)?.finding;
  const glance = routine === 'gear-look' ? rig.glanced[place] : undefined;
  const since = counted?.from?.at;
  const glanced = glance && (since === undefined || glance.at > since) ? { glanced: glance } : {};
  const base = { id, routine, place, matter, governing, meters, from: counted?.from, ...glanced };
  if (off === 'past-stop') return { ...base, verdict: 'overdue', reason: 'past-stop', deferral };
  if (off === 'put-off' && weigh(stands.verdict) >= weigh('due'))
    return { ...base, verdict: 'soon', reason: 'deferred', deferral };
  if (finding && weigh(stands.verdict) < weigh('due'))
    return { ...base, verdict: 'due', reason: 'finding', finding };
  return { ...base, ...stands };
}

function recheckDuty(rig: RigState, place: WheelEnd, refit: Refit): Duty | undefined {
  const used = rig.distance - refit.distance;
  const open = refit.limits.filter((limit) => limit > refit.checked + SLACK);
  const limit = open[0];
  if (limit === undefined) return undefined;
  const use: MeterUse = {
    meter: 'distance',
    used,
    limit,
    soon: 0,
    // Past means that the next look has come due as well, or as much again after the last.
    overdue: open[1] ?? limit * 2,
    basis: 'house',
    atLeast: false,
  };
  return {
    id: `lug-recheck@${place}`,
    routine: 'lug-recheck',
    place,
    matter: 'safety',
    ...STANDING[standingOf(use)],
    governing: use,
    meters: [use],
    from: { entry: refit.entry, at: refit.at },
  };
}

/** Something that happened asks for it before the rig is towed on, whatever longer work is due there as well. */
const isAtOnce = ({ meters }: Duty) => meters.some(({ cause, limit }) => cause !== undefined && limit === 0);

/** A duty that another at its place does by the way says so: nobody is asked for both. */
function containedIn(duty: Duty, pressing: readonly Duty[]): Duty {
  if (duty.verdict === 'clear' || duty.reason === 'finding' || isAtOnce(duty)) return duty;
  for (const { routine, place, matter, verdict, reason } of pressing) {
    if (routine === 'lug-recheck' || reason === 'no-figure' || place !== duty.place) continue;
    const def = routineDef(routine);
    if (!def.covers.some((id) => id === duty.routine)) continue;
    // A part whose age nobody knows is dated, not renewed; and what is only upkeep never stands for what is more.
    const weak = (def.ofPart && verdict === 'unknown') || MATTER[matter] < MATTER[duty.matter];
    if (!weak && weigh(verdict) >= weigh(duty.verdict)) return { ...duty, within: routine };
  }
  return duty;
}

/** Every duty of a rig at a moment under the rules that hold for it, most pressing first; none before its set-up is known. */
export function dutiesOf(
  rig: RigState,
  now: Instant,
  house: HouseRules = HOUSE_DEFAULT,
  season: SeasonDates | undefined = undefined,
): readonly Duty[] {
  const { model } = rig;
  if (!model) return [];
  const about = { model, house, season };
  const rechecks = wheelEnds(model).flatMap((place) => {
    const refit = rig.refits[place];
    const duty = refit && recheckDuty(rig, place, refit);
    return duty ? [duty] : [];
  });
  const pulls = pulledByFindings(rig, about);
  const routines = ROUTINES.flatMap((routine) =>
    routineDef(routine)
      .places(model, house)
      // Nothing to rinse off before the first launch.
      .filter(() => routine !== 'rinse' || rig.launches > 0)
      .map((place) => routineDuty(rig, routine, place, about, now, pulls)),
  );
  const all = [...rechecks, ...routines];
  const pressing = all.filter((duty) => weigh(duty.verdict) >= weigh('unknown'));
  const nearness = (duty: Duty) => (duty.governing ? share(duty.governing) : 1);
  return all
    .map((duty) => containedIn(duty, pressing))
    .sort(
      (a, b) =>
        weigh(b.verdict) - weigh(a.verdict) ||
        MATTER[b.matter] - MATTER[a.matter] ||
        nearness(b) - nearness(a),
    );
}

/** The duties that became more pressing from one moment to another: what a trip made due. */
export function raised(before: readonly Duty[], after: readonly Duty[]): readonly Duty[] {
  const was = new Map(before.map((duty) => [duty.id, duty]));
  return after.filter((duty) => {
    const old = was.get(duty.id);
    return weigh(duty.verdict) > weigh(old?.verdict ?? 'clear');
  });
}

/** How a change of rules moves the duties of a rig: for how many a limit comes earlier, for how many later. */
export function moved(
  before: readonly Duty[],
  after: readonly Duty[],
): { readonly earlier: number; readonly later: number } {
  const was = new Map(before.map((duty) => [duty.id, duty]));
  const meterOf = (use: MeterUse) => `${use.meter} ${use.season ?? ''} ${use.cause ?? ''}`;
  // Limits are compared, not what is used of them: a limit in miles that shrinks moves the duty, whatever leads today.
  const shifts = after.map((duty) => {
    const old = new Map(was.get(duty.id)?.meters.map((use) => [meterOf(use), use.limit]));
    const signs = duty.meters.map((use) => Math.sign(use.limit - (old.get(meterOf(use)) ?? use.limit)));
    return signs.find((sign) => sign !== 0) ?? 0;
  });
  return {
    earlier: shifts.filter((shift) => shift < 0).length,
    later: shifts.filter((shift) => shift > 0).length,
  };
}
