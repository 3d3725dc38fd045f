import { fail, ok, sameValue, type Instant, type Result } from '../base';
import { endPlay } from '../figures';
import { judgeEndPlay, type Judgement } from '../judge';
import type { Found } from '../log';
import { axleOf, isWheelEnd, sideOf, type RigModel } from '../rig';
import {
  endPlayWindow,
  gradeVerdict,
  canBeRead,
  type RoutinePlace,
  type Subject,
  routineDef,
} from '../rules';
import type { Card, CardStep, CompileProblem, Job, Pace } from './card';
import { amendCard } from './amend';
import { BRANCH_IDS, BRANCHES, branchesAt, type BranchId, type Reading } from './steps';

/** What was written down at a step. */
export interface StepRecord {
  readonly state: 'done' | 'skipped';
  readonly at: Instant;
  readonly readings: Readonly<Record<string, number | string>>;
  readonly grades: Readonly<Partial<Record<Subject, string>>>;
  /** Why it was left out. */
  readonly reason: string | undefined;
  readonly note?: string;
}

/** Something that is not right, kept with a card: reported by hand, or left by a branch or a guess. */
export type SaidFinding = Pick<Found, 'place' | 'verdict' | 'text' | 'of'>;

/** A card being worked through. A value: each tap makes the next one. */
export interface Run {
  readonly id: string;
  readonly rig: string;
  readonly model: RigModel;
  readonly card: Card;
  /** The step in hand; as many as there are steps when all are through. */
  readonly index: number;
  readonly records: Readonly<Record<string, StepRecord>>;
  readonly findings: readonly SaidFinding[];
  readonly started: Instant;
  readonly touched: Instant;
  /** Why it was put down, while it is. */
  readonly parked: string | undefined;
}

/** What a tap says. */
export type Tap =
  | {
      readonly do: 'done';
      readonly readings: StepRecord['readings'];
      readonly grades: StepRecord['grades'];
      readonly note?: string;
    }
  | { readonly do: 'skip'; readonly reason: string };

/** Why a tap was not taken. */
export type TapProblem =
  | { readonly code: 'not-this-step' }
  | { readonly code: 'finished' }
  /** What was graded needs steps that cannot follow safely from here. */
  | { readonly code: 'no-way-on' }
  | { readonly code: 'not-optional' }
  | { readonly code: 'reason-missing' }
  | { readonly code: 'torque-missing' }
  | { readonly code: 'reading-missing'; readonly what: Reading['what'] }
  | { readonly code: 'reading-absurd'; readonly what: Reading['what'] }
  | { readonly code: 'grade-missing'; readonly subject: Subject }
  | { readonly code: 'wrong-hand'; readonly wanted: 'left' | 'right' }
  | { readonly code: 'count-off'; readonly what: Reading['what']; readonly expected: number };

/** Begins a card. */
export function startRun(id: string, rig: string, model: RigModel, card: Card, at: Instant): Run {
  return {
    id,
    rig,
    model,
    card,
    index: 0,
    records: {},
    findings: [],
    started: at,
    touched: at,
    parked: undefined,
  };
}

/** The step in hand; none when the card is through. */
export function currentStep(run: Run): CardStep | undefined {
  return run.card.steps[run.index];
}

/** Counts that have to come to the number of studs. */
const WHOLE_WHEEL: ReadonlySet<Reading['what']> = new Set(['nuts-started', 'studs-done']);

function readingProblem(
  run: Run,
  step: CardStep,
  { what, must }: Reading,
  value: number | string | undefined,
): TapProblem | undefined {
  if (value === undefined || value === '') return must ? { code: 'reading-missing', what } : undefined;
  if (!canBeRead(what, value)) return { code: 'reading-absurd', what };
  const { studs } = run.model.wheels;
  if (must && WHOLE_WHEEL.has(what) && value !== studs) return { code: 'count-off', what, expected: studs };
  if (what !== 'hand' || !step.place || !isWheelEnd(step.place)) return undefined;
  const wanted = sideOf(step.place) === 'L' ? 'left' : 'right';
  return value === wanted ? undefined : { code: 'wrong-hand', wanted };
}

function problemWith(run: Run, step: CardStep, tapped: Tap): TapProblem | undefined {
  if (tapped.do === 'skip') {
    if (!step.optional) return { code: 'not-optional' };
    return tapped.reason.trim() === '' ? { code: 'reason-missing' } : undefined;
  }
  if (step.round && step.round.share > 0 && step.round.torque === undefined)
    return { code: 'torque-missing' };
  for (const reading of step.readings) {
    const problem = readingProblem(run, step, reading, tapped.readings[reading.what]);
    if (problem) return problem;
  }
  const ungraded = step.subjects.find((subject) => !gradeVerdict(subject, tapped.grades[subject] ?? ''));
  return ungraded && { code: 'grade-missing', subject: ungraded };
}

/** A run after a tap on a step; refused where the step is not the one in hand, so that a tap that came twice counts once. */
export function tap(run: Run, key: string, tapped: Tap, at: Instant): Result<Run, TapProblem> {
  const step = currentStep(run);
  if (!step) return fail({ code: 'finished' });
  if (step.key !== key) return fail({ code: 'not-this-step' });
  const problem = problemWith(run, step, tapped);
  if (problem) return fail(problem);
  const note = tapped.do === 'done' ? tapped.note?.trim() : undefined;
  const record: StepRecord =
    tapped.do === 'done'
      ? {
          state: 'done',
          at,
          readings: tapped.readings,
          grades: tapped.grades,
          reason: undefined,
          ...(note && { note }),
        }
      : { state: 'skipped', at, readings: {}, grades: {}, reason: tapped.reason.trim() };
  const next: Run = {
    ...run,
    records: { ...run.records, [key]: record },
    index: run.index + 1,
    touched: at,
    parked: undefined,
  };
  return withForced(withRaces(next, step, record, at), step, record, at);
}

