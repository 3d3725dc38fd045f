import fc from 'fast-check';
import { seeded } from '@/core/base';
import { construct, evaluate, NO_EDITS, type PlanEdits } from '@/core/plan';
import { madeUpProblem } from '@/core/testing/made-up-plan';
import { postsOf, rowsOf } from './posts';
import type { PlanReady } from './use-plan';

/** A plan of made-up jobs, as the page has it. */
function planOf(seed: number, edits: PlanEdits = NO_EDITS): PlanReady {
  const problem = madeUpProblem({ jobs: 14, days: 10 }, seeded(seed));
  const works = problem.jobs.map((_, j) => ({
    id: `w${j}`,
    rig: `r${j % 2}`,
    jobs: [{ routine: j % 3 === 0 ? 'repack' : 'lug-torque', place: '1L' }],
    findings: j === 4 ? ['f'] : [],
  }));
  return { problem, yard: { works, problem }, planned: { found: construct(problem) }, edits } as never;
}

test('every job that is on a day stands on the post of that day, and every post has its minutes', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 200 }), (seed) => {
      const plan = planOf(seed);
      const posts = postsOf(plan, {});
      const { visits } = plan.planned.found;
      const { minutes } = evaluate(plan.problem, visits);
      expect(posts.map(({ k }) => k)).toEqual([...new Set(visits.flat())].sort((a, b) => a - b));
      for (const post of posts) {
        expect(post.works).toEqual(visits.flatMap((days, j) => (days.includes(post.k) ? [j] : [])));
        expect(post.minutes).toBe(Math.round(minutes[post.k] ?? 0));
        expect(post.day).toBe(plan.problem.days[post.k]?.day);
        expect(post.saved).toBeGreaterThanOrEqual(0);
        // Its rows are its works, each once.
        const rows = rowsOf(plan, post);
        expect(rows.flatMap(({ works }) => works).sort((a, b) => a - b)).toEqual(post.works);
        for (const { rig, works } of rows)
          expect(works.every((j) => plan.yard.works[j]?.rig === rig)).toBe(true);
      }
    }),
    { numRuns: 25 },
  );
});

test('the minutes of a card that was laid out stand for those of the plan', () => {
  const plan = planOf(3);
  const [first] = postsOf(plan, {});
  expect(postsOf(plan, { [first?.day ?? '']: 123.4 })[0]?.minutes).toBe(123);
});

test('a post is pinned once all of its work is', () => {
  const plan = planOf(3);
  const [first] = postsOf(plan, {});
  if (!first) throw new Error('no post');
  const ids = first.works.map((j) => plan.yard.works[j]?.id ?? '');
  const pins = (some: readonly string[]) =>
    postsOf(
      { ...plan, edits: { ...NO_EDITS, pins: Object.fromEntries(some.map((id) => [id, first.day])) } },
      {},
    )[0];
  expect(pins(ids)?.pinned).toBe(true);
  expect(pins(ids.slice(1))?.pinned).toBe(false);
  expect(pins([])?.pinned).toBe(false);
});

test('the same work of a rig at several places is one row; what a finding asks for has its own', () => {
  const plan = planOf(3);
  const rows = rowsOf(plan, { works: [0, 1, 2, 4, 6, 8] } as never);
  // r0: repacks 0 and 6, torques 2 and 8, the finding's torque 4; r1: torque 1.
  expect(rows.map(({ rig, works }) => [rig, works])).toEqual([
    ['r0', [0, 6]],
    ['r1', [1]],
    ['r0', [2, 8]],
    ['r0', [4]],
  ]);
});
