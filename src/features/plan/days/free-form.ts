import { fail, ok, type Result, parseNumber } from '@/core/base';
import type { PlanSetBody } from '@/core/log';

/** Free days as they are typed: hours by day of the week from Monday, and spans with none. */
export interface FreeForm {
  readonly hours: readonly string[];
  readonly blocked: readonly { readonly from: string; readonly to: string }[];
  readonly weeks: number;
}

/** What is wrong, by where it stands. */
export interface FreeErrors {
  readonly hours: Readonly<Record<number, string>>;
  readonly blocked: Readonly<Record<number, string>>;
}

const MOST = 16;

/** Reads free days; what is wrong is told at its place and nothing is lost. */
export function readFree({ hours, blocked, weeks }: FreeForm): Result<PlanSetBody, FreeErrors> {
  const errors: { hours: Record<number, string>; blocked: Record<number, string> } = {
    hours: {},
    blocked: {},
  };
  const week = hours.map((text, i) => {
    if (text.trim() === '') return 0;
    const read = parseNumber(text);
    if (!read.ok || read.value < 0 || read.value > MOST) {
      errors.hours[i] = `Enter hours from 0 to ${MOST}, like 6 or 2.5.`;
      return 0;
    }
    return Math.round(read.value * 60);
  });
  const spans = blocked.filter(({ from, to }) => from !== '' || to !== '');
  blocked.forEach(({ from, to }, i) => {
    if (from === '' && to === '') return;
    if (from === '' || to === '') errors.blocked[i] = 'Enter both days, or leave both empty.';
    else if (from > to) errors.blocked[i] = 'It is over before it begins.';
  });
  if (Object.keys(errors.hours).length + Object.keys(errors.blocked).length > 0) return fail(errors);
  return ok({ week, blocked: spans.map(({ from, to }) => ({ from, to })), weeks });
}
