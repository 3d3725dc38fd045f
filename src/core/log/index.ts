/**
 * Log: the one append-only record. Entry schemas and their versions, the order
 * of entries, and the fold that turns any set of them into the state of the
 * yard, the same in whatever order they arrived.
 */
export {
  ENVELOPE_KEYS,
  entrySchema,
  isCurrent,
  isNewer,
  readEntry,
  unreadEntry,
  type UnreadEntry,
  type Entry,
  type EntryOf,
  type EntryProblem,
  type Kind,
} from './entry';
export { compareEntries } from './order';
export { entriesOf, groupOfEntry, isAbout, isCorrectedHere, othersIn, placesOfEntry } from './about';
export { LOG_GROUPS, type LogGroup } from './define';
export { advance, endOf, type LogEnd } from './advance';
export { targetOf } from './retractions';
export { KINDS } from './registry';
export {
  emptyFold,
  extend,
  foldEntries,
  foldOrdered,
  orderEntries,
  replayRig,
  rigAfter,
  type Fold,
  type OrderedLog,
} from './fold';
export { daysApart, momentsIn, withDays, type DayOf } from './days';
export { actsOn, makeEntry, makeVoid, recordedNow, type Stamp } from './make';
export { photosIn } from './photos';
export { workOf } from './work-of';
export { lastDoneOf } from './last-done';
export { asOf, hasLimit, limitLeft, limitUsed, nextLook, type Limited } from './limits';
export { CREEP, roadLimits, type Joined, type RoadLimits } from './road-limits';
export type { ToldLimit } from './limit-schema';
export { SUPPLIES_KEPT, type SupplyKept } from './supplies';
export { fitting, plainNumber } from './fits';
export { newNumberReading, partAt, rolledBy } from './parts';
export type { SurveyFound } from './kinds/survey';
export {
  emptyRig,
  HOUSE,
  doneKey,
  type Deferral,
  type FindingLimit,
  type FindingState,
  type Gap,
  type KitState,
  type OrderState,
  type PaperFigures,
  type LastDone,
  type MeterAnchor,
  type PartState,
  type PlannedState,
  type Pull,
  type Refit,
  type GoneState,
  type PlanningState,
  type RigState,
  type SurveyState,
  type UnderWay,
  type MilesBy,
  type YardState,
} from './state';
export type { WorkBody } from './kinds/work';
export type { FindingBody, Found } from './kinds/finding';
export { hasUsableSpare, isOfTire } from './tires';
export { evidenceOf, findingKey, isDrivenLow, isOfAir } from './evidence';
export type { Evidence } from './evidence-schema';
export { WALKS, type GoDecision, type WalkBody, type WalkId } from './kinds/walk';
export type { ReadingTool } from './kinds/reading';
export type { LightsBody } from './kinds/lights';
export type { PhotoBody } from './kinds/photo';
export type { OpinionBody } from './kinds/opinion';
export type { TripBegunBody, TripBody, TripMarkBody } from './kinds/trip';
export type { InstrumentNamed } from './kept';
export { isSimulated } from './simulated';
export type { TroubleBody } from './kinds/trouble';
export type { SupplyBody } from './kinds/supply';
export type { FitsBody } from './kinds/fits';
export type { PaperId } from './papers';
export type { OrderBody } from './orders';
export type { PlanKeptBody, PlanSetBody } from './planning';
export type { KitBody } from './kinds/kit';
export type { EventBody } from './kinds/event';
