/**
 * Forecast: not one date but a band. Sampled futures of miles and launches from
 * the rig's own weeks, shrunk to a prior while they are few, and what they say
 * of when each duty will fall due. Numbers of chance come from the caller.
 */
export { historyOf, towWeeks, type TowWeek } from './history';
export { priorOf, UNTOLD, type Prior } from './habits';
export {
  crossings,
  dutyBand,
  fallsOn,
  quantile,
  sampleFutures,
  type Band,
  type FallsOn,
  type Futures,
  type PlannedTrip,
} from './futures';
