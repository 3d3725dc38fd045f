import type { Matter } from './routines';

/** What the choice of yard days is weighed by. Nobody has measured these: our estimate, its owner's to change. */
export interface PlanWeights {
  /** What each 100 miles towed past a limit count for (min), by what hangs on the duty. */
  readonly late: Readonly<Record<Matter, number>>;
  /** Tools out, getting dirty and cleaning up (min), once a day. */
  readonly dirty: number;
  /** How often (0–1) a yard day falls out for rain or visitors, and the work waits a week. */
  readonly slips: number;
  /** From a call to a place in the shop (d). */
  readonly shop: number;
  /** From an order to the parts at the door (d). */
  readonly parts: number;
}

/** The shipped weights. */
export const PLAN_WEIGHTS: PlanWeights = {
  late: { safety: 60, moment: 20, upkeep: 5 },
  dirty: 20,
  slips: 0.15,
  shop: 14,
  parts: 10,
};

/** The days an owner can give: minutes by day of the week from Monday, spans with none, and how far to look ahead. */
export interface FreeDays {
  readonly week: readonly number[];
  readonly blocked: readonly { readonly from: string; readonly to: string }[];
  /** How far ahead is planned (weeks). */
  readonly weeks: number;
}

/** While its owner has not said: Saturdays and Sundays, six hours each. */
export const FREE_DAYS: FreeDays = { week: [0, 0, 0, 0, 0, 360, 360], blocked: [], weeks: 16 };

/** How far ahead it may be planned (weeks). */
export const PLAN_WEEKS = [8, 16, 26] as const;
