/**
 * Rules: the handbook as data. Schools with their defaults, intervals, windows
 * and criteria, each with its source. Nothing here decides; `judge` and `duty` do.
 */
export {
  HOUSE_DEFAULT,
  NUT_SCHOOLS,
  RECHECK_LIMITS,
  RECHECK_SCHOOLS,
  type Basis,
  type HouseRules,
  type NutSchool,
  type RecheckSchool,
} from './schools';
export {
  HOUSE_REPACK,
  intervalFor,
  OVERDUE_SHARE,
  ROUTINES,
  SOON_SHARE,
  type Interval,
  type Limit,
  type RoutineId,
} from './intervals';
export { endPlayWindow, type EndPlayWindow } from './end-play';
export {
  CRITERIA,
  gradeVerdict,
  SUBJECTS,
  worse,
  type GradeId,
  type Subject,
  type Verdict,
} from './criteria';
export { THICKENERS, type Thickener } from './grease';
