import {
  axleOf,
  hubOpens,
  isWheelEnd,
  sideOf,
  type Axle,
  type RigModel,
  type Side,
  type WheelEnd,
} from '../rig';
import type { RoutinePlace } from '../rules';
import type { CardStep, Job } from './card';
import {
  contextAt,
  cornersInTurn,
  corner,
  inPlace,
  makeStep,
  other,
  startOf,
  withBranches,
  type CardContext,
} from './make-step';
import {
  CHOCK,
  CHOCK_OVER,
  FRAME_DOWN,
  FRAME_UP,
  inWalkingOrder,
  placesOfJob,
  PLANS,
  SET_UP,
  UNCHOCK,
  axleEnds,
  chaptersAt,
  type ChapterId,
  type Plan,
  type StepDef,
} from './steps';

const SIDES: readonly Side[] = ['L', 'R'];

/** Where a hub stays shut its brake is seen with the wheel off, or through its plate. */
const HUB_OPEN: ReadonlySet<ChapterId> = new Set([
  'hubOff',
  'hubOn',
  'plugHome',
  'setBrake',
  'lookBrake',
  'lookSeal',
  'measure',
]);

/** What a card has to do at corners, by corner. */
function cornersOf(ground: CardContext): ReadonlyMap<WheelEnd, ReadonlySet<ChapterId>> {
  const corners = new Map<WheelEnd, Set<ChapterId>>();
  for (const job of ground.jobs) {
    if (!PLANS[job.routine]?.corner) continue;
    const places = [...placesOfJob(job.routine, job.place, ground.model), ...(job.with ? [job.with] : [])];
    for (const place of places) {
      if (!isWheelEnd(place)) continue;
      const axle = ground.model.axles[axleOf(place)];
      const chapters = chaptersAt(job.routine, axle) ?? [];
      const shut = axle?.brake === 'hydraulic-disc' || (axle !== undefined && !hubOpens(axle));
      const wanted =
        shut && job.routine === 'brake-measure' ? chapters.filter((id) => !HUB_OPEN.has(id)) : chapters;
      corners.set(place, new Set([...(corners.get(place) ?? []), ...wanted]));
    }
  }
  // Adapters lie bare with the wheel off, and come over to a new hub: their nuts are gone round.
  if (ground.model.wheels.adapter?.fitted)
    for (const chapters of corners.values()) if (chapters.has('wheelOff')) chapters.add('adapter');
  // With the wheel off for other work the threads lie bare.
  for (const { routine, place } of ground.jobs)
    if (routine === 'stud-threads' && isWheelEnd(place) && corners.get(place)?.has('wheelOff'))
      corners.get(place)?.add('threads');
  return corners;
}

