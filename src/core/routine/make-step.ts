import type { TorqueStage } from '../figures';
import {
  mayRock,
  axleOf,
  isGuess,
  isSpare,
  isWheelEnd,
  sideOf,
  wheelEnds,
  type Axle,
  type RigModel,
  type Side,
  type WheelEnd,
} from '../rig';
import {
  threadsAfterRefit,
  threadsNow,
  torqueOf,
  type HouseRules,
  type RoutinePlace,
  type ThreadState,
  type TorqueId,
} from '../rules';
import type { CardStep, Job, Pace, RecordedThreads, TakenBranch } from './card';
import {
  BRANCHES,
  CHAPTERS,
  chapterSteps,
  inWalkingOrder,
  TIGHTEN_HARD,
  type ChapterId,
  type Act,
  type Fact,
  type StepContext,
  type StepDef,
} from './steps';

/** What a card may rest on beside rig, jobs and schools. */
export interface CompileExtra {
  readonly branches?: readonly TakenBranch[];
  readonly pace?: Pace;
  readonly threads?: RecordedThreads;
  /** Bolts whose torque is passed over. */
  readonly unset?: readonly TorqueId[];
}

interface Site {
  readonly place?: RoutinePlace | undefined;
  readonly side?: Side | undefined;
  readonly mate?: RoutinePlace | undefined;
}

/** Everything that laying steps out needs to know. */
export interface CardContext {
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly jobs: readonly Job[];
  readonly extra: CompileExtra;
  readonly framed: boolean;
  /** The rounds of the star on threads that stand so. */
  readonly stages: (threads: ThreadState) => readonly TorqueStage[];
}

/** Nobody does a step in less than this share of its usual minutes. */
const QUICKEST = 0.25;

export const other = (side: Side): Side => (side === 'L' ? 'R' : 'L');

function fill(
  facts: readonly Fact[],
  ends: readonly WheelEnd[],
  { place, side, mate }: Site,
): readonly Fact[] {
  return facts.flatMap((fact) => {
    if (!fact.includes('{')) return [fact];
    if (fact.includes('{each}')) return ends.map((end) => fact.replace('{each}', end));
    return [
      fact
        .replace('{}', place ?? '')
        .replace('{side}', side ?? '')
        .replace('{other}', side ? other(side) : '')
        .replace('{mate}', mate ?? ''),
    ];
  });
}

function liftAt({ model, house }: CardContext, def: StepDef, axle: Axle | undefined): CardStep['lift'] {
  if (def.id !== 'jack' && def.id !== 'frame-up') return undefined;
  if (model.lifting?.point === 'maker') return 'maker';
  return def.id === 'jack' && house.lift === 'spring-seat' && axle?.suspension === 'leaf'
    ? 'spring-seat'
    : 'frame';
}

/** Work on nuts that comes before or without their refit; all other work on nuts is done on threads as the refit leaves them. */
function threadsAt(
  { model, house, extra }: CardContext,
  def: StepDef,
  place: WheelEnd,
): ThreadState | undefined {
  switch (def.id) {
    case 'check-lugs':
      return threadsNow(extra.threads?.[place], house);
    case 'torque':
    case 'threads':
    case 'dress-threads':
    case 'open-rechecks':
      return threadsAfterRefit(house, model);
    default:
      return undefined;
  }
}

/** The figure for some bolts (N·m); a guess is none. */
function figureFor(model: RigModel, id: TorqueId): number | undefined {
  const told = torqueOf(model, id);
  return told && !isGuess(told) ? told.value : undefined;
}

