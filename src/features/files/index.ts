/** Files: tables out and in, tracks as trips, and a rig let go of. */
export { TablesOut } from './tables-out';
export { TablesIn } from './tables-in';
export { TracksIn } from './tracks-in';
export { LetGo } from './let-go';
export { useArrived, useTaken } from './arrivals';
export { PicturesIn } from './pictures-in';
export { PhotosRoom } from './photos-room';
export { ShareButton } from './share-button';
