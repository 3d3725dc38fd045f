import type { CivilDay } from '../base';
import { aloneMinutes, evaluate } from './evaluate';
import { FORBIDDEN, legOf, type PlanProblem, type Visits } from './problem';
import type { YardProblem } from './yard';

/** Why a job that has to be done has no day: the least that stands in the way. */
export type NoDay =
  | { readonly code: 'no-days' }
  | { readonly code: 'trip-first'; readonly trip: CivilDay }
  | { readonly code: 'too-long'; readonly minutes: number; readonly longest: number }
  | { readonly code: 'full'; readonly day: CivilDay }
  | { readonly code: 'closed' };

/** A job without a day, by its number. */
export interface Unplaced {
  readonly job: number;
  readonly why: NoDay;
}

/** The jobs that have to be done and found no day, each with the one reason that stands in the way; `problem` is the yard's as its owner edited it. */
export function unplaced(yard: YardProblem, problem: PlanProblem, visits: Visits): readonly Unplaced[] {
  const open = problem.days.map(({ capacity }) => capacity > 0);
  const must = evaluate(problem, visits).undone;
  // What has to be done before a trip that leaves before any free day is no choice of the solver's: it is told as well.
  const before = yard.works.flatMap(({ before: trip }, j) => {
    const day = trip?.at.slice(0, 10);
    const first = day !== undefined && !yard.problem.days.some((one) => one.day < day);
    return first ? [{ job: j, why: { code: 'trip-first', trip: day } as const }] : [];
  });
  const rest = must
    .filter((j) => !before.some(({ job }) => job === j))
    .map((j): Unplaced => {
      const may = (of: PlanProblem) =>
        of.days.flatMap((_, k) =>
          (of.jobs[j]?.legs[legOf(of, -1, k)] ?? FORBIDDEN) === FORBIDDEN ? [] : [k],
        );
      const longest = Math.max(0, ...problem.days.map(({ capacity }) => capacity));
      const minutes = aloneMinutes(problem, j);
      if (yard.problem.days.length === 0) return { job: j, why: { code: 'no-days' } };
      const days = may(problem).filter((k) => open[k]);
      if (days.length === 0) return { job: j, why: { code: 'closed' } };
      if (minutes > Math.max(...days.map((k) => problem.days[k]?.capacity ?? 0)))
        return { job: j, why: { code: 'too-long', minutes, longest } };
      return { job: j, why: { code: 'full', day: problem.days[days[0] ?? 0]?.day ?? yard.from } };
    });
  return [...before, ...rest];
}
