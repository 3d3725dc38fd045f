/** Identify: from what can be measured or read to what it is. */
export { IdentifyView } from './identify-view';
