import fc from 'fast-check';
import { seeded } from '../base';
import { madeUpProblem } from '../testing/made-up-plan';
import {
  aloneMinutes,
  construct,
  evaluate,
  FORBIDDEN,
  improve,
  legOf,
  lowerBound,
  MUST,
  programOf,
  rebuild,
  type PlanProblem,
  type Visits,
} from '.';

/** A tiny problem with everything in it: shared set-up, tight days, legs that cannot be taken, a job that comes twice. */
const tiny: fc.Arbitrary<PlanProblem> = fc
  .record({
    seed: fc.integer({ min: 1, max: 1e6 }),
    days: fc.integer({ min: 1, max: 4 }),
    jobs: fc.integer({ min: 1, max: 4 }),
  })
  .map(({ seed, days, jobs }) => {
    const random = seeded(seed);
    const whole = (most: number) => Math.floor(random() * most);
    const nodes = [
      { minutes: 20, above: [] },
      { minutes: whole(15), above: [0] },
      { minutes: whole(40), above: [1, 0] },
      { minutes: whole(40), above: [1, 0] },
    ];
    const sets = [[0], [1, 0], [2, 1, 0], [3, 1, 0]];
    return {
      days: Array.from({ length: days }, (_, d) => ({ day: `2026-06-0${d + 1}`, capacity: 60 + whole(140) })),
      nodes,
      jobs: Array.from({ length: jobs }, (_, j) => {
        const repeats = random() < 0.3;
        const size = (days + 1) * (days + 1);
        const legs = new Int32Array(size).fill(FORBIDDEN);
        for (let from = -1; from < days; from++)
          for (let to = from + 1; to <= days; to++) {
            if (from >= 0 && to < days && !repeats) continue;
            const left = from < 0 && to === days;
            if (!left && random() < 0.15) continue;
            legs[legOf({ days: Array.from({ length: days }) as never }, from, to)] =
              whole(90) + (left && random() < 0.2 ? MUST : 0);
          }
        return {
          id: `j${j}`,
          own: 5 + whole(50),
          nodes: sets[whole(sets.length)] ?? [0],
          legs,
          late: new Float32Array(size),
          wasted: new Float32Array(size),
          repeats,
        };
      }),
    };
  });

/** Every path of a job: every set of days, in order, that may be taken. */
function pathsOf(problem: PlanProblem, j: number): readonly (readonly number[])[] {
  const n = problem.days.length;
  return Array.from({ length: 1 << n }, (_, set) =>
    Array.from({ length: n }, (_, day) => day).filter((day) => set & (1 << day)),
  ).filter((path) => {
    if (path.length > 1 && problem.jobs[j]?.repeats !== true) return false;
    let from = -1;
    return [...path, n].every((to) => {
      const leg = problem.jobs[j]?.legs[legOf(problem, from, to)];
      from = to;
      return leg !== FORBIDDEN;
    });
  });
}

/** The best of all plans, by trying each. */
function bruteForce(problem: PlanProblem): number {
  let best = Infinity;
  const visits: (readonly number[])[] = [];
  const go = (j: number) => {
    if (j === problem.jobs.length) {
      const { cost, breaches } = evaluate(problem, visits);
      if (breaches.length === 0) best = Math.min(best, cost);
      return;
    }
    for (const path of pathsOf(problem, j)) {
      visits[j] = path;
      go(j + 1);
    }
  };
  go(0);
  return best;
}

const some = (times: number) => {
  let left = times;
  return () => (left -= 1) > 0;
};

