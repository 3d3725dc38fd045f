/**
 * Rules: the handbook as data. Schools with their defaults, intervals, windows
 * and criteria, each with its source. Nothing here decides; `judge` and `duty` do.
 */
export {
  HOUSE_DEFAULT,
  isSchool,
  NUT_SCHOOLS,
  recheckLimits,
  RULE_IDS,
  RULES,
  rulesFor,
  tireAgeLimit,
  type Basis,
  type HouseRules,
  type NutSchool,
  type RuleChoices,
  type RuleId,
  type School,
} from './schools';
export {
  isLook,
  routineDef,
  ROUTINES,
  WORKS,
  type Matter,
  type RepairId,
  type RoutineDef,
  type RoutineId,
  type RoutinePlace,
  type WorkId,
} from './routines';
export {
  BATTERY_YEARS,
  HOUSE_REPACK,
  intervalOf,
  NEW_BRAKES,
  OVERDUE_SHARE,
  SOON_SHARE,
  STOP_SHARE,
  type Interval,
  type IntervalContext,
  type Limit,
} from './intervals';
export {
  checkpoints,
  HALVES,
  openCheckpoint,
  seasonIn,
  SEASON_TIMES,
  seasonOf,
  TWICE_A_YEAR,
  USUAL_SEASON,
  type Checkpoint,
  type Half,
  type SeasonChoice,
  type SeasonDates,
  type SeasonTime,
} from './season';
export {
  lugTorque,
  mayCheckLugs,
  THREAD_STATES,
  threadsAfterRefit,
  threadsNow,
  type ThreadState,
} from './threads';
export { endPlayWindow, type EndPlayWindow } from './end-play';
export { CRITERIA, gradeVerdict, SUBJECTS, type GradeId, type Subject } from './criteria';
export {
  DUTY_SCALE,
  FITNESS_SCALE,
  fitnessOfSafety,
  fitnessOfVerdict,
  GO_SCALE,
  goOfFitness,
  goOfVerdict,
  MARK_SCALE,
  markOfDuty,
  markOfFitness,
  markOfGo,
  markOfVerdict,
  oneStepUp,
  VERDICT_SCALE,
  worse,
  type DutyVerdict,
  type Fitness,
  type Go,
  type PlaceMark,
  type Severity,
  type Verdict,
} from './severity';
export { mixing, THICKENERS, type Mixing, type Thickener } from './grease';
