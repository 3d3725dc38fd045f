/** Yard days: the plan on its tape, each day with what it needs, free days and weights. */
export { PlanView } from './plan-view';
