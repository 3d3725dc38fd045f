/**
 * Store: the yard as pages see it. What is asked goes to its keeper, in a worker
 * or on the page; what changes comes back. Preferences, photos and ids of this
 * device.
 */
export { YardProvider, useYard } from './yard-context';
export { isStopped, type YardSnapshot } from './yard-store';
export { readDraft, storeDraft, type DraftDef } from './draft';
export { useAsk } from './use-ask';
export { useNow } from './use-now';
export { Planner, type Planned } from './planner';
export { newId } from '@/keeper';
export {
  noteClockRight,
  useClockRight,
  setPreferences,
  useFormUnits,
  usePreferences,
  type Preferences,
} from './preferences';
export { abilitiesOf, clearsUnlessInstalled, thisBrowser, type Ability } from './abilities';
export { askToKeep, askToKeepOnce, storageState, type StorageState } from './persistence';
export { usePhoto, type ShownPhoto } from './use-photo';
export type { Photo, PhotoProblem } from './photos';
export { chosenRig, keepChosenRig } from './chosen-rig';
export { deviceClock } from './clock';
