/** Rig: what is known of one rig, fact by fact. */
export { RigFactsView } from './rig-view';