describe('a plan', () => {
  test('the first answer and the search are plans that can be done, and cost what the evaluator says', () => {
    fc.assert(
      fc.property(tiny, fc.integer(), (problem, seed) => {
        const first = construct(problem);
        const later = improve(problem, first, seeded(seed), some(60));
        for (const found of [first, later]) {
          const { cost, breaches } = evaluate(problem, found.visits);
          expect(breaches).toEqual([]);
          expect(found.cost).toBe(cost);
        }
        expect(later.cost).toBeLessThanOrEqual(first.cost);
      }),
    );
  });

  test('trying every plan finds none better than the search on fifty tiny problems', () => {
    const problems = fc.sample(tiny, { numRuns: 50, seed: 20260601 });
    for (const [i, problem] of problems.entries()) {
      const found = improve(problem, construct(problem), seeded(i), some(400));
      expect([i, found.cost]).toEqual([i, bruteForce(problem)]);
    }
  });

  test('no plan is better than the bound, and none through a visit better than its own', () => {
    fc.assert(
      fc.property(tiny, (problem) => {
        const best = bruteForce(problem);
        const { bound, via } = lowerBound(problem, best, 120);
        expect(bound).toBeLessThanOrEqual(best + 1e-6);
        const { visits } = improve(problem, construct(problem), seeded(1), some(200));
        const { cost } = evaluate(problem, visits);
        visits.forEach((path, j) => {
          for (const day of path) expect(via[j]?.[day] ?? 0).toBeLessThanOrEqual(cost + 1e-6);
        });
      }),
      { numRuns: 40 },
    );
  });

  test('a program holds every plan: it costs the same there, keeps each row, and is read back as it was', () => {
    fc.assert(
      fc.property(tiny, (problem) => {
        const found = improve(problem, construct(problem), seeded(3), some(50));
        const { program, read, write } = programOf(problem, {
          cost: found.cost,
          bound: { bound: -Infinity, via: problem.jobs.map(() => new Float64Array(problem.days.length)) },
        });
        const x = write(found.visits);
        if (!x) throw new Error('a plan was left out');
        expect(read(x)).toEqual(found.visits);
        expect(program.cost.reduce((sum, cost, i) => sum + cost * (x[i] ?? 0), 0)).toBe(found.cost);
        for (let row = 0; row < program.rows; row++) {
          let sum = 0;
          for (let at = program.starts[row] ?? 0; at < (program.starts[row + 1] ?? 0); at++)
            sum += (program.values[at] ?? 0) * (x[program.indices[at] ?? 0] ?? 0);
          expect(sum).toBeGreaterThanOrEqual(program.lower[row] ?? 0);
          expect(sum).toBeLessThanOrEqual(program.upper[row] ?? 0);
        }
      }),
    );
  });

  test('the same problem has the same first answer; a plan is gone on from without loss', () => {
    const problem = madeUpProblem({ jobs: 25, days: 20 }, seeded(9));
    const first = construct(problem);
    expect(construct(problem)).toEqual(first);
    const best = improve(problem, first, seeded(1), some(50));
    const again = rebuild(problem, best.visits);
    expect(again.cost).toBeLessThanOrEqual(best.cost);
    // What is as good as it was stays the very plan it was: undoing goes back to it.
    if (again.cost === best.cost) expect(again.visits).toEqual(best.visits);
    const elsewhere = rebuild(problem, [...best.visits].reverse());
    expect(evaluate(problem, elsewhere.visits)).toMatchObject({ cost: elsewhere.cost, breaches: [] });
  });

  test('a problem that is made up is the same from the same numbers, and has something to decide', () => {
    const made = () => madeUpProblem({ jobs: 25, days: 20 }, seeded(4));
    expect(made()).toEqual(made());
    const { visits } = construct(made());
    const { minutes, setUp, own, cost } = evaluate(made(), visits);
    expect(minutes.filter((some) => some > 0).length).toBeGreaterThan(0);
    expect(minutes.reduce((sum, one) => sum + one, 0)).toBe(setUp + own);
    expect(cost).toBeGreaterThanOrEqual(setUp);
  });

  test('the evaluator tells what a plan breaks', () => {
    const problem: PlanProblem = {
      days: [
        { day: '2026-06-01', capacity: 60 },
        { day: '2026-06-02', capacity: 60 },
      ],
      nodes: [{ minutes: 20, above: [] }],
      jobs: [
        {
          id: 'a',
          own: 50,
          nodes: [0],
          legs: Int32Array.from([5, FORBIDDEN, MUST + 7, FORBIDDEN, FORBIDDEN, 0, FORBIDDEN, FORBIDDEN, 0]),
          late: new Float32Array(9),
          wasted: new Float32Array(9),
          repeats: false,
        },
      ],
    };
    const told = (visits: Visits) => evaluate(problem, visits);
    expect(told([[0]]).breaches).toEqual(['capacity']);
    expect(told([[1]]).breaches).toContain('forbidden');
    expect(told([[1, 0]]).breaches).toContain('order');
    expect(told([[]]).undone).toEqual([0]);
    expect(aloneMinutes(problem, 0)).toBe(70);
  });
});
