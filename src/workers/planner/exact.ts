import type { Highs } from 'highs';
import { evaluate, lowerBound, programOf, type Found, type PlanProblem } from '@/core/plan';

/** What the exact solver came to: a plan no worse than the one it began with, and a bound no plan is better than (min). */
export interface Exact {
  readonly found: Found;
  readonly bound: number;
}

/** Rounds of sharing set-up before what is left goes to the solver. */
const ROUNDS = 400;

/**
 * Proves a plan or betters it, within some seconds. Every plan the solver names is judged anew: a tolerance of the
 * solver never becomes a minute of the plan. Throws what the solver throws.
 */
export function solveExactly(highs: Highs, problem: PlanProblem, from: Found, seconds: number): Exact {
  const shared = lowerBound(problem, from.cost, ROUNDS);
  const least = Math.ceil(shared.bound - 1e-6);
  if (least >= from.cost) return { found: from, bound: from.cost };
  const { program, read, write } = programOf(problem, { cost: from.cost, bound: shared });
  const { variableType, modelStatus } = highs.constants;
  return highs.withModel(
    {
      numCols: program.columns,
      numRows: program.rows,
      colCost: program.cost,
      colLower: new Float64Array(program.columns),
      colUpper: new Float64Array(program.columns).fill(1),
      rowLower: program.lower.map((value) => (value === -Infinity ? -highs.infinity : value)),
      rowUpper: program.upper.map((value) => (value === Infinity ? highs.infinity : value)),
      matrix: {
        format: 'csr',
        numRows: program.rows,
        numCols: program.columns,
        starts: program.starts,
        indices: program.indices,
        values: program.values,
      },
      integrality: Int32Array.from(program.whole, (whole) =>
        whole === 1 ? variableType.integer : variableType.continuous,
      ),
    },
    (model) => {
      // The objective is in whole minutes: less than one apart is the same.
      model.options.set({
        output_flag: false,
        time_limit: seconds,
        mip_rel_gap: 0,
        mip_abs_gap: 0.999,
      });
      const start = write(from.visits);
      if (start) model.setSolution({ colValue: start });
      model.run();
      const status = model.getModelStatus();
      const bound = Math.max(least, Math.ceil(Number(model.info.get('mip_dual_bound')) - 1e-6));
      const solution = model.getSolution();
      let found = from;
      if (solution.colValue.length === program.columns) {
        const visits = read(solution.colValue);
        const { cost, breaches } = evaluate(problem, visits);
        if (breaches.length === 0 && cost < from.cost) found = { visits, cost };
      }
      const proven = status === modelStatus.optimal && bound > found.cost - 1;
      return { found, bound: proven ? found.cost : Math.min(bound, found.cost) };
    },
  );
}
