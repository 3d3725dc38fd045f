/**
 * Practice: simulated hubs, sounds, cards, conditions, wheels and faults to learn
 * the feel on, deterministic by seed, judged by what judges real ones.
 */
export {
  coastDown,
  gapOf,
  handDrag,
  hubOutcome,
  looseHub,
  makeHub,
  nutOf,
  nutTorque,
  pinAt,
  pinned,
  playOf,
  rimMove,
  rockGrade,
  spinGrade,
  turnNut,
  type HubOutcome,
  type HubStand,
  type NutTool,
  type PracticeHub,
} from './hub';
export {
  makeSound,
  RATE,
  SECONDS,
  SOUND_KINDS,
  SOUNDS,
  traceOf,
  type MadeSound,
  type SoundKind,
} from './sound';
export { breachesByStep, orderDrill, playOrder, type OrderDrill } from './order';
export {
  bareWheel,
  DRIVERS,
  pullNut,
  THREADS,
  wheelOutcome,
  type Driver,
  type PracticeThreads,
  type PracticeWheel,
  type WheelOutcome,
  type WheelStand,
} from './star';
export { faultDrill, faultOutcome, makeTest, type FaultDrill, type FaultOutcome } from './fault';
export {
  brakeDrill,
  brakeExpected,
  brakeFaultName,
  brakeReads,
  currentSays,
  soundCurrent,
  type BrakeDrill,
  type BrakeFault,
  type BrakeTest,
} from './brake-fault';
export {
  FIELD,
  lookOf,
  PICTURED,
  picturedGrades,
  type Ink,
  type Look,
  type Pictured,
  type Shape,
  type Tint,
} from './looks';
export { ANY_TRAILER } from './any-trailer';
export { firstSeed, nextSeed } from './seeds';
export { COURSE, DRILLS, PRACTICED, type DrillId, type PracticeId, type SessionId } from './drills';
export {
  cardsFor,
  confusionOf,
  drilled,
  graded,
  nextSession,
  NO_PROGRESS,
  progressSchema,
  sessionsDone,
  talliesOf,
  weakSpots,
  type GradeCard,
  type Progress,
  type WeakSpot,
} from './progress';
