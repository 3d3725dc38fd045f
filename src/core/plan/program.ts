import type { Bound } from './bound';
import { FORBIDDEN, legOf, type PlanProblem, type Visits } from './problem';

/** A mixed-integer program in rows: minimize `cost · x` with `lower ≤ A x ≤ upper` and every x from 0 to 1. */
export interface Program {
  readonly columns: number;
  readonly rows: number;
  readonly cost: Float64Array;
  readonly whole: Uint8Array;
  readonly lower: Float64Array;
  readonly upper: Float64Array;
  readonly starts: Int32Array;
  readonly indices: Int32Array;
  readonly values: Float64Array;
}

/** A program with the way from its columns to a plan and back. */
export interface PlanProgram {
  readonly program: Program;
  /** Reads a plan out of a solution: what is over a half is chosen. */
  readonly read: (x: ArrayLike<number>) => Visits;
  /** The columns of a plan, to start from; undefined where the program left one of its visits out. */
  readonly write: (visits: Visits) => Float64Array | undefined;
}

interface Leg {
  readonly job: number;
  readonly from: number;
  readonly to: number;
}

/** The nearest of some set-up: none of them stands on another. */
function nearest(nodes: PlanProblem['nodes'], some: readonly number[]): readonly number[] {
  return some.filter((node) => !some.some((other) => nodes[other]?.above.includes(node)));
}

/**
 * Lays a problem out for a solver: a column for each leg of each job's path and for each set-up on each day,
 * visit ≤ set-up, set-up ≤ what it stands on, minutes ≤ capacity of the open day. Visits that no plan better
 * than the known one can have are left out.
 */
