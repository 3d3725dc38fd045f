/** Yard: can I tow today? */
export { YardView } from './yard-view';
export { YardLoading } from './first-yard';
