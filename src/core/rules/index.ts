/**
 * Rules: the handbook as data. Schools with their defaults, intervals, windows
 * and criteria, each with its source, and the rows of trouble on the road: what
 * is asked, how far it may roll by the answers, what it leaves behind. An unknown
 * answer counts as the strictest.
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
  axleAt,
  BATTERY_YEARS,
  COUPLE_OF_THOUSAND,
  doneAllRound,
  doneByWork,
  doneHere,
  HOUSE_REPACK,
  intervalOf,
  isLook,
  NEW_BRAKES,
  NEW_FIXINGS,
  OVERDUE_SHARE,
  routineDef,
  ROUTINES,
  SOON_SHARE,
  STOP_SHARE,
  WORKS,
  type Interval,
  type IntervalContext,
  type Limit,
  type Matter,
  type RepairId,
  type RoutineDef,
  type RoutineId,
  type RoutinePlace,
  type Seen,
  type WorkId,
} from './routines';
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
  greaseForbidden,
  lugStages,
  lugTorque,
  mayCheckLugs,
  refitLeft,
  THREAD_STATES,
  threadsAfterRefit,
  threadsNow,
  type ThreadState,
} from './threads';
export { TORQUE_FACTS, TORQUE_IDS, torqueOf, type TorqueId } from './torques';
export {
  AROUND,
  canBeRead,
  mayBeKept,
  isJudged,
  isReading,
  parseReading,
  READING_IDS,
  readingDef,
  READINGS,
  type JudgedReading,
  type ReadingDef,
  type ReadingId,
  type ReadingProblem,
} from './readings';
export {
  HAND_HEAT,
  HUB_HEAT,
  LINING_MINIMUM,
  MAGNET_OFF,
  MAGNET_SHORT,
  OUT_OF_SQUARE,
  OVER_AIR,
  OVER_MATE,
  OVER_MAXIMUM,
  PAD,
  PLAY_STOP,
  PRESSURE_SHARE,
  ROUNDED,
  SNAP_IN_VALVE,
  TREAD_LIMIT,
  TREAD_WATCHED,
  VOLTS,
  WARM,
  WARM_RISE,
  LONG_TRIP,
} from './limits';

export {
  CRITERIA,
  gradesOf,
  gradeVerdict,
  LAMP_FUNCTIONS,
  SUBJECTS,
  type GradeId,
  type LampFunction,
  type Subject,
} from './criteria';

export { BRANCH_IDS, type BranchId, type ConditionId, type TrendId } from './happenings';
export { FREE_DAYS, PLAN_WEEKS, PLAN_WEIGHTS, type FreeDays, type PlanWeights } from './plan';
export { BECAUSE, type Because } from './trouble/because';
export { TROUBLE_IDS, type TroubleId } from './trouble/ids';
export { troubleAbout, type TroubleAbout } from './trouble/about';
export { lossOf, minutesLeft } from './trouble/tires';

export { TROUBLES, troubleDef } from './trouble/troubles';
export { ROLLS, stricter, type RoadVerdict, type Roll } from './trouble/verdict';
export {
  coolingTime,
  donorsFor,
  keepsEnough,
  lossRate,
  minutesUntilLow,
  survivorLoad,
  type Cooling,
  type Donor,
} from './trouble/arithmetic';
export { LEFT_IDS, leftDef, LEFTS_OF_A_TIRE, type LeftAt, type LeftDef, type LeftId } from './trouble/lefts';
export {
  KIT_FIGURE_IDS,
  KIT_FIGURES,
  KIT_GROUPS,
  KIT_IDS,
  kitDef,
  type KitFigure,
  type KitGroup,
  type KitId,
} from './trouble/kit-items';
export type { TroubleAnswers, Question, TroubleDef } from './trouble/define';
