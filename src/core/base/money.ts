import { fail, ok, type Result } from './result';
import { parseNumber } from './parse';

/** Money in its owner's own currency. */
export interface MoneyTyped {
  readonly amount: number;
  readonly currency: string;
}

/** What is wrong with money as typed, by field. */
export interface MoneyProblem {
  readonly amount?: true;
  readonly currency?: true;
}

/** Money as it is typed: an amount with or without a sign of its currency, and the currency's three letters; nothing where no amount is typed. Nothing is converted. */
export function parseMoney(amount: string, currency: string): Result<MoneyTyped | undefined, MoneyProblem> {
  const text = amount.replace(/[$€£¥\s]/g, '');
  if (text === '') return /\S/.test(amount) ? fail({ amount: true }) : ok(undefined);
  const read = parseNumber(text);
  const letters = currency.trim().toUpperCase();
  const problem: MoneyProblem = {
    ...((!read.ok || read.value < 0 || read.value > 1e7) && { amount: true as const }),
    ...(!/^[A-Z]{3}$/.test(letters) && { currency: true as const }),
  };
  if (!read.ok || problem.amount || problem.currency) return fail(problem);
  return ok({ amount: read.value, currency: letters });
}
