/**
 * Text: every word the product says, in one catalogue. Core gives codes and
 * figures; here they become sentences with units, in US English.
 */
export { tellDaysApart } from './civil';
export { ABILITY_OFF, ABILITY_WORDS } from './abilities';
export { bytesText, capital, count, fraction, list, measure, small, typed, words } from './measure';
export {
  dateField,
  day,
  dayAgo,
  dayAndTime,
  sinceWords,
  dayInFull,
  dayOfMonth,
  fromDateField,
  minutes,
  month,
  shortWeekday,
  spell,
  weekday,
} from './dates';
export {
  BASIS_WORDS,
  BRAKE_WORDS,
  HUB_WORDS,
  KIND_WORDS,
  LOCK_WORDS,
  MIXING_WORDS,
  placeInWords,
  SOURCE_WORDS,
  THICKENER_WORDS,
} from './rig';
export { gradeWords, ruleWords, SUBJECT_WORDS, VERDICT_WORDS, verdictMeans, windowSource } from './grades';
export { readingVerdict } from './judged';
export { BRANCH_WORDS } from './branches';
export {
  CAME_OFF_WORDS,
  HAND_WORDS,
  READING_WORDS,
  readingName,
  readingUnit,
  RENEWED_WORDS,
} from './readings';
export { PHASE_WORDS, stepWords, threadsWords, torqueSpec } from './steps';
export { inUnits } from './in-units';
export { hazardsUnsaid } from './steps/hazards';
export {
  dutyRule,
  dutyStanding,
  dutyWhy,
  MARK_WORDS,
  meterAmount,
  otherMeters,
  reasonLines,
  reasonWords,
  towHeadline,
  towSummary,
} from './duty';
export { doneWords, dutyTitle, jobsTitle, routineTitle, workAt, workTitle, ROUTINE_WORDS } from './routines';
export { routineHow } from './routine-help';
export { amendWords, archiveWords, compileWords, parseWords, tapWords, tripWords } from './problems';
export { photoWords, shutWords, unreadWords, unstoredPhotoWords, unstoredWords } from './unstored';
export { HUB_HINTS, KIND_HINTS, TEMPLATE_WORDS } from './setup';
export { closingWords, entryWords, KIND_OF_ENTRY, workWords } from './entry';
export { readingDimension, readingProblemWords, readingTyped, readingValue } from './reading-value';
export {
  contradictionWords,
  GO_WORDS,
  goReasonWords,
  itemWords,
  judgedWords,
  takenWords,
  UNJUDGED_WORDS,
  WALK_WORDS,
  zoneNote,
  zoneTitle,
} from './walk';
export { PATTERN_WORDS, trendWords, type TrendWords } from './trend';
export { leadWords } from './leads';
export { LIKELY_WORDS, type Likely } from './likely';
export {
  causeWords,
  circuitWords,
  SIGHT_WORDS,
  sureWords,
  SWITCH_WORDS,
  testWords,
  WIRING_WORDS,
} from './faults';
export { LAMP_WORDS, SHOWS_WORDS } from './fault-names';
export { isGrease, supplyAmount, supplyFrom, SUPPLY_NAMES, supplyUnit } from './supplies';
export { orderLine, orderLineNote, orderTable } from './to-order';
export { PAPER_WORDS } from './paper-entry';
export { KIT_WORDS } from './kit-words';
export { limitsWhy, rollWords } from './limits';
export {
  leftWords,
  limitStands,
  limitWords,
  looksWords,
  nextLookWords,
  pastWords,
  ROLL_WORDS,
  TROUBLE_TITLES,
} from './road';
export { BOLT_WORDS, findingWords, forbidsWords, evidenceAndSource, ESCALATED_WORDS } from './finding';
export { forWhat, roundName } from './routines';
export { spanWords } from './measure';
export { sideWords } from './sides';
export { targetWords } from './target';
export { layOut, type Item, type LaidOut } from './lay-out';
export {
  FACT_GROUP_WORDS,
  FACT_WORDS,
  factText,
  factTyped,
  factUnit,
  factWords,
  isMetricThread,
  partLength,
  threadWords,
} from './facts';
export { FACT_HELP } from './fact-help';
export { placeName, placeWords } from './gear';
export { GEAR_LOOKS } from './gear-looks';
export {
  GRADE_WORDS,
  movesWords,
  PART_FACT_WORDS,
  PART_WORDS,
  partFactText,
  partFactUnit,
  partName,
  restWords,
  SHELF_WORDS,
} from './parts';
export { partNamer } from './part-namer';
export { conflictShort, conflictTitle, conflictWords } from './conflict';
export { effectWords, RULE_WORDS, schoolsOf } from './rules';
export { RULE_REASONS } from './rule-reasons';
export { gradesFor } from './survey-conditions';
export { STATION_WORDS, surveyItemShort, surveyItemWords } from './survey';
export { dotWords, tireAgeShort, tireAgeWords } from './identify';
export { bandShort, bandWords, fallsOnWords, towedWords, type BandBasis } from './forecast';
export {
  chapterHeadline,
  eventLeaves,
  EVENT_WORDS,
  HALF_WORDS,
  SEASON_WORDS,
  seasonWords,
  yearDay,
} from './season';
export { holdsFrom, holdsLines, leftFileWords, metWords } from './in-step';
export {
  FIELD_WORDS,
  rowProblemWords,
  TABLE_IN_WORDS,
  TABLE_WORDS,
  tableNames,
  tableOut,
  tableProblemWords,
  TABLES_OUT,
  type TableOut,
} from './tables';
export { outlookFitness, outlookWords } from './outlook';
export { gapWords } from './gaps';
export { oddTorqueWords } from './torque';
export { sought } from './sought';
export { spoken, unitSpoken } from './spoken';
export { stepName } from './steps/name';