export function programOf(
  problem: PlanProblem,
  known: { readonly cost: number; readonly bound: Bound },
): PlanProgram {
  const { days, nodes, jobs } = problem;
  const n = days.length;
  const keeps = (j: number, day: number) => Math.ceil((known.bound.via[j]?.[day] ?? 0) - 1e-6) <= known.cost;
  const legs: Leg[] = [];
  const cost: number[] = [];
  const columnOf = new Map<string, number>();
  jobs.forEach((job, j) => {
    for (let from = -1; from < n; from++) {
      if (from >= 0 && !keeps(j, from)) continue;
      // A job that comes once goes from its day straight to the end: both legs are one column.
      if (from >= 0 && !job.repeats) continue;
      for (let to = from + 1; to <= n; to++) {
        if (to < n && !keeps(j, to)) continue;
        const leg = job.legs[legOf(problem, from, to)] ?? FORBIDDEN;
        if (leg === FORBIDDEN) continue;
        const rest = to < n && !job.repeats ? (job.legs[legOf(problem, to, n)] ?? FORBIDDEN) : 0;
        if (rest === FORBIDDEN) continue;
        columnOf.set(`${j} ${from} ${to}`, legs.length);
        legs.push({ job: j, from, to });
        cost.push(leg + rest);
      }
    }
  });
  const into = new Map<string, number[]>();
  legs.forEach(({ job, to }, column) => {
    if (to === n) return;
    const key = `${job} ${to}`;
    into.set(key, [...(into.get(key) ?? []), column]);
  });
  const setUp = new Map<string, number>();
  jobs.forEach((job, j) => {
    for (let day = 0; day < n; day++)
      if (into.has(`${j} ${day}`))
        for (const node of job.nodes) {
          const key = `${node} ${day}`;
          if (setUp.has(key)) continue;
          setUp.set(key, legs.length + setUp.size);
          cost.push(nodes[node]?.minutes ?? 0);
        }
  });
  const rows: {
    readonly lower: number;
    readonly upper: number;
    readonly cells: readonly (readonly [number, number])[];
  }[] = [];
  jobs.forEach((job, j) => {
    const mine = legs.flatMap((leg, column) => (leg.job === j ? [{ ...leg, column }] : []));
    rows.push({
      lower: 1,
      upper: 1,
      cells: mine.filter(({ from }) => from === -1).map(({ column }) => [column, 1] as const),
    });
    for (let day = 0; day < n; day++) {
      const came = into.get(`${j} ${day}`);
      if (!came) continue;
      if (job.repeats)
        rows.push({
          lower: 0,
          upper: 0,
          cells: [
            ...came.map((column) => [column, 1] as const),
            ...mine.filter(({ from }) => from === day).map(({ column }) => [column, -1] as const),
          ],
        });
      for (const node of nearest(nodes, job.nodes)) {
        const open = setUp.get(`${node} ${day}`);
        if (open !== undefined)
          rows.push({
            lower: -Infinity,
            upper: 0,
            cells: [...came.map((column) => [column, 1] as const), [open, -1] as const],
          });
      }
    }
  });
  nodes.forEach(({ above }, node) => {
    for (let day = 0; day < n; day++) {
      const open = setUp.get(`${node} ${day}`);
      if (open === undefined) continue;
      for (const under of nearest(nodes, above)) {
        const base = setUp.get(`${under} ${day}`);
        if (base !== undefined)
          rows.push({
            lower: -Infinity,
            upper: 0,
            cells: [
              [open, 1],
              [base, -1],
            ],
          });
      }
    }
  });
  days.forEach(({ capacity }, day) => {
    const cells: (readonly [number, number])[] = jobs.flatMap((job, j) =>
      (into.get(`${j} ${day}`) ?? []).map((column) => [column, job.own] as const),
    );
    if (cells.length === 0) return;
    nodes.forEach(({ minutes }, node) => {
      const open = setUp.get(`${node} ${day}`);
      // Nothing is done on a day that is not opened: its length stands on the first set-up of all.
      if (open !== undefined)
        cells.push([open, nodes[node]?.above.length === 0 ? minutes - capacity : minutes]);
    });
    const roots = nodes.filter(({ above }, node) => above.length === 0 && setUp.has(`${node} ${day}`)).length;
    rows.push(
      roots === 1
        ? { lower: -Infinity, upper: 0, cells }
        : {
            lower: -Infinity,
            upper: capacity,
            cells: cells.map(([column, value]) => [
              column,
              column >= legs.length && value < 0 ? value + capacity : value,
            ]),
          },
    );
  });
  const columns = legs.length + setUp.size;
  const starts = new Int32Array(rows.length + 1);
  const indices: number[] = [];
  const values: number[] = [];
  rows.forEach(({ cells }, row) => {
    for (const [column, value] of cells) {
      indices.push(column);
      values.push(value);
    }
    starts[row + 1] = indices.length;
  });
  return {
    program: {
      columns,
      rows: rows.length,
      cost: Float64Array.from(cost),
      whole: Uint8Array.from({ length: columns }, (_, column) => (column < legs.length ? 1 : 0)),
      lower: Float64Array.from(rows, ({ lower }) => lower),
      upper: Float64Array.from(rows, ({ upper }) => upper),
      starts,
      indices: Int32Array.from(indices),
      values: Float64Array.from(values),
    },
    read: (x) => {
      const visits: number[][] = jobs.map(() => []);
      legs.forEach(({ job, to }, column) => {
        if (to < n && (x[column] ?? 0) > 0.5) visits[job]?.push(to);
      });
      return visits.map((path) => path.sort((a, b) => a - b));
    },
    write: (visits) => {
      const x = new Float64Array(columns);
      for (const [j, job] of jobs.entries()) {
        let from = -1;
        for (const to of [...(visits[j] ?? []), n]) {
          if (from >= 0 && !job.repeats) break;
          const column = columnOf.get(`${j} ${from} ${to}`);
          if (column === undefined) return undefined;
          x[column] = 1;
          from = to;
        }
        for (const day of visits[j] ?? [])
          for (const node of job.nodes) {
            const column = setUp.get(`${node} ${day}`);
            if (column === undefined) return undefined;
            x[column] = 1;
          }
      }
      return x;
    },
  };
}
