import { DAY_MS } from '../src/core/base';

/** The zone that the pages of the tests stand in. */
export const ZONE = 'America/Chicago';

/** A day so many days from now where the page stands, as a date field has it. */
export function inDays(days: number): string {
  // Canadian English writes a date as a date field does.
  return new Intl.DateTimeFormat('en-CA', { timeZone: ZONE }).format(Date.now() + days * DAY_MS);
}
