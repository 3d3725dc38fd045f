/** Facts: one fact of a rig told at a time, wherever it is missed. */
export { FactEditor, factLead, type FactRig } from './fact-editor';
export { Contradictions } from './contradictions';
export { FactDialog } from './fact-dialog';
export { SourceChoice } from './source-choice';
