/**
 * Store: one yard on this device. The log and what is in hand lie in Dexie;
 * every write is on disk before it is shown. The demo has a database and a
 * clock of its own.
 */
export { YardProvider, useYard } from './yard-context';
export { type YardSnapshot } from './yard-store';
export { useNow } from './use-now';
export { newId } from './ids';
export { resetDemo } from './demo';
export { setPreferences, useFormUnits, usePreferences, type Preferences } from './preferences';
export { askToKeep, askToKeepOnce, storageState, type StorageState } from './persistence';
export { usePhoto, type ShownPhoto } from './use-photo';
export type { Photo, PhotoProblem } from './photos';
