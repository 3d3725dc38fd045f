/**
 * Figures: the formulas of the job, pure arithmetic in SI with no knowledge of
 * any rig's history. Each function names its units.
 */
export { starOrder, starGap } from './star';
export { torqueStages, type TorqueSchool, type TorqueStage } from './torque-stages';
export { checkTorque, type TorqueCheck } from './torque-check';
export { endPlay, pinStops, stopsInWindow, turnsBack, type NutGeometry, type PinStop } from './end-play';
export { crowfootSetting } from './crowfoot';
export { tireDate, type DotProblem, type TireDate } from './dot';
export {
  maxColdPressure,
  pressureForLoad,
  tireSize,
  turnsPerMile,
  usualCapacity,
  type TireSize,
} from './tire';
export { boltCircle, boltCircleAcross, matchPattern, type PatternMatch } from './bolt-circle';
export { ASSEMBLIES, DRUM_WEAR, drumMaximum, matchAssembly, type Assembly, type AssemblyMatch } from './drum';
export { airPressure, ONE_TEMPERATURE, pressureAt } from './pressure';
export { GAUGES, magnetCurrent, magnetsPulling, type MagnetCircuit, type MagnetsPulling } from './magnets';