/** A grade that leaves only one way on brings its steps onto the card: a worn spring eye takes no new bushing. */
function withForced(run: Run, step: CardStep, record: StepRecord, at: Instant): Result<Run, TapProblem> {
  const { place, side } = step;
  const taken = (id: BranchId) =>
    run.card.branches.some((one) => one.branch === id && one.place === place && one.side === side);
  const forced = BRANCH_IDS.filter((id) => {
    const grades = BRANCHES[id].forced;
    return grades?.grades.includes(record.grades[grades.subject] ?? '') === true && !taken(id);
  });
  if (forced.length === 0) return ok(run);
  const branches = [...run.card.branches, ...forced.map((branch) => ({ branch, place, side }))];
  const amended = amendRun(run, { branches }, at);
  return amended.ok ? amended : fail({ code: 'no-way-on' });
}

/** Bearings that turn out to need renewing bring the steps for their races onto the card. */
function withRaces(run: Run, step: CardStep, record: StepRecord, at: Instant): Run {
  const said = record.readings['renewed'];
  if (step.step !== 'renew' || step.place === undefined || said === undefined || said === 'none') return run;
  const { place } = step;
  if (run.card.jobs.some((job) => job.place === place && routineDef(job.routine).newRaces)) return run;
  const jobs = run.card.jobs.map((job): Job =>
    job.place === place && job.routine === 'repack' ? { ...job, routine: 'bearing-renew' } : job,
  );
  const amended = amendRun(run, { jobs }, at);
  return amended.ok ? amended.value : run;
}
/** A run one step back, what was written there kept. */
export function back(run: Run, at: Instant): Run {
  return { ...run, index: Math.max(0, run.index - 1), touched: at };
}

/** A run with something reported at the step in hand. */
export function findingAt(run: Run, finding: SaidFinding, at: Instant): Run {
  return { ...run, findings: [...run.findings, finding], touched: at };
}

/** A run put down for a while, with the reason on record. */
export function park(run: Run, reason: string, at: Instant): Run {
  return { ...run, parked: reason.trim() || undefined, touched: at };
}

/** Why a card in hand cannot be changed. */
export type AmendProblem = CompileProblem | { readonly code: 'unsafe'; readonly why: string };

/** What changes about a card in hand. */
export interface Amendment {
  readonly model?: RigModel;
  readonly jobs?: readonly Job[];
  readonly branches?: Card['branches'];
  readonly pace?: Pace;
}

/** A run on a card that was laid out anew from the step in hand, with nothing lost that was done; refused where no safe order is left. */
function amendRun(run: Run, change: Amendment, at: Instant): Result<Run, AmendProblem> {
  const done = run.card.steps.slice(0, run.index);
  const model = change.model ?? run.model;
  const card = amendCard(run.card, done, { ...change, model });
  return card.ok ? ok({ ...run, model, card: card.value, touched: at }) : card;
}

/** A run after a fact of its rig was filled in or set right. */
export function amendModel(run: Run, model: RigModel, at: Instant): Result<Run, AmendProblem> {
  return amendRun(run, { model }, at);
}

/** True where the rig is no longer the one that the card was laid out for. */
export function isStale(run: Run, model: RigModel): boolean {
  return !sameValue(run.model, model);
}

/** The branches that can show at the step in hand, those taken already left out. */
export function branchesOf(run: Run): readonly BranchId[] {
  const step = currentStep(run);
  if (!step) return [];
  return branchesAt(step.step)
    .map(({ id }) => id)
    .filter(
      (id) =>
        !run.card.branches.some(
          (one) => one.branch === id && one.place === step.place && one.side === step.side,
        ),
    );
}

/** A run after a branch was taken at the step in hand: its steps come next, what it leaves behind is noted. */
export function takeBranch(run: Run, branch: BranchId, at: Instant): Result<Run, AmendProblem> {
  const step = currentStep(run);
  if (!step) return ok(run);
  const def = BRANCHES[branch];
  const taken = { branch, place: step.place, side: step.side };
  const noted = def.finding
    ? findingAt(run, { place: step.place ?? 'rig', verdict: def.finding.verdict, of: { branch } }, at)
    : run;
  if (def.add.length === 0)
    return ok({ ...noted, card: { ...run.card, branches: [...run.card.branches, taken] } });
  return amendRun(noted, { branches: [...run.card.branches, taken] }, at);
}

/** The end play (m) of a nut backed off by some slots at a wheel end, judged; undefined where pitch or slots are not known. */
export function nutPlay(
  model: RigModel,
  place: RoutinePlace,
  slotsBack: number,
): { readonly play: number; readonly judgement: Judgement } | undefined {
  const axle = isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
  if (!axle?.threadPitch || !axle.slots) return undefined;
  const play = endPlay(axle.threadPitch.value, slotsBack / axle.slots.value);
  return { play, judgement: judgeEndPlay(play, endPlayWindow(axle)) };
}

/** Taps the steps of a run one after another with what was written on paper, as far as they go; tells where and why it stopped. */
export function typeIn(
  run: Run,
  written: (step: CardStep) => Tap,
  at: Instant,
): { readonly run: Run; readonly stopped?: { readonly key: string; readonly why: TapProblem } } {
  let now = run;
  for (let step = currentStep(now); step; step = currentStep(now)) {
    const next = tap(now, step.key, written(step), at);
    if (!next.ok) return { run: now, stopped: { key: step.key, why: next.error } };
    now = next.value;
  }
  return { run: now };
}
