import { fail, ok, type Result } from '../base';
import { torqueStages, type TorqueStage } from '../figures';
import {
  axleOf,
  isWheelEnd,
  sideOf,
  wheelEnds,
  type Axle,
  type RigModel,
  type Side,
  type WheelEnd,
} from '../rig';
import { recheckLimits, type HouseRules, type RoutinePlace } from '../rules';
import {
  effortOf,
  type Card,
  type CardStep,
  type CompileProblem,
  type Job,
  type Pace,
  type TakenBranch,
} from './card';
import { settleJobs } from './jobs';
import {
  BRANCHES,
  CHAPTERS,
  chapterSteps,
  CHOCK,
  FRAME_DOWN,
  FRAME_UP,
  inWalkingOrder,
  placesOfJob,
  PLANS,
  SET_UP,
  UNCHOCK,
  type ChapterId,
  type Fact,
  type Plan,
  type StepContext,
  type StepDef,
} from './steps';

/** What a card may rest on beside rig, jobs and schools. */
export interface CompileExtra {
  readonly branches?: readonly TakenBranch[];
  readonly pace?: Pace;
}

interface Site {
  readonly place?: RoutinePlace | undefined;
  readonly side?: Side | undefined;
  readonly mate?: RoutinePlace | undefined;
}

/** Everything that laying steps out needs to know. */
interface Ground {
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly jobs: readonly Job[];
  readonly extra: CompileExtra;
  readonly framed: boolean;
  readonly stages: readonly TorqueStage[];
}

const other = (side: Side): Side => (side === 'L' ? 'R' : 'L');
const SIDES: readonly Side[] = ['L', 'R'];

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

function liftAt({ model, house }: Ground, def: StepDef, axle: Axle | undefined): CardStep['lift'] {
  if (def.id !== 'jack' && def.id !== 'frame-up') return undefined;
  if (model.lifting?.point === 'maker') return 'maker';
  return def.id === 'jack' && house.lift === 'spring-seat' && axle?.suspension === 'leaf'
    ? 'spring-seat'
    : 'frame';
}

function lay(ground: Ground, def: StepDef, site: Site = {}, more: Partial<CardStep> = {}): CardStep {
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
    lift: liftAt(ground, def, axle),
    needs: fill(def.needs, ends, site),
    gives: fill(def.gives, ends, site),
    takes: fill(def.takes, ends, site),
    readings: def.readings,
    subjects: def.subjects,
    tool: def.tool,
    optional: def.optional,
    minutes: ground.extra.pace?.[def.id] ?? def.minutes,
    ...more,
  };
}

function contextAt(ground: Ground, place: RoutinePlace | undefined): StepContext {
  const here = ground.jobs
    .filter((job) => job.place === place || job.with === place)
    .map(({ routine }) => routine);
  return {
    axle: place !== undefined && isWheelEnd(place) ? ground.model.axles[axleOf(place)] : undefined,
    kind: ground.model.kind,
    house: ground.house,
    has: (...works) => works.some((work) => here.includes(work)),
    framed: ground.framed,
  };
}

