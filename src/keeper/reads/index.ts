/**
 * Reads: what pages ask of the whole log. Pure functions of a fold: they run
 * where the log is, and hand over the little that a page shows.
 */
export { findingsOfRig, findingStory, type FindingStory, type PhotoEntry } from './findings';
export {
  latelyAt,
  latelyOf,
  photosAt,
  stateBefore,
  tripsOnRecord,
  walksOf,
  type TripsWanted,
} from './lately';
export { LogbookReader, type LogPage, type PageWanted } from './page';
export { groupOf } from './group';
export type { Standing, Told } from './story';
