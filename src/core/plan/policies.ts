import { Board } from './board';
import { aloneMinutes, evaluate } from './evaluate';
import { legOf, MUST, type PlanProblem, type Visits } from './problem';

/** What a way of doing it comes to: minutes of work and set-up, days in the yard, how far (m) it goes past limits, value thrown away (min). */
export interface Outcome {
  readonly minutes: number;
  readonly days: number;
  readonly late: number;
  readonly wasted: number;
}

/** A plan as it is. */
export function together(problem: PlanProblem, visits: Visits): Outcome {
  const { minutes, late, wasted } = evaluate(problem, visits);
  return {
    minutes: minutes.reduce((sum, some) => sum + some, 0),
    days: minutes.filter((some) => some > 0).length,
    late,
    wasted,
  };
}

/** Each job when it is best for that job alone, with a set-up of its own each time. */
export function apart(problem: PlanProblem): Outcome {
  const all = problem.days.map((_, day) => day).filter((day) => (problem.days[day]?.capacity ?? 0) > 0);
  const out = { minutes: 0, days: 0, late: 0, wasted: 0 };
  problem.jobs.forEach((job, j) => {
    const { path } = new Board(problem).best(j, all);
    out.minutes += path.length * aloneMinutes(problem, j);
    out.days += path.length;
    let from = -1;
    for (const to of [...path, problem.days.length]) {
      const leg = legOf(problem, from, to);
      out.late += job.late[leg] ?? 0;
      out.wasted += job.wasted[leg] ?? 0;
      from = to;
    }
  });
  return out;
}

/** Everything on the first days that have room, and not again: one block in spring. */
export function block(problem: PlanProblem): Outcome {
  const board = new Board(problem);
  const all = problem.days.map((_, day) => day).filter((day) => (problem.days[day]?.capacity ?? 0) > 0);
  const order = problem.jobs
    .map((job, j) => ({ j, pressing: Math.min(MUST, job.legs[problem.days.length] ?? 0) }))
    .sort((a, b) => b.pressing - a.pressing);
  for (const { j } of order) {
    const to = all.find((day) => fits(problem, board, j, day));
    board.put(j, to === undefined ? [] : [to]);
  }
  return together(problem, board.plan());
}

/** True where a job may be done on a day and there is room for it. */
function fits(problem: PlanProblem, board: Board, j: number, day: number): boolean {
  const job = problem.jobs[j];
  return (
    job !== undefined &&
    (job.legs[legOf(problem, -1, day)] ?? -1) >= 0 &&
    board.wouldTake(j, day) <= (problem.days[day]?.capacity ?? 0)
  );
}