/** The jobs of one kind on foot, place by place in walking order. */
function onFoot(
  ground: CardContext,
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

const leafAxle = (model: RigModel): Axle | undefined =>
  model.axles.find(({ suspension }) => suspension === 'leaf');

const chock = (ground: CardContext, side: Side) => makeStep(ground, CHOCK, { side });
const loosens = (step: CardStep) => step.phase === 'ground';

/** Corners in walking order, wheels that change places one right after the other: no third corner is raised while one of them stands without its wheel. */
function pairedUp({ jobs }: CardContext, ends: readonly WheelEnd[]): readonly WheelEnd[] {
  const mates = new Map(
    jobs.flatMap(({ place, with: mate }) =>
      mate && isWheelEnd(place) && isWheelEnd(mate) ? [[place, mate] as const, [mate, place] as const] : [],
    ),
  );
  const paired = ends.flatMap((end) => {
    const mate = mates.get(end);
    return mate ? [end, mate] : [end];
  });
  return [...new Set(paired)].filter((end) => ends.includes(end));
}

/** The work at corners, one side after the other: what is done before the frame goes up, and all the rest. */
function atCorners(
  ground: CardContext,
  corners: ReadonlyMap<WheelEnd, ReadonlySet<ChapterId>>,
  grouped: boolean,
): { readonly early: readonly CardStep[]; readonly late: readonly CardStep[] } {
  const first = corners.size > 0;
  const ends = pairedUp(ground, cornersInTurn(ground, [...corners.keys()]));
  const early: CardStep[] = [];
  const late: CardStep[] = [];
  for (const side of first ? [startOf(ground.jobs), other(startOf(ground.jobs))] : []) {
    const laid = ends
      .filter((place) => sideOf(place) === side)
      .map((place) => corner(ground, place, corners.get(place) ?? new Set()));
    if (laid.length === 0) continue;
    const together = grouped || ground.framed;
    const target = ground.framed ? early : late;
    // On four stands nothing rolls: only nuts broken loose before are held against.
    if (late.length > 0 && !ground.framed)
      target.push(
        makeStep(
          ground,
          CHOCK_OVER,
          { side: other(side) },
          {
            needs: [
              'braked',
              ...late.flatMap(({ gives }) => gives.filter((fact) => fact.startsWith('down again '))),
            ],
          },
        ),
      );
    else if (!ground.framed || laid.flat().some(loosens)) target.push(chock(ground, other(side)));
    if (together) target.push(...laid.flatMap((steps) => steps.filter(loosens)));
    late.push(...laid.flatMap((steps) => (together ? steps.filter((step) => !loosens(step)) : steps)));
  }
  return { early, late };
}

/** What of setting an axle comes before its springs are worked on. */
const beforeSprings: ReadonlySet<string> = new Set(['axle-wires-off', 'axle-lines-off', 'axle-off']);

/** Steps at the one axle that a job is for, told at its left end. */
function atAxle(ground: CardContext, job: Job, defs: readonly StepDef[]): readonly CardStep[] {
  const [place, mate] = axleEnds(job.place);
  if (!place || !mate) return [];
  const context = contextAt(ground, place);
  return defs
    .filter((def) => !def.when || def.when(context))
    .map((def) => makeStep(ground, def, { place, mate }));
}

/** The work under a frame on its stands, side by side and then joined, between its going up and down. */
function onFrame(ground: CardContext): Readonly<Record<'up' | 'under' | 'down', readonly CardStep[]>> {
  if (!ground.framed) return { up: [], under: [], down: [] };
  const frame = ground.jobs.flatMap(({ routine }) => PLANS[routine]?.frame ?? []);
  const context = { ...contextAt(ground, undefined), axle: leafAxle(ground.model) };
  const sides = frame.flatMap((one) =>
    SIDES.flatMap((side) =>
      withBranches(ground, one.sides, { side })
        .filter((def) => !def.when || def.when(context))
        .map((def) => makeStep(ground, def, { side })),
    ),
  );
  const joined = frame.flatMap((one) => one.joined).map((def) => makeStep(ground, def));
  const axle = ground.jobs.flatMap((job) => atAxle(ground, job, PLANS[job.routine]?.frame?.axle ?? []));
  return {
    up: FRAME_UP.map((def) => makeStep(ground, def)),
    under: [
      ...axle.filter(({ step }) => beforeSprings.has(step)),
      ...sides,
      ...joined,
      ...axle.filter(({ step }) => !beforeSprings.has(step)),
    ],
    down: FRAME_DOWN.map((def) => makeStep(ground, def)),
  };
}

/** Every step of a card in the order written, set-up shared; `grouped` breaks all nuts of one side loose in one walk. */
export function written(ground: CardContext, grouped: boolean): readonly CardStep[] {
  const corners = cornersOf(ground);
  const { early, late } = atCorners(ground, corners, grouped);
  const once = ground.jobs
    .flatMap(({ routine }) => PLANS[routine]?.first ?? [])
    .map((def) => makeStep(ground, def));
  const marked = ground.jobs.flatMap((job) => atAxle(ground, job, PLANS[job.routine]?.firstAtAxle ?? []));
  const before = onFoot(ground, 'before', corners);
  const after = onFoot(ground, 'after', corners);
  // Threads are cared for on the ground: the rig is held all the same.
  const held = [...early, ...late].some(({ step }) => step === 'chock');
  const alsoHeld = held ? undefined : after.find(({ step }) => step === 'threads')?.side;
  const { up, under, down } = onFrame(ground);
  const raised = corners.size > 0 || ground.framed;
  const body = [
    ...before,
    ...early,
    ...up,
    ...late,
    ...under,
    ...down,
    ...(alsoHeld ? [chock(ground, alsoHeld)] : []),
    ...after,
  ];
  const setUp = SET_UP.filter(
    (def) =>
      (def.id === 'steady' ? raised : body.some(({ needs }) => needs.includes('braked'))) &&
      (!def.when || def.when(contextAt(ground, undefined))),
  ).map((def) => makeStep(ground, def));
  const chocked = body.some(({ step }) => step === 'chock');
  const settled = body.flatMap(({ gives }) =>
    gives.filter((fact) => /^(torqued|down again|lugs checked) /.test(fact)),
  );
  const end = chocked ? [makeStep(ground, UNCHOCK, {}, { needs: settled })] : [];
  return distinct([...once, ...marked, ...setUp, ...body, ...end]);
}

/** Each step once, where two jobs ask for the same. */
function distinct(steps: readonly CardStep[]): readonly CardStep[] {
  return [...new Map([...steps].reverse().map((step) => [step.key, step])).values()].reverse();
}
