/**
 * Simulated: a trailer on the road by its physics, and sensors that read it in
 * steps, with noise and gaps. The same seed gives the same trip.
 */
export { anyWay, beginTrip, stepTrip, TICK, type TripPlan, type TripRun } from './trip';
export { type Fault, type Stretch, type World } from './world';
export { demoFaults, simulatedTrailer, type SimulatedTrailer } from './trailer';
