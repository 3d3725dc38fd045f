/** Rules: the schools an owner follows, for the house and for each rig. */
export { RulesView } from './rules-view';
