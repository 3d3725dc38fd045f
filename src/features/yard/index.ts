/** Yard: can I tow today? */
export { YardView } from './yard-view';
export { readTrip, type TripForm } from './trip-form';
