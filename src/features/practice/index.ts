/** Practice: can I judge it? Drills on simulated parts, judged by what judges real ones. */
export { PracticeView } from './practice-view';
export { useProgress } from './use-progress';
export { WeakNote } from './weak-note-later';
