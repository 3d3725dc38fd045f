import type { NoDay, PinProblem, PlanChange, Unplanned } from '@/core/plan';
import type { UnitSystem } from '@/core/base';
import { minutes } from '../dates';
import { dutyTitle, jobsTitle } from '../routines';
import { compileWords } from '../problems';
import { findingWords } from '../finding';
import { placeName } from '../gear';
import { monthDay } from './headline';
import { planDay } from '../plan-entry';

/** Why a job that has to be done has no day, and what would give it one. */
export function noDayWords(title: string, why: NoDay, now: string): string {
  switch (why.code) {
    case 'no-days':
      return `${title} has to be done, and no day is free at all. Free a day.`;
    case 'trip-first':
      return `${title} stands against towing, and no day is free before the trip on ${monthDay(why.trip, now)}. Free a day before it, or move the trip.`;
    case 'too-long':
      return `${title} takes ${minutes(why.minutes)} with all its set-up, and the longest day is ${minutes(why.longest)}. Give a day more hours.`;
    case 'full':
      return `${title} has to be done, and the days it could go on are full. Give ${planDay(why.day, now)} more hours, or unpin a job there.`;
    case 'closed':
      return `${title} has to be done, and every day it could go on was kept free. Open one of them.`;
  }
}

/** Why a pin cannot hold: the two that stand against each other, and which to loosen. */
export function pinWords(problem: PinProblem, title: string, others: string, now: string): string {
  const on = planDay(problem.day, now);
  switch (problem.against) {
    case 'not-free':
      return `${title} is pinned to ${on}, which is not one of your free days. Unpin it, or free that day.`;
    case 'closed':
      return `${title} is pinned to ${on}, and that day is kept free. Unpin it, or open the day.`;
    case 'never':
      return `${title} is pinned to ${on} and kept off that day as well. Take one of the two back.`;
    case 'not-then':
      return `${title} is pinned to ${on}, when it cannot be done: it has to come before a trip, its parts are not here by then, or its season has not begun. Unpin it, or move the trip.`;
    case 'too-long':
      return `What is pinned to ${on} takes ${minutes(problem.asked ?? 0)}, and the day has ${minutes(problem.has ?? 0)}: ${title} does not fit beside ${others}. Unpin one of them, or give the day more hours.`;
  }
}

/** Something that is due and cannot be planned yet; `shop` says by when to call where a shop puts it right. */
export function restWords(
  { duty, finding, why }: Unplanned,
  shop: string,
  system: UnitSystem,
  now: string,
): { readonly title: string; readonly note: string } {
  const title = duty
    ? dutyTitle(duty)
    : finding
      ? `${placeName(finding.place)}: ${findingWords(finding, system)}`
      : '';
  if (why === 'no-figure') return { title, note: 'Its interval is not known: enter it with the facts.' };
  if (why === 'shop') {
    const { waits } = finding ?? {};
    const booked = waits?.booked ? `, booked for ${monthDay(waits.booked, now)}` : '';
    return { title, note: waits ? `It waits for ${waits.who}${booked}.` : shop };
  }
  return { title, note: compileWords(why) };
}

/** What has changed since a plan was kept: `Repack 2R is done or no longer due`, `Lights moves from Jun 6 to Jun 27`. */
export function changeWords({ jobs, from, to }: PlanChange, now: string): string {
  const title = jobsTitle(jobs);
  if (from !== undefined && to !== undefined)
    return `${title} moves from ${monthDay(from, now)} to ${monthDay(to, now)}`;
  if (to !== undefined) return `${title} comes in on ${monthDay(to, now)}`;
  return `${title}, planned for ${monthDay(from ?? '', now)}, is done or not needed then`;
}
