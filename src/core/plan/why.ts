import { aloneMinutes } from './evaluate';
import { FORBIDDEN, legOf, type PlanProblem, type SetUp, type Visits } from './problem';

/** Why a job stands on its day, from the model itself. */
export interface WhyThisDay {
  /** What it takes on that day (min), and what it would take by itself. */
  readonly minutes: number;
  readonly alone: number;
  /** The deepest set-up that others have open there already. */
  readonly shares: SetUp | undefined;
  /** How far (m) it would go past its limit if it were left until the next open day, or the end. */
  readonly laterPast: number;
  /** How much of its interval's worth (min) is thrown away there. */
  readonly wasted: number;
  /** No other free day could have it. */
  readonly only: boolean;
  /** The day (by number) on which it was done before in this plan, where it comes round again. */
  readonly after: number | undefined;
}

/** What a job takes on a day beside the others that are done there. */
export function whyThisDay(problem: PlanProblem, visits: Visits, j: number, day: number): WhyThisDay {
  const { jobs, nodes, days } = problem;
  const job = jobs[j];
  const n = days.length;
  const open = new Set(
    jobs.flatMap((other, o) => (o !== j && (visits[o] ?? []).includes(day) ? other.nodes : [])),
  );
  const mine = job?.nodes ?? [];
  const shares = mine.find((node) => open.has(node) && nodes[node]?.of !== undefined);
  const minutes =
    (job?.own ?? 0) +
    mine.filter((node) => !open.has(node)).reduce((sum, node) => sum + (nodes[node]?.minutes ?? 0), 0);
  const path = visits[j] ?? [];
  const from = path.filter((one) => one < day).at(-1) ?? -1;
  const next = [...new Set(visits.flat())].filter((one) => one > day).sort((a, b) => a - b)[0] ?? n;
  const here = legOf(problem, from, day);
  const later = legOf(problem, from, next);
  // A job that comes once has no leg between two days: what it costs to leave it is the way to the end.
  const past =
    (job?.legs[later] ?? FORBIDDEN) === FORBIDDEN
      ? (job?.late[legOf(problem, from, n)] ?? 0)
      : (job?.late[later] ?? 0);
  return {
    minutes,
    alone: aloneMinutes(problem, j),
    shares: shares === undefined ? undefined : nodes[shares]?.of,
    laterPast: Math.max(0, past - (job?.late[here] ?? 0)),
    wasted: job?.wasted[here] ?? 0,
    after: from < 0 ? undefined : from,
    only: days.every((_, k) => k === day || (job?.legs[legOf(problem, -1, k)] ?? FORBIDDEN) === FORBIDDEN),
  };
}

/** What an open day saves (min) against each of its jobs on a day of its own. */
export function savedOn(problem: PlanProblem, visits: Visits, day: number): number {
  const here = problem.jobs.flatMap((_, j) => ((visits[j] ?? []).includes(day) ? [j] : []));
  const open = new Set(here.flatMap((j) => problem.jobs[j]?.nodes ?? []));
  const together =
    here.reduce((sum, j) => sum + (problem.jobs[j]?.own ?? 0), 0) +
    [...open].reduce((sum, node) => sum + (problem.nodes[node]?.minutes ?? 0), 0);
  return here.reduce((sum, j) => sum + aloneMinutes(problem, j), 0) - together;
}
