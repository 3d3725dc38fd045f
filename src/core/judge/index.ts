/**
 * Judge: a reading or condition, with its context, to a verdict that carries
 * the rule and what the rule rests on. Readings in SI.
 */
export {
  judgeEndPlay,
  judgeGrade,
  judgeRecheck,
  RECHECK_RESULTS,
  type Beside,
  type Judgement,
  type RecheckResult,
} from './judge';
export {
  fillTo,
  mayBeSetTo,
  pressureFacts,
  pressureTarget,
  schoolFacts,
  targetAt,
  type PressureTarget,
} from './target';
export { checkTrip, type TripClaim, type TripOnRecord, type TripProblem } from './trip';
export {
  judgeTireCode,
  broughtIn,
  isOfAge,
  reviewRig,
  type Conflict,
  type ConflictCode,
  type Reviewed,
} from './review';
export {
  type PartFigures,
  figuresAt,
  judgeReading,
  liningMinimum,
  type HeldBy,
  readingEvidence,
  type ReadingContext,
  type ReadingJudgement,
} from './reading';
export { contradictionsIn, type Contradiction, type Figured, type Graded } from './contradictions';
export { checkTaken, saysNothing, type TakenProblem } from './taken';
export { aboutOf, cureOf, remedyOf, worksAt, type Remedy, type RemedyAbout, type RemedyJob } from './cures';
export { pressureStands, type AsFound } from './as-left';
export { coldByRule, judgeWarmPressure, morningPressure, type WarmContext } from './warm';
export { leadsFor, type Lead, type LeadCode } from './leads';
