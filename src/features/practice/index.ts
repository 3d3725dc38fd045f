/** Practice: can I judge it? Drills on simulated parts, judged by what judges real ones. */
export { PracticeView } from './practice-view';
export { WeakNote } from './weak-note-later';
