/**
 * Money: what a rig has cost by work, part and year, in money and in own time
 * apart, quotes against what they came to, and the months ahead as a band.
 * Currencies are their owner's and are never converted.
 */
export {
  byKind,
  byYear,
  expensesOf,
  perDistance,
  sumOf,
  type Expense,
  type KindSum,
  type Money,
  type Sum,
} from './expenses';
export { quotesOf, type Quoted } from './quotes';
export { costAhead, type Ahead, type DueAhead } from './ahead';
