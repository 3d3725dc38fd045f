/** Logbook: what happened? */
export { LogbookView } from './logbook-view';
