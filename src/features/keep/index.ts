/** Keep: the archive, units, light. */
export { KeepView } from './keep-view';
