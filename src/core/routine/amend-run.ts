import { ok, sameValue, type Instant, type Result } from '../base';
import { axleOf, isWheelEnd, type RigModel } from '../rig';
import type { Card, CompileProblem, Job, Pace } from './card';
import { amendCard } from './amend';
import { currentStep, findingAt, type Run } from './run';
import { BRANCHES, branchesAt, type BranchId } from './steps';

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
export function amendRun(run: Run, change: Amendment, at: Instant): Result<Run, AmendProblem> {
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
  const axle = step.place && isWheelEnd(step.place) ? run.model.axles[axleOf(step.place)] : undefined;
  return branchesAt(step.step, axle)
    .map(({ id }) => id)
    .filter(
      (id) =>
        !run.card.branches.some(
          (one) => one.branch === id && one.place === step.place && one.side === step.side,
        ),
    );
}

/** A run after a branch was taken at the step in hand: its steps come next, what it leaves behind is noted. Where its steps cannot follow safely the run keeps what was found, with the problem told. */
export function takeBranch(
  run: Run,
  branch: BranchId,
  at: Instant,
): { readonly run: Run; readonly problem?: AmendProblem } {
  const step = currentStep(run);
  if (!step) return { run };
  const def = BRANCHES[branch];
  const taken = { branch, place: step.place, side: step.side };
  const noted = def.finding
    ? findingAt(run, { place: step.place ?? 'rig', verdict: def.finding.verdict, of: { branch } }, at)
    : run;
  if (def.add.length === 0)
    return { run: { ...noted, card: { ...run.card, branches: [...run.card.branches, taken] } } };
  const amended = amendRun(noted, { branches: [...run.card.branches, taken] }, at);
  return amended.ok ? { run: amended.value } : { run: noted, problem: amended.error };
}
