import { addDays, type Instant } from '../base';
import type { RigModel } from '../rig';
import { HOUSE_DEFAULT, type Subject } from '../rules';
import { sampleModel } from './arbitraries';
import { well } from './well';
import {
  compile,
  currentStep,
  finishRun,
  startRun,
  tap,
  type CardStep,
  type Run,
  type Tap,
} from '../routine';

/** When every run of these tests begins. */
export const T0 = '2026-05-16T09:00:00.000Z';
/** A rig with drilled spindles and electric brakes. */
export const drilled = sampleModel({ hub: 'drilled', brake: 'electric' });

/** A repack of 1L begun. */
export function begin(model: RigModel = drilled): Run {
  const card = compile(model, [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error(card.error.code);
  return startRun('run', 'rig', model, card.value, T0);
}

/** A run tapped through with all well, or with what `change` makes of a tap. */
export function through(
  run: Run,
  change: (step: CardStep, tapped: Extract<Tap, { do: 'done' }>) => Tap = (_, t) => t,
): Run {
  let now = run;
  for (let step = currentStep(now); step; step = currentStep(now)) {
    const next = tap(now, step.key, change(step, well(step, now.model)), T0);
    if (!next.ok) throw new Error(`${step.key}: ${next.error.code}`);
    now = next.value;
  }
  return now;
}

/** A repack of 1L in which one subject got a grade. */
export const graded = (subject: Subject, grade: string, also: Record<string, string> = {}) =>
  through(begin(), (step, tapped) => {
    if (tapped.do !== 'done') return tapped;
    const readings = step.step === 'renew' ? { ...tapped.readings, ...also } : tapped.readings;
    return {
      ...tapped,
      readings,
      grades: step.subjects.includes(subject) ? { ...tapped.grades, [subject]: grade } : tapped.grades,
    };
  });

/** What a finished run comes to. */
export const outcome = (run: Run, at: Instant = addDays(T0, 1 / 24)) => {
  const done = finishRun(run, at);
  if (!done.ok) throw new Error(done.error.key);
  return done.value;
};

/** A run tapped through with all well up to a step. */
export function at(run: Run, key: string): Run {
  const step = currentStep(run);
  if (!step || step.key === key) return run;
  const next = tap(run, step.key, well(step, run.model), T0);
  if (!next.ok) throw new Error(`${step.key}: ${next.error.code}`);
  return at(next.value, key);
}
