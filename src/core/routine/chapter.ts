import { fail, ok, type Instant, type Result } from '../base';
import { isGuess } from '../rig';
import { lugTorque } from '../rules';
import type { CardStep } from './card';
import { currentStep, type Run } from './run';
import { GUARDS } from './steps';
import { tap, type Tap, type TapProblem } from './tap';

/** True for a step that a life hangs on: chocks, stands, the lock of a nut, nuts counted, bolts at their figure, the test of the brakes. */
export function guardsLife({ step, round, torque }: CardStep): boolean {
  return GUARDS.has(step) || torque !== undefined || (round !== undefined && round.number === round.of);
}

/** True for a step with a page of its own: there the hub is told, or it is said that a torque is not, or is a guess. */
function standsAlone({ model }: Run, { step, round, torque, threads }: CardStep): boolean {
  if (step === 'see-hub' || (torque !== undefined && torque.value === undefined)) return true;
  if (!round || round.share === 0) return false;
  return round.torque === undefined || isGuess(lugTorque(model, threads));
}

/** The steps of the chapter in hand that one tap may close: on at one place, up to the first that guards a life, which the tap is then for. Empty when the card is through. */
export function stretchOf(run: Run): readonly CardStep[] {
  const first = currentStep(run);
  if (!first) return [];
  const stretch: CardStep[] = [];
  let place = first.place;
  for (const step of run.card.steps.slice(run.index)) {
    if (step.phase !== first.phase) break;
    // What is done once, or along a side, goes with any place.
    if (place !== undefined && step.place !== undefined && step.place !== place) break;
    place ??= step.place;
    const alone = standsAlone(run, step);
    if (alone && stretch.length > 0) break;
    stretch.push(step);
    if (alone || guardsLife(step)) break;
  }
  return stretch;
}

/** A run after one tap for the steps on to `last`, those before it kept as closed by chapter. All or nothing, but where an answer brings new steps: there it stops before them. */
export function tapThrough(
  run: Run,
  last: string,
  tapOf: (step: CardStep) => Tap,
  at: Instant,
): Result<Run, { readonly key: string; readonly why: TapProblem }> {
  const stretch = stretchOf(run);
  const end = stretch.findIndex(({ key }) => key === last);
  if (end < 0) return fail({ key: last, why: { code: 'not-this-step' } });
  let now = run;
  for (const step of stretch.slice(0, end + 1)) {
    // New steps have come in before it: they are seen before they are done.
    if (currentStep(now)?.key !== step.key) break;
    const next = tap(now, step.key, tapOf(step), at);
    if (!next.ok) return fail({ key: step.key, why: next.error });
    now = guardsLife(step) ? next.value : byChapter(next.value, step.key);
  }
  return ok(now);
}

function byChapter(run: Run, key: string): Run {
  const record = run.records[key];
  return record ? { ...run, records: { ...run.records, [key]: { ...record, byChapter: true } } } : run;
}
