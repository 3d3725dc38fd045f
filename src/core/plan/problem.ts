import type { CivilDay } from '../base';
import type { RoutinePlace } from '../rules';

/** A day that cannot be chosen. */
export const FORBIDDEN = -1;

/** What leaving a job undone costs (min) that must not be left: more than any plan saves, so that it is left only where there is no day. */
export const MUST = 100_000;

/** A day that its owner can give: the minutes of it. */
export interface PlanDay {
  readonly day: CivilDay;
  readonly capacity: number;
}

/** A set-up that has a name: the day itself, a rig made ready, a wheel end raised, its wheel off, its hub off. */
export type SetUp =
  | { readonly kind: 'day' }
  | { readonly kind: 'rig'; readonly rig: string }
  | { readonly kind: 'up' | 'wheel' | 'hub'; readonly rig: string; readonly place: RoutinePlace };

/** Set-up that is paid once a day, however many jobs share it: tools out, trailer prepared, a corner up, its wheel off, its hub off. */
export interface PlanNode {
  readonly minutes: number;
  /** What it is, where there is a word for it. */
  readonly of?: SetUp;
  /** The set-up that it stands on, nearest first. */
  readonly above: readonly number[];
}

/** Work to be placed. Its times are a path from the start over the days it is done on to the end of the horizon. */
export interface PlanJob {
  readonly id: string;
  /** Minutes of its own, beside the set-up it shares. */
  readonly own: number;
  /** Every set-up that it needs, what stands above included. */
  readonly nodes: readonly number[];
  /**
   * What each leg of its path costs (min): `legs[from * (days + 1) + to]`; `from` 0 is the start and k + 1 day k,
   * `to` k is day k and `days` the end of the horizon. FORBIDDEN where it cannot be taken.
   */
  readonly legs: Int32Array;
  /** How far (m) it is likely to be towed past the limit on each leg. */
  readonly late: Float32Array;
  /** How much of each leg's cost (min) is thrown away by going early. */
  readonly wasted: Float32Array;
  /** It may come round again before the horizon ends. */
  readonly repeats: boolean;
}

/** What is to be decided: days, shared set-up, and jobs. All minutes are whole. */
export interface PlanProblem {
  readonly days: readonly PlanDay[];
  readonly nodes: readonly PlanNode[];
  readonly jobs: readonly PlanJob[];
}

/** The days (by number, in order) on which each job is done; none where it is left for later. */
export type Visits = readonly (readonly number[])[];

/** The leg of a job's path from one day to another; `from` −1 is the start, `to` the number of days the end. */
export function legOf(problem: Pick<PlanProblem, 'days'>, from: number, to: number): number {
  return (from + 1) * (problem.days.length + 1) + to;
}
