import type { CivilDay } from '@/core/base';
import type { PlanKeptBody, PlanSetBody } from '@/core/log';
import type { EntryWords } from './entry-words';
import { shortWeekday, day, minutes, weekday } from './dates';
import { jobsTitle } from './routines';
import { count, list } from './measure';

/** Noon of a day of the calendar, so that it is that day in this device's zone. */
export const noonOf = (civil: CivilDay): string => new Date(`${civil}T12:00`).toISOString();

/** A day of the calendar as it is spoken of: `Sat, Jun 27`. */
export function planDay(civil: CivilDay, now: string): string {
  const at = noonOf(civil);
  return `${shortWeekday(at)}, ${day(at, now)}`;
}

/** Some hours a week, by day: `Saturday 6 h, Sunday 6 h`. */
function weekWords(week: readonly number[]): string {
  // A Monday, and the days after it.
  const names = week.map((_, i) => weekday(noonOf(`2024-01-0${i + 1}`)));
  const given = week.flatMap((some, i) => (some > 0 ? [`${names[i] ?? ''} ${minutes(some)}`] : []));
  return given.length > 0 ? given.join(', ') : 'no day of the week';
}

/** The work of a day, rig by rig. */
function byRig(jobs: PlanKeptBody['days'][number]['jobs']): string {
  return [...new Set(jobs.map(({ rig }) => rig))]
    .map((rig) => jobsTitle(jobs.filter((job) => job.rig === rig)))
    .join('; ');
}

/** Yard days that were planned, as the log tells it. */
export function planKeptEntry({ days, pins, closed }: PlanKeptBody): EntryWords {
  const first = days[0]?.day;
  const now = first === undefined ? '' : noonOf(first);
  return {
    title:
      days.length === 0
        ? 'Plan kept: no yard day'
        : `Plan kept: ${count(days.length, 'yard day')}, ${list(days.map((one) => day(noonOf(one.day), now)))}`,
    lines: [
      ...days.map((one) => `${planDay(one.day, now)}, ${minutes(one.minutes)}: ${byRig(one.jobs)}`),
      ...(pins.length > 0 ? [`${count(pins.length, 'job')} pinned`] : []),
      ...(closed.length > 0 ? [`Kept free: ${list(closed.map((one) => planDay(one, now)))}`] : []),
    ],
  };
}

/** What choosing yard days goes by, as the log tells it. */
export function planSetEntry({ week, blocked, weeks, weights }: PlanSetBody): EntryWords {
  return {
    title: weights && !week && !blocked ? 'How yard days are weighed' : 'Days free for the yard',
    lines: [
      ...(week ? [weekWords(week)] : []),
      ...(blocked ?? []).map(
        ({ from, to }) =>
          `Not free: ${from === to ? planDay(from, noonOf(from)) : `${planDay(from, noonOf(from))} to ${planDay(to, noonOf(from))}`}`,
      ),
      ...(weeks === undefined ? [] : [`Planned ${weeks} weeks ahead`]),
      ...(weights
        ? [
            `Late by 100 miles: safety ${weights.late.safety} min, before a trip ${weights.late.moment} min, upkeep ${weights.late.upkeep} min`,
          ]
        : []),
    ],
  };
}
