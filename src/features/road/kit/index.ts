export { KitNote } from './kit-note-later';
export { KitView } from './kit-view';