export function makeStep(
  ground: CardContext,
  def: StepDef,
  site: Site = {},
  more: Partial<CardStep> = {},
): CardStep {
  const ends = wheelEnds(ground.model);
  const at = def.scope === 'card' ? undefined : def.scope === 'side' ? site.side : site.place;
  const place = def.scope === 'place' ? site.place : undefined;
  const axle = place !== undefined && isWheelEnd(place) ? ground.model.axles[axleOf(place)] : undefined;
  return {
    key: [def.id, more.round?.number, at].filter((part) => part !== undefined).join(' '),
    step: def.id,
    phase: def.phase,
    place,
    side: def.scope === 'card' ? undefined : site.side,
    round: undefined,
    threads: place !== undefined && isWheelEnd(place) ? threadsAt(ground, def, place) : undefined,
    lift: liftAt(ground, def, axle),
    needs: fill(def.needs, ends, site),
    gives: fill(def.gives, ends, site),
    takes: fill(def.takes, ends, site),
    readings: def.readings,
    subjects: def.subjects,
    ...(def.torque && { torque: { of: def.torque, value: figureFor(ground.model, def.torque) } }),
    tool: def.tool,
    optional: def.optional,
    minutes: Math.max(ground.extra.pace?.[def.id] ?? def.minutes, def.minutes * QUICKEST),
    ...more,
  };
}

export function contextAt(ground: CardContext, place: RoutinePlace | undefined): StepContext {
  const here = ground.jobs
    .filter((job) => job.place === place || job.with === place)
    .map(({ routine }) => routine);
  const { house, model, extra } = ground;
  return {
    axle: place !== undefined && isWheelEnd(place) ? ground.model.axles[axleOf(place)] : undefined,
    redress:
      place !== undefined &&
      isWheelEnd(place) &&
      !here.includes('stud-threads') &&
      threadsNow(extra.threads?.[place], house) !== threadsAfterRefit(house, model),
    kind: ground.model.kind,
    house: ground.house,
    has: (...works) => works.some((work) => here.includes(work)),
    figure: (bolts) => figureFor(model, bolts) !== undefined,
    adapters: model.wheels.adapter?.fitted === true,
    racesFitted: ground.jobs.some((job) => job.place === place && job.races === 'fitted'),
    firstOfTwo: firstOfTwo(ground, place),
    fromSpare: ground.jobs.some((job) => job.place === place && job.with !== undefined && isSpare(job.with)),
    framed: ground.framed,
    equalized: mayRock(model),
    covered: model.wheels.cover !== 'none',
    steadied: model.kind === 'rv' && model.gear?.stabilizers !== false,
  };
}

/** True for the one of two wheels that change places whose corner is raised first. */
function firstOfTwo(ground: CardContext, place: RoutinePlace | undefined): boolean {
  const { jobs } = ground;
  const job = jobs.find(
    (one) => one.routine === 'tire-rotate' && (one.place === place || one.with === place),
  );
  const [first, second] = job?.with ? cornersInTurn(ground, [job.place, job.with].filter(isWheelEnd)) : [];
  return place !== undefined && first === place && second !== undefined;
}

/** The side on which the work at corners begins: that of the first job at one. */
export function startOf(jobs: readonly Job[]): Side {
  const first = jobs.map(({ place }) => place).find(isWheelEnd);
  return first ? sideOf(first) : 'L';
}

/** Corners in the order they are raised: as one walks; where grease is purged, hubs with no brake behind them come first, since a purge can push a seal out (handbook 6). */
export function cornersInTurn(
  { model, house, jobs }: CardContext,
  ends: readonly WheelEnd[],
): readonly WheelEnd[] {
  const walked = inWalkingOrder(ends, startOf(jobs)).filter((place) => isWheelEnd(place));
  const purged = (end: WheelEnd) => jobs.some(({ routine, place }) => routine === 'grease' && place === end);
  if (house.grease !== 'purge' || !walked.some(purged)) return walked;
  const bare = (end: WheelEnd) => purged(end) && model.axles[axleOf(end)]?.brake === 'none';
  return [...walked.filter(bare), ...walked.filter((end) => !bare(end))];
}

/** Steps with those of the branches taken at a place put in before the step they are for. */
export function withBranches(ground: CardContext, defs: readonly StepDef[], site: Site): readonly StepDef[] {
  const added = (ground.extra.branches ?? [])
    .filter((taken) => taken.place === site.place && (site.place !== undefined || taken.side === site.side))
    .flatMap(({ branch }) => BRANCHES[branch].add);
  if (added.length === 0) return defs;
  return defs.flatMap((def) => [
    ...new Set(added.filter(({ before }) => before === def.id).map(({ step }) => step)),
    def,
  ]);
}

