import type { Found, PlanProblem, Visits } from '@/core/plan';

/** What a page asks of a thread that plans: an answer at once and a better one soon, or the proof. */
export type PlannerAsk =
  | {
      readonly say: 'search';
      readonly n: number;
      readonly problem: PlanProblem;
      /** A plan that stood before; gone on from where it is better. */
      readonly from: Visits | undefined;
      /** How long (ms) it may be searched. */
      readonly patience: number;
    }
  | {
      readonly say: 'prove';
      readonly n: number;
      readonly problem: PlanProblem;
      readonly from: Found;
      /** How long (s) the proof may take. */
      readonly seconds: number;
    };

/** What comes back: a plan, and what none is better than (min) where that is known. */
export type PlannerAnswer =
  /** Its script runs. */
  | { readonly say: 'here' }
  | {
      readonly say: 'found';
      readonly n: number;
      readonly found: Found;
      readonly bound: number | undefined;
      /** Nothing more comes for this ask. */
      readonly last: boolean;
    }
  | { readonly say: 'failed'; readonly n: number; readonly reason: string };
