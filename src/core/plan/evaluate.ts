import { FORBIDDEN, legOf, MUST, type PlanProblem, type Visits } from './problem';

/** What a plan comes to, from its visits alone. */
export interface Evaluation {
  /** What is made least: set-up, value thrown away, and the risk of going late (min). */
  readonly cost: number;
  /** Minutes of each day, set-up included; 0 on days with nothing to do. */
  readonly minutes: readonly number[];
  /** Set-up (min), own work (min), value thrown away by going early (min), and how far (m) it goes past limits. */
  readonly setUp: number;
  readonly own: number;
  readonly wasted: number;
  readonly late: number;
  /** Jobs that must be done and are not. */
  readonly undone: readonly number[];
  /** What the plan breaks: visits out of order or on a day that is not for them, days longer than they may be. */
  readonly breaches: readonly ('order' | 'forbidden' | 'capacity')[];
}

/** Judges a plan without knowing how it was found: every solver's answer is held against this. */
export function evaluate(problem: PlanProblem, visits: Visits): Evaluation {
  const { days, nodes, jobs } = problem;
  const open = days.map(() => new Set<number>());
  const own = days.map(() => 0);
  const breaches: Evaluation['breaches'][number][] = [];
  const undone: number[] = [];
  let legs = 0;
  let wasted = 0;
  let late = 0;
  jobs.forEach((job, j) => {
    const path = visits[j] ?? [];
    let from = -1;
    for (const to of [...path, days.length]) {
      if (to <= from || to > days.length) {
        breaches.push('order');
        continue;
      }
      const leg = legOf(problem, from, to);
      const cost = job.legs[leg] ?? FORBIDDEN;
      if (cost === FORBIDDEN) breaches.push('forbidden');
      else legs += cost;
      wasted += job.wasted[leg] ?? 0;
      late += job.late[leg] ?? 0;
      if (from === -1 && to === days.length && cost >= MUST) undone.push(j);
      from = to;
    }
    for (const day of path) {
      own[day] = (own[day] ?? 0) + job.own;
      for (const node of job.nodes) open[day]?.add(node);
    }
  });
  const setUp = open.map((set) => [...set].reduce((sum, node) => sum + (nodes[node]?.minutes ?? 0), 0));
  const minutes = setUp.map((some, day) => some + (own[day] ?? 0));
  minutes.forEach((some, day) => {
    if (some > (days[day]?.capacity ?? 0)) breaches.push('capacity');
  });
  const sum = (values: readonly number[]) => values.reduce((all, one) => all + one, 0);
  return {
    cost: sum(setUp) + legs,
    minutes,
    setUp: sum(setUp),
    own: sum(own),
    wasted,
    late,
    undone,
    breaches,
  };
}

/** The minutes of a day with one job on it and nothing else, set-up included. */
export function aloneMinutes(problem: PlanProblem, j: number): number {
  const job = problem.jobs[j];
  if (!job) return 0;
  return job.own + job.nodes.reduce((sum, node) => sum + (problem.nodes[node]?.minutes ?? 0), 0);
}
