/**
 * Figures: the formulas of the job, pure arithmetic in SI with no knowledge of
 * any rig's history. Each function names its units.
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
export { CARTRIDGE, cartridgesFor, greaseOfStrokes } from './grease';
export { brakeCost, type BrakeCost, type BrakeOffer } from './brake-cost';
export { leakBetween, PERMEATION, type Leak, type PressureRead } from './leak';
export { brakeFuse, gaugeFor, wireRun, type WireRun } from './wiring';
export { askew, FIRST_MARK, hangerPlaces, type HangerPlaces } from './axle-place';
export { adapterChange, type AdapterChange } from './wheel-adapter';
export { eyeWear, spacingMatch, type SpacingMatch } from './equalizer';
export { perStep } from './sensitive';
