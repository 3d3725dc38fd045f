import { differenceInCalendarDays, isSameYear, lightFormat } from 'date-fns';
import type { Instant } from '@/core/base';
import { localOf } from './civil';

// Names as they are: a library's would be a tenth of the first load, and asking the browser for its own costs a slow phone a fifth of a second.
const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
] as const;
const WEEKDAYS = ['Sunday', 'Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday'] as const;

const longMonth = (at: Instant): string => MONTHS[localOf(at).getMonth()] ?? '';
const shortMonth = (at: Instant): string => longMonth(at).slice(0, 3);
const digits = (at: Instant, shape: string) => lightFormat(localOf(at), shape);

/** A weekday in full: `Saturday`. */
export const weekday = (at: Instant): string => WEEKDAYS[localOf(at).getDay()] ?? '';

/** The day of a month: `16`. */
export const dayOfMonth = (at: Instant): string => digits(at, 'd');

/** A weekday in short: `Sat`. */
export const shortWeekday = (at: Instant): string => weekday(at).slice(0, 3);

/** A day as it is spoken of: `May 2`, with the year where it is another. */
export function day(at: Instant, now: Instant): string {
  const year = isSameYear(localOf(at), new Date(now)) ? '' : digits(at, ', yyyy');
  return `${shortMonth(at)} ${digits(at, 'd')}${year}`;
}

/** A day in full: `Saturday, May 16, 2026`. */
export function dayInFull(at: Instant): string {
  return `${weekday(at)}, ${longMonth(at)} ${digits(at, 'd, yyyy')}`;
}

/** A day and time of day: `May 2, 2026, 2:05 PM`. */
export function dayAndTime(at: Instant): string {
  return `${shortMonth(at)} ${digits(at, 'd, yyyy, h:mm a')}`;
}

/** Since when, as it is spoken of: `2:05 PM` today, else with its day. */
export function sinceWords(at: Instant, now: Instant): string {
  const time = digits(at, 'h:mm a');
  return differenceInCalendarDays(new Date(now), localOf(at)) === 0 ? time : `${day(at, now)}, ${time}`;
}

/** A day as it is spoken of from now: `today`, `yesterday`, `3 days ago`, else the day. */
export function dayAgo(at: Instant, now: Instant): string {
  const days = differenceInCalendarDays(new Date(now), localOf(at));
  if (days <= 0) return 'today';
  if (days === 1) return 'yesterday';
  return days < 14 ? `${days} days ago` : day(at, now);
}

/** The month heading of the logbook: `May 2026`. */
export function month(at: Instant): string {
  return `${longMonth(at)} ${digits(at, 'yyyy')}`;
}

/** The value of a date field: `2026-05-16`, by this device's zone. */
export function dateField(at: Instant): string {
  return digits(at, 'yyyy-MM-dd');
}

/**
 * The moment meant by a date field: today means now, another day its noon, so that work of one
 * day keeps to that day in every zone nearby. Undefined where it names no day.
 */
export function fromDateField(text: string, now: Instant): Instant | undefined {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return undefined;
  if (text === dateField(now)) return now;
  // Read as the device's own time; a day that no month has rolls over, and is told by that.
  const date = new Date(`${text}T12:00`);
  return Number.isNaN(date.getTime()) || lightFormat(date, 'yyyy-MM-dd') !== text
    ? undefined
    : date.toISOString();
}

/** A span of days in its two largest measures: `9 years`, `3 days`, `2 h 5 min`. */
export function spell(days: number): string {
  if (days >= 730) return `${Math.floor(days / 365.25)} years`;
  if (days >= 2) return `${Math.floor(days)} days`;
  return minutes(Math.round(days * 1440));
}

/** Minutes as hours and minutes: `1 h 12 min`. */
export function minutes(total: number): string {
  const hours = Math.floor(total / 60);
  const rest = Math.round(total % 60);
  return hours === 0 ? `${rest} min` : rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}
