import type { CivilDay, UnitSystem } from '@/core/base';
import type { Outcome } from '@/core/plan';
import { day, minutes } from '../dates';
import { capital, measure, words } from '../measure';
import { noonOf } from '../plan-entry';

/** A day of the calendar without its weekday: `Jun 27`. */
export const monthDay = (civil: CivilDay, now: string): string => day(noonOf(civil), now);

/** How many yard days, until when: `Three yard days until September 5`. */
export function headline(days: number, to: CivilDay, now: string): string {
  const until = `until ${monthDay(to, now)}`;
  return days === 0 ? `No yard day needed ${until}` : `${capital(words(days, 'yard day'))} ${until}`;
}

/** A span under half a mile is none. */
const FAR = 800;

const past = ({ late }: Outcome, system: UnitSystem) =>
  late < FAR
    ? 'nothing goes past its limit'
    : `${measure(late, 'distance', system, 0)} past limits, all jobs added up`;

/** The plan beside the other ways of doing it, on one line each. */
export function comparedWords(
  plan: Outcome,
  apart: Outcome,
  block: Outcome,
  system: UnitSystem,
): readonly { readonly name: string; readonly time: string; readonly note: string }[] {
  const line = (name: string, one: Outcome, note: string) => ({
    name,
    time: minutes(Math.round(one.minutes)),
    note,
  });
  return [
    line('This plan', plan, `${words(plan.days, 'day')}, ${past(plan, system)}`),
    line('Each job on its own day', apart, `${apart.days} times out with the tools, ${past(apart, system)}`),
    line('All in one block now', block, `${words(block.days, 'day')}, then nothing; ${past(block, system)}`),
  ];
}

/** How far the plan may be from the best: proven, bounded, or still being worked on. */
export function gapWords(
  cost: number,
  bound: number | undefined,
  working: boolean,
  stopped: 'no-thread' | 'broke' | undefined,
): string {
  if (bound !== undefined && bound >= cost) return 'No better plan exists for these weights.';
  if (working) return 'A good plan. Looking for a better one…';
  const share = bound === undefined || cost === 0 ? undefined : Math.ceil(((cost - bound) / cost) * 100);
  const far =
    share === undefined
      ? 'How far it is from the best is not known.'
      : `At most ${share} % above the best possible.`;
  switch (stopped) {
    case 'no-thread':
      return 'A good first plan. This device does not search any further.';
    case 'broke':
      return `The proof stopped midway; this plan stands. ${far}`;
    case undefined:
      return far;
  }
}

/** What a change by hand comes to against the plan before it: minutes of work and set-up, value thrown away (min), miles past limits. */
export interface Priced {
  readonly minutes: number;
  readonly wasted: number;
  /** The job that goes furthest past its limit for it, and how far (m). */
  readonly worst: { readonly name: string; readonly late: number } | undefined;
}

/** What a change costs, in one sentence: `Moved to Sat, Jun 6: 35 min more, and 1L goes 140 mi past its limit.` */
export function priceWords(
  did: string,
  { minutes: more, wasted, worst }: Priced,
  system: UnitSystem,
): string {
  const parts = [
    Math.abs(more) < 1
      ? 'no more time'
      : `${minutes(Math.round(Math.abs(more)))} ${more > 0 ? 'more' : 'less'}`,
    ...(wasted >= 5 ? [`${minutes(Math.round(wasted))} of work thrown away by going early`] : []),
  ];
  const late =
    worst && worst.late >= FAR
      ? `, and ${worst.name} is likely to go ${measure(worst.late, 'distance', system, 0)} past its limit`
      : '';
  return `${did}: ${parts.join(', ')}${late}.`;
}
