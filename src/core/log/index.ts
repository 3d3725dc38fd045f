/**
 * Log: the one append-only record. Entry schemas and their versions, the order
 * of entries, and the fold that turns any set of them into the state of the
 * yard, the same in whatever order they arrived.
 */
export {
  ENVELOPE_KEYS,
  entrySchema,
  isCurrent,
  readEntry,
  type Entry,
  type EntryOf,
  type EntryProblem,
  type Kind,
} from './entry';
export { compareEntries } from './order';
export { targetOf } from './alive';
export { emptyFold, extend, foldEntries, type Fold } from './fold';
export { makeEntry, makeVoid, type Stamp } from './make';
export {
  markKey,
  type FindingState,
  type Mark,
  type MeterAnchor,
  type Refit,
  type RigState,
  type YardState,
} from './state';
export type { WorkBody } from './kinds/work';
export type { FindingBody } from './kinds/finding';
export type { TripBody } from './kinds/trip';
