/**
 * Plan: few yard days, chosen so that set-up is paid once and nothing is towed
 * past its limit. What is due and the days its owner can give become one problem
 * in whole minutes; a first answer, a search and a bound are found here, an exact
 * solver's program is laid out here, and every answer is judged by one evaluator.
 */
export {
  FORBIDDEN,
  legOf,
  MUST,
  type PlanDay,
  type PlanJob,
  type PlanNode,
  type PlanProblem,
  type SetUp,
  type Visits,
} from './problem';
export { legsOf, outlooksOf, type Wear } from './legs';
export { aloneMinutes, evaluate, type Evaluation } from './evaluate';
export { construct, improve, rebuild, type Found } from './search';
export { lowerBound, type Bound } from './bound';
export { programOf, type PlanProgram, type Program } from './program';
export {
  closeDay,
  giveHours,
  isUnedited,
  keepOff,
  moveDay,
  moveJobs,
  NO_EDITS,
  openDay,
  pinDay,
  pinProblems,
  unpin,
  withEdits,
  type PinProblem,
  type PlanEdits,
} from './edits';
export { savedOn, whyThisDay, type WhyThisDay } from './why';
export { apart, block, together, type Outcome } from './policies';
export { unplaced, type NoDay, type Unplaced } from './unplaced';
export { standsRain } from './rain';
export { timeOf, type CardTime } from './time';
export { cardOf, type PlanRig, type PlanWork, type Unplanned } from './work';
export { dayAfter, daysApart, yardProblem, type WorkToPlan, type YardAsked, type YardProblem } from './yard';
export { changesSince, keptEdits, keptVisits, type PlanChange } from './kept';
export { planningOf } from './planning';
