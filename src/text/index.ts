/**
 * Text: every word the product says, in one catalogue. Core gives codes and
 * figures; here they become sentences with units, in US English.
 */
export { capital, count, fraction, list, measure, typed, words } from './measure';
export { dateField, day, dayAgo, dayAndTime, dayInFull, fromDateField, minutes, month } from './dates';
export {
  BASIS_WORDS,
  BRAKE_WORDS,
  HUB_HINTS,
  HUB_WORDS,
  KIND_HINTS,
  KIND_WORDS,
  LOCK_WORDS,
  NUT_SCHOOL_WORDS,
  placeInWords,
  SOURCE_WORDS,
  THICKENER_WORDS,
  TORQUE_SCHOOL_WORDS,
  WATER_WORDS,
} from './rig';
export {
  gradesOf,
  gradeWords,
  ruleWords,
  SUBJECT_WORDS,
  VERDICT_WORDS,
  verdictMeans,
  windowSource,
} from './grades';
export { READING_WORDS, readingName, readingUnit, RENEWED_WORDS } from './readings';
export { PHASE_WORDS, stepWords, torqueSpec } from './steps';
export {
  dutyRule,
  dutyStanding,
  dutyTitle,
  dutyWhy,
  MARK_WORDS,
  meterAmount,
  reasonWords,
  towHeadline,
  towSummary,
} from './duty';
export { archiveWords, compileWords, parseWords, tapWords, tripWords, unstoredWords } from './problems';
export { entryWords, KIND_OF_ENTRY } from './entry';
export { raisedWords, RECHECK_FINDING } from './finding';
export { layOut } from './tools';
