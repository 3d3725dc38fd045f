import { seeded } from '@/core/base';
import { construct, evaluate, lowerBound } from '@/core/plan';
import { madeUpProblem } from '@/core/testing/made-up-plan';
import type { PlannerAnswer, PlannerAsk } from '@/workers/planner';
import { Planner, type Planned } from './planner';

/** A thread whose answers the test gives. */
class Thread {
  static made: Thread[] = [];
  onmessage: ((event: { data: PlannerAnswer }) => void) | null = null;
  onerror: ((event: { message: string }) => void) | null = null;
  asked: PlannerAsk[] = [];
  ended = false;
  constructor() {
    Thread.made.push(this);
  }
  postMessage(ask: PlannerAsk) {
    this.asked.push(ask);
  }
  terminate() {
    this.ended = true;
  }
}

const problem = madeUpProblem({ jobs: 12, days: 8 }, seeded(2));
const other = madeUpProblem({ jobs: 9, days: 8 }, seeded(3));
const found = construct(problem);
const threads = Thread.made;

function planner() {
  const told: Planned[] = [];
  return { told, one: new Planner((planned) => told.push(planned)) };
}
const says = (thread: Thread | undefined, answer: Partial<Extract<PlannerAnswer, { say: 'found' }>>) =>
  thread?.onmessage?.({ data: { say: 'found', n: 1, found, bound: undefined, last: false, ...answer } });

beforeEach(() => {
  jest.useFakeTimers();
  threads.length = 0;
  Object.assign(globalThis, { Worker: Thread });
});
afterEach(() => {
  jest.useRealTimers();
  delete (globalThis as { Worker?: unknown }).Worker;
});

test('where no thread runs, the first answer is found on the page, holds, and says so', () => {
  delete (globalThis as { Worker?: unknown }).Worker;
  const { told, one } = planner();
  one.plan(problem, undefined);
  expect(told).toHaveLength(1);
  expect(told[0]).toMatchObject({ working: false, bound: undefined, stopped: 'no-thread' });
  expect(evaluate(problem, told[0]?.found.visits ?? []).breaches).toEqual([]);
});

test('what answers an earlier question is not heard', () => {
  const { told, one } = planner();
  one.plan(problem, undefined);
  one.plan(other, undefined);
  says(threads[0], { n: 1 });
  expect(told).toEqual([]);
  const late = construct(other);
  says(threads[0], { n: 2, found: late });
  expect(told.map(({ found: at }) => at.cost)).toEqual([late.cost]);
  one.end();
});

test('a plan gone back to stands as it was told, and what was asked since is not heard', () => {
  const { told, one } = planner();
  one.plan(problem, undefined);
  says(threads[0], { bound: found.cost, last: true });
  const stood = told.at(-1);
  expect(stood).toMatchObject({ working: false, found });
  one.plan(other, undefined);
  if (stood) one.stand(stood);
  says(threads[0], { n: 2, found: construct(other) });
  jest.advanceTimersByTime(1000);
  expect(told.at(-1)).toBe(stood);
  expect(threads).toHaveLength(1);
  threads[0]?.onerror?.({ message: 'gone' });
  expect(told.at(-1)).toBe(stood);
  one.end();
});

test('the proof begins after the first answer, in a thread of its own, and is ended once something else is asked', () => {
  const { told, one } = planner();
  one.plan(problem, undefined);
  says(threads[0], {});
  expect(told.at(-1)).toMatchObject({ working: true });
  jest.advanceTimersByTime(1000);
  expect(threads).toHaveLength(2);
  expect(threads[1]?.asked[0]).toMatchObject({ say: 'prove', n: 1, from: found });
  one.plan(other, undefined);
  expect(threads[1]?.ended).toBe(true);
  expect(threads[0]?.ended).toBe(false);
  one.end();
});

test('a worse answer changes nothing; a bound that is reached ends all work', () => {
  const { told, one } = planner();
  one.plan(problem, undefined);
  says(threads[0], {});
  says(threads[0], { found: { ...found, cost: found.cost + 60 } });
  expect(told.at(-1)?.found.cost).toBe(found.cost);
  const { bound } = lowerBound(problem, found.cost, 10, () => true);
  says(threads[0], { bound: Math.floor(Math.min(bound, found.cost - 1)), last: true });
  expect(told.at(-1)).toMatchObject({ working: true });
  says(threads[0], { bound: found.cost, last: true });
  expect(told.at(-1)).toMatchObject({ working: false, bound: found.cost });
  jest.advanceTimersByTime(1000);
  expect(threads).toHaveLength(1);
  one.end();
});

test('a proof that breaks leaves the plan and says so; a search that falls silent is done on the page', () => {
  const { told, one } = planner();
  one.plan(problem, undefined);
  says(threads[0], { last: true });
  jest.advanceTimersByTime(1000);
  threads[1]?.onerror?.({ message: 'killed' });
  expect(told.at(-1)).toMatchObject({ working: false, stopped: 'broke', found: { cost: found.cost } });
  one.plan(other, undefined);
  jest.advanceTimersByTime(20_000);
  expect(told.at(-1)).toMatchObject({ working: false, stopped: 'no-thread' });
  one.end();
});
