import { ok, type Result } from '../base';
import { isWheelEnd, type RigModel } from '../rig';
import {
  lugStages,
  mayCheckLugs,
  recheckLimits,
  threadsAfterRefit,
  threadsNow,
  type HouseRules,
} from '../rules';
import {
  effortOf,
  type Card,
  type CardStep,
  type CompileProblem,
  type Job,
  type RecordedThreads,
} from './card';
import { checkJobs } from './jobs';
import type { CompileExtra, CardContext } from './make-step';
import { factsAtStart, order, withoutAbsent } from './order';
import { PLANS } from './steps';
import { written } from './write';

/** Nuts on threads that nobody knows, or that are treated with no figure for it, are not checked as they are: each comes off in turn and its thread is cared for (handbook 6). */
function asThreadsAllow(
  model: RigModel,
  jobs: readonly Job[],
  house: HouseRules,
  recorded: RecordedThreads = {},
): readonly Job[] {
  const cared = (job: Job): Job =>
    job.routine === 'lug-torque' &&
    isWheelEnd(job.place) &&
    !mayCheckLugs(model, threadsNow(recorded[job.place], house))
      ? { ...job, routine: 'stud-threads' }
      : job;
  const next = jobs.map(cared);
  // Asked for already, it does the check by the way.
  return next.filter(
    (job, i) =>
      job === jobs[i] || !jobs.some((one) => one.routine === job.routine && one.place === job.place),
  );
}

/** Lays work out for one rig under the owner's schools: set-up shared, one corner up at a time, the least walking of the safe orders. Deterministic. */
export function compile(
  model: RigModel,
  jobs: readonly Job[],
  house: HouseRules,
  extra: CompileExtra = {},
): Result<Card, CompileProblem> {
  const settled = checkJobs(model, asThreadsAllow(model, jobs, house, extra.threads), house);
  if (!settled.ok) return settled;
  const ground: CardContext = {
    model,
    house,
    jobs: settled.value,
    extra,
    framed: settled.value.some((job) => PLANS[job.routine]?.frame !== undefined),
    stages: (threads) => lugStages(model, threads, house),
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
    threads: extra.threads ?? {},
    ...(extra.unset && extra.unset.length > 0 && { unset: extra.unset }),
    rechecks: recheckLimits(house, threadsAfterRefit(house, model)),
    steps: best?.steps ?? [],
  });
}
