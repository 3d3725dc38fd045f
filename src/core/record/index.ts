/**
 * Record: what each act writes to the log. One function an act; one rule says
 * whether a finding is opened or seen again, one what answers an open recheck.
 */
export { entriesOf, type Draft, type NewId } from './draft';
export { sameFinding } from './finding';
export { recheckDrafts } from './recheck';
export { cardDrafts, type CardTold } from './card';
export { decisionOf, foundOnWalk, walkDrafts, type Decided, type WalkTold } from './walk';
export { judgeTaken, readingDrafts, type Readings } from './reading';
export { lightsDrafts, type LightsTold } from './lights';
export { circuitDrafts, type CircuitTold } from './circuit';
export { doneDrafts, hubLookDrafts, memoryDrafts, type ByHand, type DoneAt } from './by-hand';
export { conditionDrafts, surveyDraft } from './survey';
export { fixDrafts, reportDrafts, seenDrafts, seenVerdict, trendDraft, type SeenAgain } from './report';
export { correctionOf, setupDrafts, type SetupTask } from './setup';
export {
  correctClosing,
  correctFinding,
  correcting,
  correctTrip,
  correctWork,
  withNote,
  type WorkTypedOver,
} from './correct';
export { eventDraft } from './event';
export { tripDrafts } from './trip';
export { photoDraft, type PhotoSize } from './photo';
