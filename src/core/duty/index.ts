/**
 * Duty: what is due, why, and what stands between a rig and the road. Derived
 * from a rig's state at a moment; nothing is stored. When it will fall due is a
 * band of sampled futures, their chance from the caller; what nobody knows yet is
 * the first look's.
 */
export { dutiesOf, moved, raised, stopLimit, type Duty, type DutyReason, type DutyRoutine } from './duty';
export { beforeFirstTow, roundOf } from './bundles';
export { cardDoing, jobsIn, towVerdict, type OpenWork, type TowReason, type TowVerdict } from './tow';
export { placeState, type PlaceState } from './place-state';
export { tripOutlook, type Outlook, type OutlookTrip } from './outlook';
export { seasonLists, type SeasonList, type SeasonItem } from './season-lists';
export type { MeterUse } from './meter-use';
export { historyOf, towWeeks, type TowWeek } from './forecast/history';
export { priorOf, UNTOLD, type Prior } from './forecast/habits';
export {
  crossings,
  dutyBand,
  fallsOn,
  quantile,
  sampleFutures,
  type Band,
  type FallsOn,
  type Futures,
  type PlannedTrip,
} from './forecast/futures';
export { STATIONS, surveyItems, type ConditionId, type Station, type SurveyItem } from './survey/items';
export {
  surveyProgress,
  surveyResult,
  type Looked,
  type SurveyProgress,
  type SurveyResult,
  type SurveyTask,
} from './survey/result';