/** Steps with those of the branches taken at a place put in before the step they are for. */
function withBranches(ground: Ground, defs: readonly StepDef[], site: Site): readonly StepDef[] {
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
  ground: Ground,
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
    return lay(
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

/** Everything a corner has done to it, in the order it is written. */
function corner(ground: Ground, place: WheelEnd, chapters: ReadonlySet<ChapterId>): readonly CardStep[] {
  const context = contextAt(ground, place);
  const job = ground.jobs.find(
    (one) => one.routine === 'tire-rotate' && (one.place === place || one.with === place),
  );
  const mate = job && (job.place === place ? job.with : job.place);
  const site = { place, side: other(sideOf(place)), mate };
  const defs = CHAPTERS.filter((id) => chapters.has(id)).flatMap(chapterSteps);
  const here = withBranches(ground, defs, site).filter((def) => !def.when || def.when(context));
  const torque = here.find(({ id }) => id === 'torque');
  const refit = here.findIndex(({ id }) => id === 'set-pressure' || id === 'cover-on');
  return here.flatMap((def, i) => [
    ...(torque && i === refit ? rounds(ground, torque, place, ground.stages, 'ground') : []),
    ...(def.id === 'torque' ? rounds(ground, def, place, ground.stages, 'air') : [lay(ground, def, site)]),
  ]);
}

/** One full round on the ground, for a wheel that never left it. */
function inPlace(ground: Ground, defs: readonly StepDef[], place: RoutinePlace): readonly CardStep[] {
  const site = { place, ...(isWheelEnd(place) && { side: other(sideOf(place)) }) };
  const context = contextAt(ground, place);
  const full = ground.stages.filter((stage) => stage.share === 1).slice(-1);
  return withBranches(ground, defs, site)
    .filter((def) => !def.when || def.when(context))
    .flatMap((def) =>
      def.id === 'torque' && isWheelEnd(place)
        ? rounds(ground, def, place, full, 'ground')
        : [lay(ground, def, site)],
    );
}

/** The pads of a disc are seen with the wheel off: its hub stays shut. */
const HUB_OPEN: ReadonlySet<ChapterId> = new Set(['hubOff', 'hubOn', 'setBrake']);

/** What a card has to do at corners, by corner. */
function cornersOf(ground: Ground): ReadonlyMap<WheelEnd, ReadonlySet<ChapterId>> {
  const corners = new Map<WheelEnd, Set<ChapterId>>();
  for (const job of ground.jobs) {
    const chapters = PLANS[job.routine]?.corner;
    if (!chapters) continue;
    const places = [...placesOfJob(job.routine, job.place, ground.model), ...(job.with ? [job.with] : [])];
    for (const place of places) {
      if (!isWheelEnd(place)) continue;
      const disc = ground.model.axles[axleOf(place)]?.brake === 'hydraulic-disc';
      const wanted =
        disc && job.routine === 'brake-measure' ? chapters.filter((id) => !HUB_OPEN.has(id)) : chapters;
      corners.set(place, new Set([...(corners.get(place) ?? []), ...wanted]));
    }
  }
  // With the wheel off for other work the threads lie bare.
  for (const { routine, place } of ground.jobs)
    if (routine === 'stud-threads' && isWheelEnd(place) && corners.get(place)?.has('wheelOff'))
      corners.get(place)?.add('threads');
  return corners;
}

/** The jobs of one kind on foot, place by place in walking order. */
function onFoot(
  ground: Ground,
  which: 'before' | 'after',
  corners: ReadonlyMap<WheelEnd, ReadonlySet<ChapterId>>,
): readonly CardStep[] {
  const atCorner = (place: RoutinePlace, chapter: ChapterId) =>
    isWheelEnd(place) && corners.get(place)?.has(chapter) === true;
  const order = Object.keys(PLANS);
  const stops = ground.jobs.flatMap((job) => {
    const plan: Plan | undefined = PLANS[job.routine];
    const defs = plan?.[which];
    if (
      !defs ||
      (plan.corner && isWheelEnd(job.place)) ||
      (atCorner(job.place, 'threads') && job.routine === 'stud-threads')
    )
      return [];
    return placesOfJob(job.routine, job.place, ground.model).map((place) => ({
      place,
      defs,
      work: job.routine,
    }));
  });
  const places = inWalkingOrder([...new Set(stops.map(({ place }) => place))]);
  return places.flatMap((place) =>
    stops
      .filter((stop) => stop.place === place)
      .sort((a, b) => order.indexOf(a.work) - order.indexOf(b.work))
      .flatMap(({ defs }) => inPlace(ground, defs, place)),
  );
}

/** Every step of a card in the order written, set-up shared; `grouped` breaks all nuts of one side loose in one walk. */
function written(ground: Ground, grouped: boolean): readonly CardStep[] {
  const { jobs, model } = ground;
  const corners = cornersOf(ground);
  const first = [...corners.keys()][0];
  const ends = inWalkingOrder([...corners.keys()], first && sideOf(first)).filter((place) =>
    isWheelEnd(place),
  );
  const early: CardStep[] = [];
  const late: CardStep[] = [];
  const chock = (side: Side) => lay(ground, CHOCK, { side });
  for (const side of first ? [sideOf(first), other(sideOf(first))] : []) {
    const laid = ends
      .filter((place) => sideOf(place) === side)
      .map((place) => corner(ground, place, corners.get(place) ?? new Set()));
    if (laid.length === 0) continue;
    const loosens = (step: CardStep) => step.phase === 'ground';
    const together = grouped || ground.framed;
    const target = ground.framed ? early : late;
    // On four stands nothing rolls: only nuts broken loose before are held against.
    if (!ground.framed || laid.flat().some(loosens)) target.push(chock(other(side)));
    if (together) target.push(...laid.flatMap((steps) => steps.filter(loosens)));
    late.push(...laid.flatMap((steps) => (together ? steps.filter((step) => !loosens(step)) : steps)));
  }
  const plans = jobs.map((job) => PLANS[job.routine]);
  const once = plans.flatMap((plan) => plan?.first ?? []).map((def) => lay(ground, def));
  const before = onFoot(ground, 'before', corners);
  const after = onFoot(ground, 'after', corners);
  const held = new Set([...early, ...late].filter(({ step }) => step === 'chock').map(({ side }) => side));
  // Threads are cared for on the ground: both nuts and rig are held all the same.
  const alsoHeld = after
    .filter(({ step }) => step === 'threads')
    .flatMap(({ side }) => (side && !held.has(side) ? [side] : []));
  const frame = plans.flatMap((plan) => (plan?.frame ? [plan.frame] : []));
  const joined = frame.flatMap(({ joined }) => joined).map((def) => lay(ground, def));
  const sides = frame.flatMap((one) =>
    SIDES.flatMap((side) =>
      withBranches(ground, one.sides, { side })
        .filter((def) => !def.when || def.when({ ...contextAt(ground, undefined), axle: leafAxle(model) }))
        .map((def) => lay(ground, def, { side })),
    ),
  );
  const up = ground.framed ? FRAME_UP.map((def) => lay(ground, def)) : [];
  const down = ground.framed ? FRAME_DOWN.map((def) => lay(ground, def)) : [];
  const raised = corners.size > 0 || ground.framed;
  const body = [
    ...before,
    ...early,
    ...up,
    ...late,
    ...sides,
    ...joined,
    ...down,
    ...[...new Set(alsoHeld)].map(chock),
    ...after,
  ];
  const setUp = SET_UP.filter(
    (def) =>
      (def.id === 'steady' ? raised : body.some(({ needs }) => needs.includes('braked'))) &&
      (!def.when || def.when(contextAt(ground, undefined))),
  ).map((def) => lay(ground, def));
  const chocked = body.some(({ step }) => step === 'chock');
  const settled = body.flatMap(({ gives }) =>
    gives.filter((fact) => /^(torqued|down again|lugs checked) /.test(fact)),
  );
  const end = chocked ? [lay(ground, UNCHOCK, {}, { needs: settled })] : [];
  return distinct([...once, ...setUp, ...body, ...end]);
}

/** Each step once, where two jobs ask for the same. */
function distinct(steps: readonly CardStep[]): readonly CardStep[] {
  return [...new Map([...steps].reverse().map((step) => [step.key, step])).values()].reverse();
}

const leafAxle = (model: RigModel): Axle | undefined =>
  model.axles.find(({ suspension }) => suspension === 'leaf');

/** Facts that hold before the first step of a card. */
export function factsAtStart(model: RigModel): ReadonlySet<Fact> {
  return new Set([
    ...wheelEnds(model).flatMap((p) => [`down ${p}`, `tight ${p}`, `wheel ${p}`, `seal in place ${p}`]),
    'free L',
  ]);
}

/** Takes, again and again, the first step whose needs are met: the order written is kept wherever it is safe. */
export function order(
  steps: readonly CardStep[],
  start: ReadonlySet<Fact>,
): Result<readonly CardStep[], CompileProblem> {
  // Each step counts what it still waits for, so that a fact that comes or goes touches only who asks for it.
  const askers = new Map<Fact, number[]>();
  const waiting = steps.map(({ needs }, i) => {
    for (const fact of new Set(needs)) {
      const list = askers.get(fact);
      if (list) list.push(i);
      else askers.set(fact, [i]);
    }
    return [...new Set(needs)].filter((fact) => !start.has(fact)).length;
  });
  const facts = new Set(start);
  const change = (fact: Fact, there: boolean) => {
    if (facts.has(fact) === there) return;
    if (there) facts.add(fact);
    else facts.delete(fact);
    for (const i of askers.get(fact) ?? []) waiting[i] = (waiting[i] ?? 0) + (there ? -1 : 1);
  };
  const out: CardStep[] = [];
  const taken = steps.map(() => false);
  while (out.length < steps.length) {
    const at = waiting.findIndex((count, i) => count === 0 && !taken[i]);
    const next = steps[at];
    if (!next)
      return fail({ code: 'deadlock', keys: steps.filter((_, i) => !taken[i]).map((step) => step.key) });
    taken[at] = true;
    for (const fact of next.takes) change(fact, false);
    for (const fact of next.gives) change(fact, true);
    out.push(next);
  }
  return ok(out);
}

/** What each step may ask for: facts that some step of this card gives, or that hold from the start. */
function withoutAbsent(steps: readonly CardStep[], start: ReadonlySet<Fact>): readonly CardStep[] {
  const given = new Set([...start, ...steps.flatMap((step) => step.gives)]);
  return steps.map((step) => ({ ...step, needs: step.needs.filter((fact) => given.has(fact)) }));
}

/** Lays work out for one rig under the owner's schools: set-up shared, one corner up at a time, the least walking of the safe orders. Deterministic. */
export function compile(
  model: RigModel,
  jobs: readonly Job[],
  house: HouseRules,
  extra: CompileExtra = {},
): Result<Card, CompileProblem> {
  const settled = settleJobs(model, jobs, house);
  if (!settled.ok) return settled;
  const ground: Ground = {
    model,
    house,
    jobs: settled.value,
    extra,
    framed: settled.value.some((job) => PLANS[job.routine]?.frame !== undefined),
    stages: torqueStages(model.wheels.torque?.value, house.torque),
  };
  const start = factsAtStart(model);
  let best: { readonly steps: readonly CardStep[]; readonly cost: number } | undefined;
  for (const grouped of [true, false]) {
    const ordered = order(withoutAbsent(written(ground, grouped), start), start);
    if (!ordered.ok) return ordered;
    const { cost } = effortOf(ordered.value);
    if (!best || cost < best.cost) best = { steps: ordered.value, cost };
  }
  return ok({
    jobs: settled.value,
    house,
    branches: extra.branches ?? [],
    rechecks: recheckLimits(house),
    steps: best?.steps ?? [],
  });
}
