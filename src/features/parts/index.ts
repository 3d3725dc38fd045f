/** Parts: what sits where on a rig, with an identity of its own. */
export { PartsView } from './parts-view';
export { FitForm } from './fit-form';
