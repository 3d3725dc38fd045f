import { fail, ok, type Result } from '@/core/base';
import type { Half, SeasonChoice } from '@/core/rules';

/** A season as typed: both days as a date field of any year has them, or none. */
export interface SeasonForm {
  readonly half: Half | '';
  readonly start: string;
  readonly end: string;
}

/** What is wrong, at which field. */
export type SeasonErrors = Partial<Record<keyof SeasonForm, string>>;

const yearDay = (date: string) => date.slice(5);

/** Reads a season as typed: the half of the world, the two days, or both. */
export function readSeason(form: SeasonForm): Result<SeasonChoice, SeasonErrors> {
  const { half, start, end } = form;
  if (half === '' && start === '' && end === '')
    return fail({
      half: 'Choose the hemisphere, or enter both days: without one there is no date for spring.',
    });
  if (start === '' && end !== '') return fail({ start: 'Enter the day it starts as well.' });
  if (end === '' && start !== '') return fail({ end: 'Enter the day it ends as well.' });
  if (start !== '' && yearDay(start) === yearDay(end))
    return fail({ end: 'It ends on the day it starts. Towing all year, give the day before.' });
  return ok({
    ...(half !== '' && { half }),
    ...(start !== '' && { start: yearDay(start), end: yearDay(end) }),
  });
}
