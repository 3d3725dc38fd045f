import type { CivilDay, Instant } from '@/core/base';

/**
 * The days of moments that were written down in another zone than this device stands in. A device's zone is the same
 * everywhere on a page, and so are these: whoever words a moment asks here instead of the zone alone.
 */
let apart: Readonly<Record<Instant, CivilDay>> = {};

/** Tells which moments were written down as another day than this device's zone makes of them. */
export function tellDaysApart(days: Readonly<Record<Instant, CivilDay>>): void {
  apart = days;
}

/** A moment as this device's clock would show it on the day that was written down: noon, where that was another day than it is here. */
export function localOf(at: Instant): Date {
  const day = Object.hasOwn(apart, at) ? apart[at] : undefined;
  return day === undefined ? new Date(at) : new Date(`${day}T12:00`);
}
