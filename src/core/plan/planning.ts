import type { PlanningState } from '../log';
import { FREE_DAYS, PLAN_WEIGHTS, type FreeDays, type PlanWeights } from '../rules';

/** What choosing days goes by: what its owner told, and what is shipped for the rest. */
export function planningOf(told: PlanningState | undefined): {
  readonly free: FreeDays;
  readonly weights: PlanWeights;
  /** Its owner told of free days. */
  readonly own: boolean;
} {
  const { week, blocked, weeks } = told?.free ?? {};
  return {
    free: {
      week: week ?? FREE_DAYS.week,
      blocked: blocked ?? FREE_DAYS.blocked,
      weeks: weeks ?? FREE_DAYS.weeks,
    },
    weights: told?.weights ?? PLAN_WEIGHTS,
    own: week !== undefined,
  };
}
