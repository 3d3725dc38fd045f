import { ok, type Result } from '../base';
import { torqueStages } from '../figures';
import type { RigModel } from '../rig';
import { recheckLimits, type HouseRules } from '../rules';
import { effortOf, type Card, type CardStep, type CompileProblem, type Job } from './card';
import { settleJobs } from './jobs';
import type { CompileExtra, Ground } from './lay';
import { factsAtStart, order, withoutAbsent } from './order';
import { PLANS } from './steps';
import { written } from './write';

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
