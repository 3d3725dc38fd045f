import { seeded } from '@/core/base';
import { construct, evaluate, lowerBound, type PlanProblem, type Visits } from '@/core/plan';
import { madeUpProblem } from '@/core/testing/made-up-plan';
import { answer } from './answer';
import type { PlannerAnswer } from './messages';

type FoundSaid = Extract<PlannerAnswer, { say: 'found' }>;

/** Everything that is said to one ask. */
async function said(
  problem: PlanProblem,
  about: { readonly from?: Visits; readonly patience?: number; readonly stands?: () => boolean } = {},
): Promise<readonly FoundSaid[]> {
  const all: FoundSaid[] = [];
  const { from, patience = 60, stands = () => true } = about;
  await answer(
    { say: 'search', n: 7, problem, from, patience },
    (one) => one.say === 'found' && all.push(one),
    stands,
  );
  return all;
}

const problem = madeUpProblem({ jobs: 16, days: 12 }, seeded(5));

test('a plan at once, then only better ones, and at last a bound that is none too high', async () => {
  const all = await said(problem);
  expect(all.every(({ n }) => n === 7)).toBe(true);
  for (const { found } of all)
    expect(evaluate(problem, found.visits)).toMatchObject({ breaches: [], cost: found.cost });
  const costs = all.map(({ found }) => found.cost);
  expect(costs).toEqual([...costs].sort((a, b) => b - a));
  expect(all.map(({ last }) => last)).toEqual([...all.slice(1).map(() => false), true]);
  const end = all.at(-1);
  expect(end?.bound).toBeLessThanOrEqual(end?.found.cost ?? 0);
  expect(end?.bound).toBeGreaterThanOrEqual(Math.floor(lowerBound(problem, end?.found.cost ?? 0, 5).bound));
});

test('a plan that stood before and is as good stays, day for day', async () => {
  const stood = (await said(problem, { patience: 200 })).at(-1)?.found ?? construct(problem);
  const [first] = await said(problem, { from: stood.visits, patience: 0 });
  const better = (first?.found.cost ?? Infinity) < stood.cost;
  expect(better ? 'better' : first?.found.visits).toEqual(better ? 'better' : stood.visits);
});

test('without time the first answer is the last, and it has no bound', async () => {
  const all = await said(problem, { patience: 0 });
  expect(all).toHaveLength(1);
  expect(all[0]).toMatchObject({ last: true, bound: undefined });
});

test('once a newer ask has come nothing more is said', async () => {
  let asked = 0;
  const all = await said(problem, { patience: 5000, stands: () => (asked += 1) < 2 });
  expect(all.length).toBeLessThanOrEqual(2);
  expect(all.some(({ last }) => last)).toBe(false);
});

test('a proof says one thing: the best there is, and that it is', async () => {
  const small = madeUpProblem({ jobs: 8, days: 8 }, seeded(2));
  const all: PlannerAnswer[] = [];
  await answer(
    { say: 'prove', n: 3, problem: small, from: construct(small), seconds: 20 },
    (one) => all.push(one),
    () => true,
  );
  const [one] = all as FoundSaid[];
  expect(all).toHaveLength(1);
  expect(one).toMatchObject({ say: 'found', n: 3, last: true });
  expect(one?.bound).toBe(one?.found.cost);
});
