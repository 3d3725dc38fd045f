import { DAY_MS, fail, ok, type Result } from '../base';

/** When a tire was made, and how old it is. */
export interface TireDate {
  /** Week of the year, 1 to 53. */
  readonly week: number;
  readonly year: number;
  /** The Monday of that week, `2021-03-15`. */
  readonly day: string;
  /** Years since (y), one decimal of use. */
  readonly age: number;
}

/** Why a code names no date. */
export type DotProblem =
  | { readonly code: 'unreadable' }
  /** Three digits: made before 2000, past any limit. */
  | { readonly code: 'before-2000' }
  | { readonly code: 'no-such-week'; readonly week: number; readonly year: number }
  | { readonly code: 'not-yet'; readonly week: number; readonly year: number };

const YEAR = 365.25 * DAY_MS;

/** The Monday (ms since 1970) of a week of a year, by ISO 8601: week 1 holds the fourth of January. */
function mondayOf(year: number, week: number): number {
  const fourth = Date.UTC(year, 0, 4);
  const back = (new Date(fourth).getUTCDay() + 6) % 7;
  return fourth + ((week - 1) * 7 - back) * DAY_MS;
}

/** Reads a sidewall's date at a moment (ms): the last four digits are week, week, year, year; three are of the last century. */
export function tireDate(code: string, now: number): Result<TireDate, DotProblem> {
  const bare = code.trim().toUpperCase();
  // The week and the year may stand apart: `36 19`, `36/19`.
  const apart = /(?:^|[^0-9])(\d{2})[\s/.-](\d{2})$/.exec(bare);
  const digits = apart ? `${apart[1]}${apart[2]}` : /(?:^|[^0-9])(\d{3,4})$/.exec(bare)?.[1];
  if (!digits) return fail({ code: 'unreadable' });
  if (digits.length === 3) return fail({ code: 'before-2000' });
  const week = Number(digits.slice(0, 2));
  const year = 2000 + Number(digits.slice(2));
  const made = mondayOf(year, week);
  if (week < 1 || made >= mondayOf(year + 1, 1)) return fail({ code: 'no-such-week', week, year });
  if (made > now) return fail({ code: 'not-yet', week, year });
  return ok({ week, year, day: new Date(made).toISOString().slice(0, 10), age: (now - made) / YEAR });
}
