/**
 * Road: walks in walking order, a trip under way with its next look, trouble as
 * it is asked, and the kit with what it can do. What nobody has said counts as not
 * there; figures of instruments carry their quality, nothing doubtful is judged.
 */
export {
  compileWalk,
  itemsOf,
  type ZoneId,
  type Walk,
  type WalkItem,
  type WalkOrder,
  type WalkZone,
} from './walk/walk';
export { subjectsAt } from './walk/subjects';
export { isGlance, type LookId, type System } from './walk/looks';
export {
  judgePressure,
  judgeItem,
  judgeWalk,
  standsAs,
  walkBody,
  type Answer,
  type Answers,
  type Around,
  type Judged,
  type Unjudged,
  type WalkContext,
} from './walk/answers';
export { goVerdict, type GoReason, type GoVerdict, type TowAfter } from './walk/go';
export { isChannel, type Channel, type Fix, type Sample } from './trip/sample';
export type { Quality } from './trip/quality';
export { NO_TRACK, track, type Track } from './trip/position';
export {
  countsFrom,
  countOn,
  differing,
  milesNow,
  rolls,
  type Counting,
  type Differs,
  type Miles,
} from './trip/miles';
export { lookNext, type ComingLook, type LookCause, type NextLook } from './trip/next-look';
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
} from './trip/watch';
export { standingOf, type RigStanding } from './trip/standing';
export { limitLooks, stopWalk, type LimitLook, type StopGroup } from './trip/stop';
export { readTrack, type TrackPoint, type TrackRead } from './trip/track';
export {
  KIT_PARTS,
  type KitAbout,
  type KitBecause,
  type KitPart,
  type KitReading,
  type Need,
} from './kit/about';
export { jackFit, kitFor, readKit, readKitItem } from './kit/serves';
export { bestPurchase, finishes, type Finish, type Purchase } from './kit/finish';
export { roadRules } from './kit/road';
export {
  asksOfSpot,
  barredAt,
  SPOT_QUESTIONS,
  type Barred,
  type Spot,
  type SpotQuestion,
} from './trouble/spot';
export { outOfDanger, type OutOfDanger } from './trouble/out';
export { leftPlaces, troublePlaces, troublesFor } from './trouble/where';
export { asked, nextQuestion, soFar } from './trouble/ask';
