/**
 * Quantity: SI inside, the owner's units at the edge. Everything that is stored
 * or computed is in SI (m, N·m, Pa, K, kg); this folder reads what people type,
 * inch fractions included, and writes what they read.
 */
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
