/** Rigs: the yard live, one rig in hand, and the frame of every page about it. */
export { rigView, useRigs, type RigView, type Rigs } from './use-rigs';
export { threadsOf } from './threads';
export { benchLink, dutyHref, findingHref, placeHref, reasonHref } from './links';
export { Named } from './named';
export { remedyIn, RepairButton } from './repair';
export { RigPage } from './rig-page';
export { WithRig } from './with-rig';
export { useChosenRig, useKeptRig } from './use-chosen-rig';
export { howFar, RoadLine } from './road-line';
export { RigTabs } from './rig-tabs';
export { DutyTape } from './duty-tape';
export { ClockNote } from './clock-note';
export { outlookOf, tripsAhead } from './outlook';
export { Failed, Loading, Ruled, SaveRaw } from './states';
export { PartRows } from './part-rows';
