import { fail, ok, type Instant, type Result } from '../base';
import { mayBeSetTo } from '../judge';
import { isWheelEnd, sideOf } from '../rig';
import { gradeVerdict, canBeRead, OUT_OF_SQUARE, type Subject, routineDef } from '../rules';
import type { CardStep, Job } from './card';
import { amendRun } from './amend-run';
import { currentStep, type Run, type StepRecord } from './run';
import { BRANCH_IDS, BRANCHES, type BranchId, type Reading } from './steps';

/** What a tap says. */
export type Tap =
  | {
      readonly do: 'done';
      readonly readings: StepRecord['readings'];
      readonly sources?: StepRecord['sources'];
      readonly grades: StepRecord['grades'];
      readonly note?: string;
      readonly shoe?: StepRecord['shoe'];
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
  /** What hub it is, or what locks its nut, is not told yet. */
  | { readonly code: 'hub-missing' }
  | { readonly code: 'reading-missing'; readonly what: Reading['what'] }
  | { readonly code: 'reading-absurd'; readonly what: Reading['what'] }
  | { readonly code: 'grade-missing'; readonly subject: Subject }
  | { readonly code: 'wrong-hand'; readonly wanted: 'left' | 'right' }
  | { readonly code: 'count-off'; readonly what: Reading['what']; readonly expected: number }
  /** The two diagonals (m) are too far apart for the axle to be tightened. */
  | { readonly code: 'not-square'; readonly apart: number }
  /** More than tire, wheel or valve is good for. */
  | { readonly code: 'over-maximum' }
  /** A bearing that is due or worse does not go back in. */
  | { readonly code: 'worn-goes-back' };

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
  if (what === 'pressure-set' && typeof value === 'number' && !mayBeSetTo(value, run.model))
    return { code: 'over-maximum' };
  const { studs } = run.model.wheels;
  if (must && WHOLE_WHEEL.has(what) && value !== studs) return { code: 'count-off', what, expected: studs };
  if (what !== 'hand' || !step.place || !isWheelEnd(step.place)) return undefined;
  const wanted = sideOf(step.place) === 'L' ? 'left' : 'right';
  return value === wanted ? undefined : { code: 'wrong-hand', wanted };
}

/** True where the bearings at a step's place were graded due or worse: they stay out (handbook 5). */
function wornRollers(run: Run, { place }: CardStep): boolean {
  const grade = run.records[`look-bearings ${place}`]?.grades['rollers'];
  const verdict = grade === undefined ? undefined : gradeVerdict('rollers', grade);
  return verdict === 'due' || verdict === 'stop';
}

function problemWith(run: Run, step: CardStep, tapped: Tap): TapProblem | undefined {
  if (tapped.do === 'skip') {
    if (!step.optional) return { code: 'not-optional' };
    return tapped.reason.trim() === '' ? { code: 'reason-missing' } : undefined;
  }
  const lugUnset = step.round && step.round.share > 0 && step.round.torque === undefined;
  if (lugUnset && !run.card.unset?.includes('lug')) return { code: 'torque-missing' };
  if (step.torque && step.torque.value === undefined && !run.card.unset?.includes(step.torque.of))
    return { code: 'torque-missing' };
  if (step.step === 'see-hub') return { code: 'hub-missing' };
  for (const reading of step.readings) {
    const problem = readingProblem(run, step, reading, tapped.readings[reading.what]);
    if (problem) return problem;
  }
  const left = tapped.readings['left-diagonal'];
  const right = tapped.readings['right-diagonal'];
  if (typeof left === 'number' && typeof right === 'number' && Math.abs(left - right) > OUT_OF_SQUARE + 1e-6)
    return { code: 'not-square', apart: Math.abs(left - right) };
  if (step.step === 'renew' && tapped.readings['renewed'] === 'none' && wornRollers(run, step))
    return { code: 'worn-goes-back' };
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
          ...(tapped.sources && { sources: tapped.sources }),
          grades: tapped.grades,
          reason: undefined,
          ...(note && { note }),
          ...(tapped.do === 'done' && tapped.shoe && { shoe: tapped.shoe }),
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
