import ical, { ICalEventTransparency } from 'ical-generator';
import { DAY_MS, msOf, type Instant } from '../base';

/** One day of work for a calendar. Its `key` stays the same from export to export, so that a later one updates it. */
export interface CalendarDay {
  readonly key: string;
  /** The day it stands on, `2026-06-01`. */
  readonly day: string;
  readonly title: string;
  readonly about: string;
}

const EPOCH = Date.UTC(2020, 0, 1);
const MINUTE = 60_000;

/** An iCalendar file (RFC 5545) of whole days; written anew later, its events carry the same UIDs and a higher SEQUENCE. */
export function writeCalendar(name: string, days: readonly CalendarDay[], now: Instant): string {
  const calendar = ical({ name, prodId: { company: 'Yardline', product: 'Yardline', language: 'EN' } });
  const sequence = Math.max(0, Math.floor((msOf(now) - EPOCH) / MINUTE));
  for (const { key, day, title, about } of days) {
    const start = new Date(`${day}T00:00:00.000Z`);
    calendar.createEvent({
      id: `${key}@yardline`,
      sequence,
      stamp: new Date(now),
      start,
      end: new Date(start.getTime() + DAY_MS),
      allDay: true,
      summary: title,
      description: about,
      // A day to work on is no appointment: it blocks nothing.
      transparency: ICalEventTransparency.TRANSPARENT,
    });
  }
  return calendar.toString();
}
