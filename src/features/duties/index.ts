/** Duties: what is done about them wherever they are met, and when they will fall due. */
export { DeferDialog } from './defer-dialog';
export { DoneDialog } from './done-dialog';
export { EventDialog } from './event-dialog';
export { HubLookDialog } from './hub-look-dialog';
export { MemoryDialog } from './memory-dialog';
export { OutlookNote } from './outlook-note';
export { PlanDialog } from './plan-dialog';
export { DutyAction, type DutyActions } from './duty-action';
export { basisOf, useForecast, type Forecast } from './use-forecast';
