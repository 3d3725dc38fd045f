/** Common: what every place needs of the yard, live. */
export { rigView, useRigs, type RigView, type Rigs } from './use-rigs';
export { benchLink } from './bench-link';
export { partNamer } from './part-namer';
export { PlacePicker } from './place-picker';
export { RigPage } from './rig-page';
export { WithRig } from './with-rig';
export { useRecord, type Draft } from './use-record';
export { useChosenRig } from './use-chosen-rig';
export { RigTabs } from './rig-tabs';
export { DutyTape } from './duty-tape';
export { ClockNote } from './clock-note';
export { outlookOf, tripsAhead } from './outlook';
export { Failed, Loading, Ruled } from './states';
export { SEVERITIES } from './severities';
