/** The thread that plans: what it is asked and answers. */
export type { PlannerAnswer, PlannerAsk } from './messages';
