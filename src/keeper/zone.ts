import { civilDay, type Instant } from '@/core/base';
import type { DayOf } from '@/core/log';

const two = (n: number) => String(n).padStart(2, '0');

/** The day that a moment is on this device. */
export const dayHere: DayOf = (at) => {
  const date = new Date(at);
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
};

/** The name of the zone this device stands in, such as `America/Chicago`. */
export function zoneName(): string {
  return Intl.DateTimeFormat().resolvedOptions().timeZone;
}

/** The days of a zone by its name; those of this device where it stands there. */
export function daysOf(zone: string): DayOf {
  return zone === zoneName() ? dayHere : (at: Instant) => civilDay(at, zone);
}
