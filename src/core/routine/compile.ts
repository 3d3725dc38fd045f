import { fail, ok, type Result } from '../base';
import { torqueStages, type TorqueStage } from '../figures';
import {
  axleOf,
  hubOpens,
  sideOf,
  wheelEnds,
  type Axle,
  type RigModel,
  type Side,
  type WheelEnd,
} from '../rig';
import { recheckLimits, type HouseRules, type RoutineId, type Subject } from '../rules';
import {
  CLEAR_UP,
  REPACK,
  SET_UP,
  type Fact,
  type Phase,
  type Reading,
  type StepDef,
  type StepId,
} from './steps';

/** A routine asked for at a place. */
export interface Job {
  readonly routine: RoutineId;
  readonly place: WheelEnd;
}

/** One step of a card: a step of a routine at a place of a rig. */
export interface CardStep {
  /** Unique on the card: `nut-set 2R`. */
  readonly key: string;
  readonly step: StepId;
  readonly phase: Phase;
  /** The wheel end worked on; none for what is done once. */
  readonly place: WheelEnd | undefined;
  /** The side whose wheels this step holds. */
  readonly side: Side | undefined;
  /** Which round of the star, counted from 1, and its torque (N·m). */
  readonly round: (TorqueStage & { readonly number: number; readonly of: number }) | undefined;
  readonly needs: readonly Fact[];
  readonly gives: readonly Fact[];
  readonly takes: readonly Fact[];
  readonly readings: readonly Reading[];
  readonly subjects: readonly Subject[];
  readonly optional: boolean;
  readonly minutes: number;
}

/** Work laid out for one rig, in the order it is done. */
export interface Card {
  readonly jobs: readonly Job[];
  readonly house: HouseRules;
  /** Cumulative distances (m) from the refit at which to recheck lugs. */
  readonly rechecks: readonly number[];
  readonly steps: readonly CardStep[];
}

/** Why no card can be made. */
export type CompileProblem =
  | { readonly code: 'no-jobs' }
  | { readonly code: 'no-such-place'; readonly place: WheelEnd }
  | { readonly code: 'hub-stays-shut'; readonly place: WheelEnd }
  /** What the steps depend on has not been told of this axle yet. */
  | {
      readonly code: 'not-known';
      readonly place: WheelEnd;
      readonly facts: readonly ('hub' | 'lock' | 'brake')[];
    }
  | { readonly code: 'twice'; readonly place: WheelEnd }
  | { readonly code: 'deadlock'; readonly keys: readonly string[] };

function fill(facts: readonly Fact[], place: WheelEnd | undefined, side: Side | undefined): readonly Fact[] {
  return facts.map((fact) => fact.replace('{}', place ?? '').replace('{side}', side ?? ''));
}

function lay(
  def: StepDef,
  place: WheelEnd | undefined,
  side: Side | undefined,
  extra: Partial<CardStep> = {},
): CardStep {
  const at = place ?? (def.scope === 'side' ? side : undefined);
  return {
    key: [def.id, extra.round?.number, at].filter((part) => part !== undefined).join(' '),
    step: def.id,
    phase: def.phase,
    place,
    side,
    round: undefined,
    needs: fill(def.needs, place, side),
    gives: fill(def.gives, place, side),
    takes: fill(def.takes ?? [], place, side),
    readings: def.readings ?? [],
    subjects: def.subjects ?? [],
    optional: def.optional ?? false,
    minutes: def.minutes,
    ...extra,
  };
}

const other = (side: Side): Side => (side === 'L' ? 'R' : 'L');

/** The rounds of the star at one wheel: those in the air end in "snug", those on the ground in "torqued". */
function rounds(
  def: StepDef,
  place: WheelEnd,
  side: Side,
  stages: readonly TorqueStage[],
  where: 'air' | 'ground',
) {
  const numbered = stages.map((stage, i) => ({ ...stage, number: i + 1, of: stages.length }));
  const mine = numbered.filter((stage) => stage.where === where);
  const last = mine[mine.length - 1];
  return mine.map((round) => {
    const given = [`round ${round.number} ${place}`];
    if (round === last) given.push(where === 'air' ? `snug ${place}` : `torqued ${place}`);
    const needs = [
      `round ${round.number - 1} ${place}`,
      where === 'air' ? `up ${place}` : `down again ${place}`,
    ];
    if (round.number === 1) needs.push(`started ${place}`);
    const phase: Phase = where === 'air' ? 'wheel' : 'down';
    return lay(def, place, side, { round, needs, gives: given, phase });
  });
}

