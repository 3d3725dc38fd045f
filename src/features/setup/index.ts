/** Set-up: a rig as its owner tells it. */
export { SetupView } from './setup-view';
export { SourceChoice } from './fact';
