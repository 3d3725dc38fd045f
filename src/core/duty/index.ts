/**
 * Duty: what is due, why, and what stands between a rig and the road. Derived
 * from a rig's state at a moment; nothing is stored.
 */
export { dutiesOf, moved, raised, stopLimit, type Duty, type DutyReason, type DutyRoutine } from './duty';
export { beforeFirstTow, roundOf } from './bundles';
export { cardDoing, jobsIn, towVerdict, type OpenWork, type TowReason, type TowVerdict } from './tow';
export { placeState, type PlaceState } from './place-state';
export { tripOutlook, type Outlook, type OutlookTrip } from './outlook';
export { seasonLists, type SeasonList, type SeasonItem } from './season-lists';
export type { MeterUse } from './meter-use';
