/**
 * Base: what every other part of the core speaks in. A result that carries its
 * cause, instants that sort as text, the one source of repeatable chance, and
 * quantities: SI inside, the owner's units at the edge; what people type is read
 * here, inch fractions included, and what they read is written.
 */
export { fail, ok, type Result } from './result';
export { addDays, DAY_MS, daysBetween, instantOf, isInstant, msOf, type Instant } from './instant';
export { civilDay, isCivilDay, type CivilDay } from './civil';
export { assertNever } from './assert';
export { gamma, normal, seeded, type Random } from './random';
export { middle } from './middle';
export { sameValue } from './same';
export { code, figure, keyWords, uuid } from './names';
export { moment, nonNegative, positive, shaped, text, whole, words } from './schema';
export { fromSI, toSI, unitFor, UNITS, type Dimension, type Unit, type UnitSystem } from './units';
export { parseMoney, type MoneyProblem, type MoneyTyped } from './money';
export { parseNumber, parseQuantity, type ParseProblem } from './parse';
export { parseSpan } from './span';
export {
  formatInches,
  formatMoney,
  formatNumber,
  formatQuantity,
  formatUpTo,
  type Formatted,
} from './format';
export {
  DUTY_SCALE,
  FITNESS_SCALE,
  fitnessOfSafety,
  fitnessOfVerdict,
  GO_SCALE,
  goOfFitness,
  goOfVerdict,
  MARK_SCALE,
  markOfDuty,
  markOfFitness,
  markOfGo,
  markOfVerdict,
  oneStepUp,
  VERDICT_SCALE,
  worse,
  type DutyVerdict,
  type Fitness,
  type Go,
  type PlaceMark,
  type Severity,
  type Verdict,
} from './severity';
