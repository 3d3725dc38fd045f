import { fail, ok, type Instant, type Result } from '../base';
import type { OpenWork } from '../duty';
import { axleOf, type Place, type RigModel, type WheelEnd } from '../rig';
import { endPlayWindow, gradeVerdict, type Subject, type Verdict } from '../rules';
import { endPlay } from '../figures';
import { judgeEndPlay, type Judgement } from '../judge';
import { compile, type Card, type CardStep, type CompileProblem } from './compile';

/** What was written down at a step. */
export interface StepRecord {
  readonly state: 'done' | 'skipped';
  readonly at: Instant;
  readonly readings: Readonly<Record<string, number | string>>;
  readonly grades: Readonly<Partial<Record<Subject, string>>>;
  /** Why it was left out. */
  readonly reason: string | undefined;
}

/** Something reported by hand while a card ran. */
export interface SaidFinding {
  readonly place: Place | 'rig';
  readonly verdict: Exclude<Verdict, 'clear'>;
  readonly text: string;
}

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
  | { readonly do: 'done'; readonly readings: StepRecord['readings']; readonly grades: StepRecord['grades'] }
  | { readonly do: 'skip'; readonly reason: string };

/** Why a tap was not taken. */
export type TapProblem =
  | { readonly code: 'not-this-step' }
  | { readonly code: 'finished' }
  | { readonly code: 'not-optional' }
  | { readonly code: 'reason-missing' }
  | { readonly code: 'torque-missing' }
  | { readonly code: 'reading-missing'; readonly what: string }
  | { readonly code: 'grade-missing'; readonly subject: Subject }
  | { readonly code: 'count-off'; readonly what: string; readonly expected: number };

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

function problemWith(run: Run, step: CardStep, tapped: Tap): TapProblem | undefined {
  if (tapped.do === 'skip') {
    if (!step.optional) return { code: 'not-optional' };
    return tapped.reason.trim() === '' ? { code: 'reason-missing' } : undefined;
  }
  if (step.round && step.round.share > 0 && step.round.torque === undefined)
    return { code: 'torque-missing' };
  for (const { what, must } of step.readings) {
    const value = tapped.readings[what];
    if (must && (value === undefined || value === '')) return { code: 'reading-missing', what };
    if (what === 'nuts-started' && value !== run.model.wheels.studs)
      return { code: 'count-off', what, expected: run.model.wheels.studs };
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
  const record: StepRecord =
    tapped.do === 'done'
      ? { state: 'done', at, readings: tapped.readings, grades: tapped.grades, reason: undefined }
      : { state: 'skipped', at, readings: {}, grades: {}, reason: tapped.reason.trim() };
  const records = { ...run.records, [key]: record };
  return ok({ ...run, records, index: run.index + 1, touched: at, parked: undefined });
}

/** A run one step back, what was written there kept. */
export function back(run: Run, at: Instant): Run {
  return { ...run, index: Math.max(0, run.index - 1), touched: at };
}

/** A run with something reported at the step in hand. */
export function findingAt(run: Run, finding: SaidFinding, at: Instant): Run {
  return { ...run, findings: [...run.findings, finding], touched: at };
}

/** A run after a fact of its rig was filled in or set right; refused where the steps would be others. */
export function amendModel(
  run: Run,
  model: RigModel,
  at: Instant,
): Result<Run, CompileProblem | { readonly code: 'other-steps' }> {
  const card = compile(model, run.card.jobs, run.card.house);
  if (!card.ok) return card;
  const keys = (one: Card) => one.steps.map((step) => step.key).join('|');
  if (keys(card.value) !== keys(run.card)) return fail({ code: 'other-steps' });
  return ok({ ...run, model, card: card.value, touched: at });
}

/** The wheel ends where nuts have been broken loose in this run. */
function looseAt(run: Run): readonly WheelEnd[] {
  return run.card.jobs
    .map((job) => job.place)
    .filter((place) => run.records[`break-loose ${place}`]?.state === 'done');
}

/** True from the first nut broken loose until the card is closed: the rig may not be towed. */
export function isUnfit(run: Run): boolean {
  return looseAt(run).length > 0;
}

/** The work a run leaves open at each of its wheel ends, as the tow verdict weighs it. */
export function openWork(run: Run): readonly OpenWork[] {
  const loose = looseAt(run);
  return run.card.jobs.map(({ place }) => ({
    session: run.id,
    place,
    unfit: loose.includes(place),
    step: Math.min(run.index + 1, run.card.steps.length),
    steps: run.card.steps.length,
  }));
}

/** The end play (m) of a nut backed off by some slots at a wheel end, judged; undefined where pitch or slots are not known. */
export function nutPlay(
  model: RigModel,
  place: WheelEnd,
  slotsBack: number,
): { readonly play: number; readonly judgement: Judgement } | undefined {
  const axle = model.axles[axleOf(place)];
  if (!axle?.threadPitch || !axle.slots) return undefined;
  const play = endPlay(axle.threadPitch.value, slotsBack / axle.slots.value);
  return { play, judgement: judgeEndPlay(play, endPlayWindow(axle)) };
}
