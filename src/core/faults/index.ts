/**
 * Faults: from what fails to the likeliest cause and the next test that parts
 * what is left, for lamps and for the brake circuit.
 */
export {
  cellsOf,
  LAMPS,
  lampsOf,
  lampSteps,
  SIGHTS,
  type Cell,
  type Lamp,
  type LampStep,
  type Pattern,
  type Shows,
  type Sight,
  type Wiring,
} from './lamps';
export {
  diagnoseLights,
  faultsOf,
  patternOf,
  TESTS,
  testsFor,
  testTells,
  type Cause,
  type Diagnosis,
  type Fault,
  type FaultKind,
  type TestAt,
  type TestDone,
  type TestKind,
} from './lights';
export { placesOfCause } from './places';
export {
  circuitVerdict,
  judgeBrakeCircuit,
  magnetsOf,
  type BrakeCircuit,
  type BrakeCircuitFault,
} from './magnets';
