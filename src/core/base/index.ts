/**
 * Base: what every other part of the core speaks in. A result that carries its
 * cause, and instants that sort as text.
 */
export { fail, ok, type Result } from './result';
export { addDays, daysBetween, instantOf, isInstant, msOf, type Instant } from './instant';
export { assertNever } from './assert';
export { sameValue } from './same';
export { moment, nonNegative, positive, shaped, text, whole, words } from './schema';
