/** Common: what every place needs of the yard, live. */
export { useRigs, type RigView, type Rigs } from './use-rigs';
export { useRecord, type Draft } from './use-record';
export { useChosenRig } from './use-chosen-rig';
export { RigTabs } from './rig-tabs';
export { DutyTape } from './duty-tape';
export { Failed, Loading, Ruled } from './states';
export { SEVERITIES } from './severities';
