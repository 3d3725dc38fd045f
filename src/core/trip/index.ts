/**
 * Trip: a trip under way. How far it has come and who says so, what the next
 * look is and how far, and what live values call out. Figures of instruments
 * are taken in SI with their quality; nothing doubtful is judged.
 */
export { isChannel, type Channel, type Fix, type Sample } from './sample';
export type { Quality } from './quality';
export { NO_TRACK, track, type Track } from './position';
export {
  countsFrom,
  countOn,
  differing,
  milesNow,
  rolls,
  type Counting,
  type Differs,
  type Miles,
} from './miles';
export { lookNext, type ComingLook, type LookCause, type NextLook } from './next-look';
export {
  channelKey,
  channelQuality,
  NO_WATCH,
  reads,
  watchOn,
  type Alarm,
  type AlarmCode,
  type Point,
  type Watch,
  type WatchContext,
} from './watch';
export { standingOf, type RigStanding } from './standing';
export { limitLooks, stopWalk, type LimitLook, type StopGroup } from './stop';
export { readTrack, type TrackPoint, type TrackRead } from './track';
