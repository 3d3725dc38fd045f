/**
 * Practice in words: fetched where something is practiced, apart from the
 * catalogue that every page has.
 */
export { brakeFaultWords, brakeReadWords, brakeTestWords } from './brake';
export { DRILL_WORDS, SESSION_WORDS } from './drills';
export { brokenWords } from './safe-order';
export { tipOf } from './tips';
export { SOUND_WORDS } from './heard';
export { feelWords, nutVerdict, rockWords, SCHOOL_NAMES, spinWords, thousandths, warmer } from './nut';
export { DRIVER_WORDS, recheckSaid, THREAD_STATE } from './star';
