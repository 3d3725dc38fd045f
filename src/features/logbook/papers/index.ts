export { Shown } from './shown';
export { useMade } from './use-made';
export { PapersView } from './papers-view';
