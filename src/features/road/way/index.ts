/** Way: a trip under way. The next look and how far it is, live values, stops, the ramp, and home. */
export { RoadView } from './road-view';
