/** Trip: how far it was towed, told at its end, and what a device counts while it is under way. */
export { TripDialog } from './trip-dialog';
export { readTrip, type TripForm } from './trip-form';
export { beginWay, WAY_DRAFT, wayKey, type WayDraft } from './way-draft';
