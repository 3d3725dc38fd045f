/** Yard: can I tow today? */
export { YardView } from './yard-view';
export { YardLoading } from './first-yard';
export { readTrip, type TripForm } from './trip-form';
