/**
 * Figures: the formulas of the job, pure arithmetic in SI with no knowledge of
 * any rig's history; each function names its units. With each its inputs, what
 * the rig in hand has of them, what comes out, and what it is sensitive to.
 */
export { FIGURE_IDS, type FigureId } from './ids';
export { starOrder, starGap } from './star';
export { torqueStages, type TorqueSchool, type TorqueStage } from './torque-stages';
export { checkTorque, type TorqueCheck } from './torque-check';
export { endPlay, pinStops, stopsInWindow, turnsBack, type NutGeometry, type PinStop } from './end-play';
export { crowfootSetting } from './crowfoot';
export { tireDate, type DotProblem, type TireDate } from './dot';
export {
  distanceLeft,
  loadAtPressure,
  maxColdPressure,
  pressureForLoad,
  tireSize,
  turnsPerMile,
  usualCapacity,
  type TireSize,
} from './tire';
export { boltCircle, boltCircleAcross, matchPattern, type PatternMatch } from './bolt-circle';
export {
  ASSEMBLIES,
  DRUM_WEAR,
  drumLeft,
  drumMaximum,
  matchAssembly,
  type Assembly,
  type AssemblyMatch,
} from './drum';
export { airPressure, ONE_TEMPERATURE, pressureAt } from './pressure';
export {
  atMagnets,
  GAUGES,
  magnetCurrent,
  magnetsPulling,
  wireResistance,
  type MagnetCircuit,
  type MagnetsPulling,
} from './magnets';
export {
  axleFor,
  balanceOf,
  moveFor,
  TONGUE_WINDOW,
  tongueByScale,
  weighed,
  type Balance,
  type BalanceProblem,
  type Load,
  type TicketProblem,
  type Tickets,
  type Weighed,
} from './balance';
export { LIFT_MARGIN, liftCapacity, liftFit, type Lift, type LiftFit } from './jack';
export { clampLoad, FRICTION, greasedOver } from './clamp';
export { inflationTime } from './inflation';
export { cartridgesFor, greaseOfStrokes } from './grease';
export { brakeCost, type BrakeCost, type BrakeOffer } from './brake-cost';
export { leakBetween, type Leak, type PressureRead } from './leak';
export { brakeFuse, gaugeFor, wireRun, type WireRun } from './wiring';
export { askew, hangerPlaces, type HangerPlaces } from './axle-place';
export { adapterChange, type AdapterChange } from './wheel-adapter';
export { eyeWear, spacingMatch, type SpacingMatch } from './equalizer';
export { perStep } from './sensitive';
export { endPlayWindow, NUT_SEATING, type EndPlayWindow } from './end-play-window';
export { mixing, THICKENERS, type Mixing, type Thickener } from './mixing';
export { calcOf, type InputId, type ResultId } from './calc/calcs';
export { filledFrom, workOut, type Start, type WorkedOut } from './calc/work-out';
export type { CalcCode, CalcInput, NumberInput, Outcome, Shape, Values } from './calc/define';
export { LOADS } from './calc/balance';
export { answerTo, guessOf, type Guess } from './calc/guess';
export { GUESSES, type GuessId } from './calc/guess-ids';