/** The rounds of the star at one wheel: those in the air end in "snug", those on the ground in "torqued". */
function rounds(
  ground: CardContext,
  def: StepDef,
  place: WheelEnd,
  stages: readonly TorqueStage[],
  where: 'air' | 'ground',
): readonly CardStep[] {
  const numbered = stages.map((stage, i) => ({ ...stage, number: i + 1, of: stages.length }));
  const mine = numbered.filter((stage) => stage.where === where);
  const last = mine[mine.length - 1];
  return mine.map((round) => {
    const gives = [`round ${round.number} ${place}`];
    if (round === last) gives.push(where === 'air' ? `snug ${place}` : `torqued ${place}`);
    const needs = [
      `round ${round.number - 1} ${place}`,
      where === 'air' ? `up ${place}` : `down again ${place}`,
    ];
    if (round.number === 1) needs.push(`started ${place}`);
    return makeStep(
      ground,
      def,
      { place, side: other(sideOf(place)) },
      {
        round,
        needs,
        gives,
        phase: where === 'air' ? 'wheel' : 'down',
      },
    );
  });
}

/** True where a wheel is changed and nothing else, by the school that tightens hard, goes, and torques at the next safe place. */
function onTheVerge({ house, jobs }: Pick<CardContext, 'house' | 'jobs'>, place: RoutinePlace): boolean {
  const here = jobs.filter((job) => job.place === place || job.with === place);
  return (
    house.verge === 'tighten-and-go' &&
    here.length > 0 &&
    here.every(({ routine }) => routine === 'tire-change')
  );
}

/** What comes when the wheel is down and at torque, whichever of it a card has. */
const AFTER_THE_LAST_ROUND: ReadonlySet<Act> = new Set(['set-pressure', 'cover-on', 'open-rechecks']);

/** Everything a corner has done to it, in the order it is written. */
export function corner(
  ground: CardContext,
  place: WheelEnd,
  chapters: ReadonlySet<ChapterId>,
): readonly CardStep[] {
  const context = contextAt(ground, place);
  const job = ground.jobs.find(
    (one) => one.routine === 'tire-rotate' && (one.place === place || one.with === place),
  );
  const mate = job && (job.place === place ? job.with : job.place);
  const site = { place, side: other(sideOf(place)), mate };
  const defs = CHAPTERS.filter((id) => chapters.has(id)).flatMap(chapterSteps);
  const here = withBranches(ground, defs, site).filter((def) => !def.when || def.when(context));
  const torque = here.find(({ id }) => id === 'torque');
  const stages = ground.stages(threadsAfterRefit(ground.house, ground.model));
  const refit = here.findIndex(({ id, phase }) => phase === 'down' && AFTER_THE_LAST_ROUND.has(id));
  const hard = onTheVerge(ground, place);
  const tight = (def: StepDef) =>
    hard ? [makeStep(ground, TIGHTEN_HARD, site)] : rounds(ground, def, place, stages, 'ground');
  return here.flatMap((def, i) => [
    ...(torque && i === refit ? tight(torque) : []),
    ...(def.id === 'torque'
      ? rounds(ground, def, place, stages, 'air')
      : hard && def.id === 'open-rechecks'
        ? []
        : [makeStep(ground, def, site)]),
  ]);
}

/** The full rounds on the ground, for a wheel that never left it. */
export function inPlace(
  ground: CardContext,
  defs: readonly StepDef[],
  place: RoutinePlace,
): readonly CardStep[] {
  const site = { place, ...(isWheelEnd(place) && { side: other(sideOf(place)) }) };
  const context = contextAt(ground, place);
  const full = ground
    .stages(threadsAfterRefit(ground.house, ground.model))
    .filter((stage) => stage.share === 1);
  return withBranches(ground, defs, site)
    .filter((def) => !def.when || def.when(context))
    .flatMap((def) =>
      def.id === 'torque' && isWheelEnd(place)
        ? rounds(ground, def, place, full, 'ground')
        : [makeStep(ground, def, site)],
    );
}
