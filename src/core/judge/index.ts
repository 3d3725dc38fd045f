/**
 * Judge: a reading or condition, with its context, to a verdict that carries
 * the rule and what the rule rests on; what readings say over time; from what
 * fails to the likeliest cause and the next test. Readings in SI.
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
export { historyOfReadings, pointsOf, type History, type Point, type WorkDone } from './trend/history';
export { trendsAt, warningsOf, warns, type PlaceTrends, type Trend, type Warning } from './trend/trends';
export { leakTrend, type LeakTrend } from './trend/leak';
export { heatTrend, type HeatTrend } from './trend/heat';
export { wearPattern, wearTrend, type WearPattern, type WearTrend } from './trend/wear';
export {
  nutTrend,
  playTrend,
  strokeTrend,
  type NutTrend,
  type PlayTrend,
  type StrokeTrend,
} from './trend/counts';
export {
  cellsOf,
  LAMPS,
  lampsOf,
  lampSteps,
  SIGHTS,
  type Cell,
  type Lamp,
  type LampStep,
  type Pattern,
  type Shows,
  type Sight,
  type Wiring,
} from './faults/lamps';
export {
  diagnoseLights,
  faultsOf,
  patternOf,
  TESTS,
  testsFor,
  testTells,
  type Cause,
  type Diagnosis,
  type Fault,
  type FaultKind,
  type TestAt,
  type TestDone,
  type TestKind,
} from './faults/lights';
export { placesOfCause } from './faults/places';
export {
  circuitVerdict,
  judgeBrakeCircuit,
  magnetsOf,
  type BrakeCircuit,
  type BrakeCircuitFault,
} from './faults/magnets';
