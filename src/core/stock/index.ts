/**
 * Stock: what is on the shelf and lasts how long, what was paid, and what the
 * coming months will cost. From the log alone.
 */
export { REPACK_GREASE, STROKE, stockLeft, takesOf, type Stock, type Takes } from './stock';
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
} from './money/expenses';
export { quotesOf, type Quoted } from './money/quotes';
export { costAhead, type Ahead, type DueAhead } from './money/ahead';
