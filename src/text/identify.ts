import { tireDate, type DotProblem } from '@/core/figures';
import { formatNumber } from '@/core/base';

/** Why a DOT code names no date. */
export function dotWords(problem: DotProblem): string {
  switch (problem.code) {
    case 'unreadable':
      return 'The date is the last four digits of the code: two for the week, two for the year.';
    case 'before-2000':
      return 'Three digits are a date before 2000: past any limit, whatever the tread.';
    case 'no-such-week':
      return `There is no week ${problem.week}: weeks run from 01 to 53.`;
    case 'not-yet':
      return `Week ${problem.week} of ${problem.year} has not come yet.`;
  }
}

/** Years as a birthday counts them. */
const years = (age: number) => `${formatNumber(Math.floor(age * 10) / 10, 1)} years`;

/** A tire's age from its code, at a moment (ms): `5.2 years, week 11 of 2021`. */
export function tireAgeWords(code: string, now: number): string {
  const read = tireDate(code, now);
  return read.ok
    ? `${years(read.value.age)}, week ${read.value.week} of ${read.value.year}`
    : dotWords(read.error);
}

/** The same in as few letters as stand beside a wheel. */
export function tireAgeShort(code: string, now: number): string {
  const read = tireDate(code, now);
  if (read.ok) return `${years(read.value.age)} old`;
  return read.error.code === 'before-2000' ? 'before 2000' : 'date unreadable';
}
