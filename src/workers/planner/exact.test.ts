import loadHighs, { type Highs } from 'highs';
import { seeded } from '@/core/base';
import { construct, evaluate, improve, type PlanProblem } from '@/core/plan';
import { madeUpProblem } from '@/core/testing/made-up-plan';
import { solveExactly } from './exact';

let highs: Highs;
beforeAll(async () => {
  highs = await loadHighs();
});

const started = (problem: PlanProblem, rounds: number) => {
  let left = rounds;
  return improve(problem, construct(problem), seeded(1), () => (left -= 1) > 0);
};

test.each([1, 2, 3, 4])('a proven plan is a plan, and no search finds a better one (seed %i)', (seed) => {
  const problem = madeUpProblem({ jobs: 10, days: 10 }, seeded(seed));
  const { found, bound } = solveExactly(highs, problem, construct(problem), 20);
  const { cost, breaches } = evaluate(problem, found.visits);
  expect(breaches).toEqual([]);
  expect(found.cost).toBe(cost);
  expect(bound).toBe(cost);
  expect(started(problem, 600).cost).toBeGreaterThanOrEqual(cost);
});

test('without time it gives back what it was given, with a bound that is none too high', () => {
  const problem = madeUpProblem({ jobs: 40, days: 30 }, seeded(8));
  const from = construct(problem);
  const { found, bound } = solveExactly(highs, problem, from, 0.001);
  expect(found.cost).toBeLessThanOrEqual(from.cost);
  expect(bound).toBeLessThanOrEqual(found.cost);
});
