/**
 * Base: what every other part of the core speaks in. A result that carries its
 * cause, instants that sort as text, and the one source of repeatable chance.
 */
export { fail, ok, type Result } from './result';
export { addDays, daysBetween, instantOf, isInstant, msOf, type Instant } from './instant';
export { civilDay, isCivilDay, type CivilDay } from './civil';
export { assertNever } from './assert';
export { gamma, normal, seeded, type Random } from './random';
export { middle } from './middle';
export { sameValue } from './same';
export { code, figure, keyWords, uuid } from './names';
export { moment, nonNegative, positive, shaped, text, whole, words } from './schema';
