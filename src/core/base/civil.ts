import type { Instant } from './instant';

/** A day of the calendar as `2026-05-16`, in whatever zone it was written down. */
export type CivilDay = string;

/** One of each: making a format costs more than a thousand uses of it. */
const formats = new Map<string, Intl.DateTimeFormat>();

/** True for a day that exists. */
export function isCivilDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const at = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(at.getTime()) && at.toISOString().slice(0, 10) === text;
}

/** The day that a moment is in a zone (an IANA name such as `America/Chicago`). Throws RangeError for a zone that is none. */
export function civilDay(at: Instant, zone: string): CivilDay {
  let format = formats.get(zone);
  if (!format) {
    format = new Intl.DateTimeFormat('en-CA', {
      timeZone: zone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
    });
    formats.set(zone, format);
  }
  return format.format(new Date(at));
}
