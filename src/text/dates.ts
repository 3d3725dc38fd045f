import { differenceInCalendarDays, format, isSameYear, parse } from 'date-fns';
import type { Instant } from '@/core/base';

/** A day as it is spoken of: `2 May`, with the year where it is another. */
export function day(at: Instant, now: Instant): string {
  return format(new Date(at), isSameYear(new Date(at), new Date(now)) ? 'd MMM' : 'd MMM yyyy');
}

/** A day in full: `Saturday 16 May 2026`. */
export function dayInFull(at: Instant): string {
  return format(new Date(at), 'EEEE d MMMM yyyy');
}

/** A day and time of day: `2 May 2026, 14:05`. */
export function dayAndTime(at: Instant): string {
  return format(new Date(at), 'd MMM yyyy, HH:mm');
}

/** A day as it is spoken of from now: `today`, `yesterday`, `3 days ago`, else the day. */
export function dayAgo(at: Instant, now: Instant): string {
  const days = differenceInCalendarDays(new Date(now), new Date(at));
  if (days <= 0) return 'today';
  if (days === 1) return 'yesterday';
  return days < 14 ? `${days} days ago` : day(at, now);
}

/** The month heading of the logbook: `May 2026`. */
export function month(at: Instant): string {
  return format(new Date(at), 'MMMM yyyy');
}

/** The value of a date field: `2026-05-16`, by this device's zone. */
export function dateField(at: Instant): string {
  return format(new Date(at), 'yyyy-MM-dd');
}

/**
 * The moment meant by a date field: today means now, another day its noon, so that work of one
 * day keeps to that day in every zone nearby. Undefined where it names no day.
 */
export function fromDateField(text: string, now: Instant): Instant | undefined {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return undefined;
  if (text === dateField(now)) return now;
  const date = parse(`${text} 12:00`, 'yyyy-MM-dd HH:mm', new Date(now));
  return Number.isNaN(date.getTime()) ? undefined : date.toISOString();
}

/** Minutes as hours and minutes: `1 h 12 min`. */
export function minutes(total: number): string {
  const hours = Math.floor(total / 60);
  const rest = Math.round(total % 60);
  return hours === 0 ? `${rest} min` : rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}
