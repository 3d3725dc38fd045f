/** A moment in UTC to the millisecond, as `2026-05-16T09:00:00.000Z`: fixed width, so it sorts as text. */
export type Instant = string;

const SHAPE = /^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])T([01]\d|2[0-3]):[0-5]\d:[0-5]\d\.\d{3}Z$/;
/** A day (ms), leap seconds and clock changes apart. */
export const DAY_MS = 86_400_000;

/** True for text in the one form that instants are kept in, naming a day that exists. */
export function isInstant(text: string): boolean {
  if (!SHAPE.test(text)) return false;
  const ms = Date.parse(text);
  return !Number.isNaN(ms) && new Date(ms).toISOString() === text;
}

/** Milliseconds since 1970 (ms). */
export function msOf(at: Instant): number {
  return Date.parse(at);
}

/** The instant of a number of milliseconds since 1970. Throws RangeError outside the calendar. */
export function instantOf(ms: number): Instant {
  return new Date(ms).toISOString();
}

/** Whole days that lie between two instants (d), never below zero. */
export function daysBetween(from: Instant, to: Instant): number {
  return Math.max(0, Math.floor((msOf(to) - msOf(from)) / DAY_MS));
}

/** The instant a number of days (d) later. */
export function addDays(at: Instant, days: number): Instant {
  return instantOf(msOf(at) + days * DAY_MS);
}