function corner(
  place: WheelEnd,
  axle: Axle,
  model: RigModel,
  stages: readonly TorqueStage[],
): readonly CardStep[] {
  const side = other(sideOf(place));
  return REPACK.filter((def) => !def.when || def.when(axle, model.kind)).flatMap((def) => {
    if (def.id === 'torque') return rounds(def, place, side, stages, 'air');
    const step = lay(def, place, side);
    return def.id === 'lower' ? [step, ...rounds(REPACK_TORQUE, place, side, stages, 'ground')] : [step];
  });
}

const REPACK_TORQUE = REPACK.find((def) => def.id === 'torque') as StepDef;

/** Facts that hold before the first step. */
function atStart(places: readonly WheelEnd[]): Set<Fact> {
  return new Set(places.flatMap((p) => [`down ${p}`, `tight ${p}`, `wheel ${p}`, `seal in place ${p}`]));
}

/** Takes, again and again, the first step whose needs are met: the order written is kept wherever it is safe. */
function order(
  steps: readonly CardStep[],
  start: ReadonlySet<Fact>,
): Result<readonly CardStep[], CompileProblem> {
  const facts = new Set(start);
  const left = [...steps];
  const out: CardStep[] = [];
  while (left.length > 0) {
    const at = left.findIndex((step) => step.needs.every((fact) => facts.has(fact)));
    const next = left[at];
    if (!next) return fail({ code: 'deadlock', keys: left.map((step) => step.key) });
    left.splice(at, 1);
    for (const fact of next.takes) facts.delete(fact);
    for (const fact of next.gives) facts.add(fact);
    out.push(next);
  }
  return ok(out);
}

/** What each step may ask for: facts that some step of this card gives, or that hold from the start. */
function withoutAbsent(steps: readonly CardStep[], start: ReadonlySet<Fact>): readonly CardStep[] {
  const given = new Set([...start, ...steps.flatMap((step) => step.gives)]);
  return steps.map((step) => ({ ...step, needs: step.needs.filter((fact) => given.has(fact)) }));
}

/** Lays work out for one rig under the owner's schools: one corner after the other, set-up shared. Deterministic. */
export function compile(
  model: RigModel,
  jobs: readonly Job[],
  house: HouseRules,
): Result<Card, CompileProblem> {
  if (jobs.length === 0) return fail({ code: 'no-jobs' });
  const places = jobs.map((job) => job.place);
  const stages = torqueStages(model.wheels.torque?.value, house.torque);
  const first = model.axles[0] as Axle;
  const setUp = SET_UP.filter((def) => !def.when || def.when(first, model.kind));
  const once = setUp.filter((def) => def.scope === 'card').map((def) => lay(def, undefined, undefined));
  const corners: CardStep[] = [];
  const held = new Set<Side>();
  for (const [i, place] of places.entries()) {
    const axle = model.axles[axleOf(place)];
    if (!axle || !wheelEnds(model).includes(place)) return fail({ code: 'no-such-place', place });
    if (!hubOpens(axle) || jobs[i]?.routine !== 'repack') return fail({ code: 'hub-stays-shut', place });
    const facts = (['hub', 'lock', 'brake'] as const).filter((fact) => axle[fact] === undefined);
    if (facts.length > 0) return fail({ code: 'not-known', place, facts });
    if (places.indexOf(place) !== i) return fail({ code: 'twice', place });
    // A side is chocked when the first corner across from it is about to be loosened, not before it is worked on itself.
    const side = other(sideOf(place));
    if (!held.has(side))
      corners.push(...setUp.filter((def) => def.scope === 'side').map((def) => lay(def, undefined, side)));
    held.add(side);
    corners.push(...corner(place, axle, model, stages));
  }
  const end = CLEAR_UP.map((def) =>
    lay(def, undefined, undefined, { needs: places.map((place) => `torqued ${place}`) }),
  );
  const start = atStart(places);
  const ordered = order(withoutAbsent([...once, ...corners, ...end], start), start);
  if (!ordered.ok) return ordered;
  return ok({ jobs, house, rechecks: recheckLimits(house), steps: ordered.value });
}
