import { dayAfter, type WorkToPlan, type YardProblem } from '@/core/plan';
import type { CivilDay } from '@/core/base';
import { jobsTitle } from '../routines';
import { monthDay } from './headline';

/** By when parts are to be ordered for the work of a day; nothing where all are here or on order. */
export function orderByWords(
  works: readonly WorkToPlan[],
  day: CivilDay,
  { weights, from }: Pick<YardProblem, 'weights' | 'from'>,
  now: string,
): { readonly by: string; readonly what: string } | undefined {
  const late = works.filter(({ partsMissing }) => partsMissing);
  if (late.length === 0) return undefined;
  const by = dayAfter(day, -weights.parts);
  return {
    by: by <= from ? 'Order now' : `Order by ${monthDay(by, now)}`,
    what: `parts for ${jobsTitle(late.flatMap((work) => work.jobs))} are neither here nor on order; ${weights.parts} days on the way is ${weights.parts === 10 ? 'our estimate' : 'your figure'}.`,
  };
}

/** By when a shop is to be called so that it is done before a day. */
export function callByWords(
  before: CivilDay | undefined,
  { weights, from }: Pick<YardProblem, 'weights' | 'from'>,
  now: string,
): string {
  if (before === undefined) return 'A part, a welder or a shop puts it right: call soon.';
  const by = dayAfter(before, -weights.shop);
  const when = by <= from ? 'call now' : `call by ${monthDay(by, now)}`;
  return `A part, a welder or a shop puts it right: ${when} to have it before the trip on ${monthDay(before, now)}, with ${weights.shop} days to a place in the shop.`;
}
