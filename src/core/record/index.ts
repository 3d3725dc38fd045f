/**
 * Record: what each act writes to the log. One function an act; one rule says
 * whether a finding is opened or seen again, one what answers an open recheck.
 */
export { stampEntries, type LogKnown, type NewEntry, type NewId } from './new-entry';
export { findingOf, sameFinding } from './finding';
export { recheckEntries } from './recheck';
export { cardEntries, type CardClosing } from './card';
export { decisionOf, foundOnWalk, walkEntries, type Decided, type WalkedRound } from './walk';
export { judgeTaken, readingEntries, type Readings } from './reading';
export { lightsEntries, type LampTest } from './lights';
export { circuitEntries, type CurrentTaken } from './circuit';
export { alsoDone, doneEntries, hubLookEntries, memoryEntries, type ByHand, type DoneAt } from './by-hand';
export { conditionEntries, surveyEntry } from './survey';
export {
  fixEntries,
  gradedFound,
  reportEntries,
  seenEntries,
  seenVerdict,
  trendEntry,
  type SeenAgain,
} from './report';
export { correctionOf, setupEntries, type SetupTask } from './setup';
export {
  correctClosing,
  correctFinding,
  correcting,
  correctTrip,
  correctWork,
  withNote,
  type WorkTypedOver,
} from './correct';
export { decisionEntry, needlessEntry, waitsEntry } from './decide';
export { eventEntry } from './event';
export { figureEntry, figureFacts } from './figure';
export {
  besides,
  holdsOnceDone,
  limitEnds,
  roadLookEntries,
  troubleEntries,
  troubleJob,
  type TroubleAt,
  type TroubleTold,
} from './trouble';
export { changedSincePrinted, paperEntry, tongueFigures } from './paper';
export { orderBackEntries, orderEntries, orderStands, type OrderCameBack } from './order';
export { planEntry } from './plan';
export { kitEntry } from './kit';
export { knownAnswers } from './trouble-known';
export { beginEntries, endsUnderWay, launchEntry, milesEntry, tripEntries, walkBefore } from './trip';
export { photoEntry, type PhotoSize } from './photo';
