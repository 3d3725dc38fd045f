/** Bench: what do I do next? */
export { BenchView } from './bench-view';
export { SheetView } from './sheet-view';
