/** Findings: what is not right, since when, how it looked, who said what, and what put it right. */
export { FindingView } from './finding-view';
export { FindingDialog } from './finding-dialog';
export { FixDialog } from './fix-dialog';
