/** Set-up: a rig as its owner tells it, in two minutes. */
export { SetupView } from './setup-view';
