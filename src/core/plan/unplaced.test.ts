import { construct, NO_EDITS, unplaced, withEdits, type PlanProblem, type YardProblem } from '.';
import { FORBIDDEN, legOf, MUST } from './problem';

const DAYS = ['2026-05-16', '2026-05-17', '2026-05-23'];

/** One job that has to be done, on some of three days; `trip` leaves on a day. */
function yardOf(
  may: readonly number[],
  { own = 60, capacity = 360, trip = undefined as string | undefined, jobs = 1 } = {},
): YardProblem {
  const days = DAYS.slice(0, may.length === 0 ? 0 : 3).map((day) => ({ day, capacity }));
  const n = days.length;
  const legs = new Int32Array((n + 1) * (n + 1)).fill(FORBIDDEN);
  const at = (from: number, to: number) => legOf({ days }, from, to);
  for (const day of may) if (day < n) legs[at(-1, day)] = 0;
  for (let day = 0; day < n; day++) legs[at(day, n)] = 0;
  legs[at(-1, n)] = MUST;
  const job = {
    own,
    nodes: [0],
    legs,
    late: new Float32Array(legs.length),
    wasted: new Float32Array(legs.length),
    repeats: false,
  };
  const problem: PlanProblem = {
    days,
    nodes: [{ minutes: 20, above: [] }],
    jobs: Array.from({ length: jobs }, (_, j) => ({ ...job, id: `j${j}` })),
  };
  const before = trip === undefined ? undefined : { at: `${trip}T14:00:00.000Z` };
  return {
    problem,
    works: problem.jobs.map(({ id }) => ({ id, before })),
    from: '2026-05-16',
  } as unknown as YardProblem;
}

const reasons = (yard: YardProblem, edits = NO_EDITS) => {
  const problem = withEdits(yard.problem, edits);
  return unplaced(yard, problem, construct(problem).visits).map(({ why }) => why);
};

describe('what has to be done and finds no day says the least that stands in the way', () => {
  test('where it finds one there is nothing to say', () => expect(reasons(yardOf([0, 1, 2]))).toEqual([]));
  test('no day is free at all', () => expect(reasons(yardOf([]))).toEqual([{ code: 'no-days' }]));
  test('a trip leaves before any free day', () => {
    expect(reasons(yardOf([1, 2], { trip: '2026-05-16' }))).toEqual([
      { code: 'trip-first', trip: '2026-05-16' },
    ]);
  });
  test('its days are left free by hand', () => {
    expect(reasons(yardOf([0]), { ...NO_EDITS, closed: [DAYS[0] ?? ''] })).toEqual([{ code: 'closed' }]);
  });
  test('it takes longer than the longest day', () => {
    expect(reasons(yardOf([0, 1, 2], { capacity: 60 }))).toEqual([
      { code: 'too-long', minutes: 80, longest: 60 },
    ]);
  });
  test('its days are full', () => {
    const [why] = reasons(yardOf([0], { own: 200, jobs: 2 }));
    expect(why).toEqual({ code: 'full', day: DAYS[0] });
  });
});
