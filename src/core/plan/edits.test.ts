import { seeded } from '../base';
import { madeUpProblem } from '../testing/made-up-plan';
import {
  apart,
  closeDay,
  giveHours,
  keepOff,
  moveDay,
  moveJobs,
  openDay,
  pinDay,
  unpin,
  block,
  construct,
  evaluate,
  isUnedited,
  MUST,
  NO_EDITS,
  pinProblems,
  savedOn,
  together,
  whyThisDay,
  withEdits,
} from '.';

const problem = madeUpProblem({ jobs: 25, days: 20 }, seeded(5));
const first = construct(problem);
const job = problem.jobs.findIndex((one, j) => !one.repeats && (first.visits[j] ?? []).length === 1);
const id = problem.jobs[job]?.id ?? '';
const dayOf = (k: number) => problem.days[k]?.day ?? '';

describe('a plan by hand', () => {
  test('a pinned job stands on its day, and the plan can still be done', () => {
    const was = first.visits[job]?.[0] ?? 0;
    const to = was === 10 ? 12 : 10;
    const edited = withEdits(problem, { ...NO_EDITS, pins: { [id]: dayOf(to) } });
    const found = construct(edited);
    expect(found.visits[job]).toEqual([to]);
    expect(evaluate(edited, found.visits).breaches).toEqual([]);
    // What is asked for by hand can only cost more.
    expect(evaluate(problem, found.visits).cost).toBeGreaterThanOrEqual(first.cost - 1);
  });

  test('a closed day is empty, a day with fewer hours is no longer than they are, and a job keeps off a day it is kept from', () => {
    const open = [...new Set(first.visits.flat())];
    const [day = 0] = open;
    const closed = construct(withEdits(problem, { ...NO_EDITS, closed: [dayOf(day)] }));
    expect(closed.visits.flat()).not.toContain(day);
    const short = withEdits(problem, { ...NO_EDITS, hours: { [dayOf(day)]: 90 } });
    expect(evaluate(short, construct(short).visits).minutes[day]).toBeLessThanOrEqual(90);
    const never = construct(
      withEdits(problem, { ...NO_EDITS, never: [{ job: id, day: dayOf(first.visits[job]?.[0] ?? 0) }] }),
    );
    expect(never.visits[job]).not.toEqual(first.visits[job]);
  });

  test('pins that cannot hold say which two stand against each other, and are left out', () => {
    const day = dayOf(4);
    const against = (edits: Partial<typeof NO_EDITS>) =>
      pinProblems(problem, { ...NO_EDITS, ...edits }).map((one) => one.against);
    expect(against({ pins: { [id]: '2031-01-01' } })).toEqual(['not-free']);
    expect(against({ pins: { [id]: day }, closed: [day] })).toEqual(['closed']);
    expect(against({ pins: { [id]: day }, never: [{ job: id, day }] })).toEqual(['never']);
    const all = Object.fromEntries(problem.jobs.map((one) => [one.id, day]));
    const [full] = pinProblems(problem, { ...NO_EDITS, pins: all, hours: { [day]: 45 } });
    expect(full?.against).toBe('too-long');
    expect(full?.asked).toBeGreaterThan(45);
    expect(full?.others?.length).toBeGreaterThan(0);
    const edited = withEdits(problem, { ...NO_EDITS, pins: { [id]: day }, closed: [day] });
    expect(evaluate(edited, construct(edited).visits).undone).toEqual([]);
  });

  test('with no free day at all every job is left, and nothing breaks', () => {
    const edits = { ...NO_EDITS, closed: problem.days.map(({ day }) => day) };
    const found = construct(withEdits(problem, edits));
    expect(found.visits.flat()).toEqual([]);
    const none = {
      ...problem,
      days: [],
      jobs: problem.jobs.map((one) => ({ ...one, legs: Int32Array.from([MUST]) })),
    };
    expect(evaluate(none, construct(none).visits).undone).toHaveLength(problem.jobs.length);
    expect(isUnedited(NO_EDITS)).toBe(true);
    expect(isUnedited(edits)).toBe(false);
  });
});

describe('what a plan is worth', () => {
  test('jobs that share a day take less than each by itself, and that is what the day saves', () => {
    const day = first.visits[job]?.[0] ?? 0;
    const { minutes, alone, shares } = whyThisDay(problem, first.visits, job, day);
    expect(minutes).toBeLessThanOrEqual(alone);
    const here = problem.jobs.flatMap((_, j) => ((first.visits[j] ?? []).includes(day) ? [j] : []));
    const each = here.reduce((sum, j) => sum + whyThisDay(problem, first.visits, j, day).alone, 0);
    expect(savedOn(problem, first.visits, day)).toBe(
      each - (evaluate(problem, first.visits).minutes[day] ?? 0),
    );
    expect(shares === undefined || here.length > 1).toBe(true);
  });

  test('each on a day of its own takes longer than this plan; one block is one stretch of days', () => {
    const plan = together(problem, first.visits);
    expect(apart(problem).minutes).toBeGreaterThanOrEqual(plan.minutes);
    expect(block(problem).days).toBeGreaterThan(0);
    expect(plan.days).toBe(new Set(first.visits.flat()).size);
  });
});

describe('what a hand on the plan asks for', () => {
  const from = first.visits[job]?.[0] ?? 0;
  const to = from === 12 ? 14 : 12;

  test('a day moved takes its work along and is left free; opened again it may be worked on', () => {
    const moved = moveDay(problem, first.visits, NO_EDITS, from, to);
    expect(moved.closed).toEqual([dayOf(from)]);
    expect(moved.pins[id]).toBe(dayOf(to));
    const back = moveDay(problem, first.visits, moved, to, from);
    expect(back.closed).toEqual([dayOf(to)]);
    expect(openDay(moved, dayOf(from)).closed).toEqual([]);
    expect(moveDay(problem, first.visits, NO_EDITS, from, from)).toBe(NO_EDITS);
  });

  test('a job moved stays there, unpinned it goes where it is best, kept off a day it is not pinned to it', () => {
    const moved = moveJobs(problem, keepOff(NO_EDITS, [id], dayOf(to)), [id], to);
    expect(moved).toEqual({ ...NO_EDITS, pins: { [id]: dayOf(to) } });
    expect(unpin(moved, [id])).toEqual(NO_EDITS);
    expect(moveJobs(problem, NO_EDITS, [id], to, from).never).toEqual([{ job: id, day: dayOf(from) }]);
    expect(keepOff(moved, [id], dayOf(to))).toEqual({ ...NO_EDITS, never: [{ job: id, day: dayOf(to) }] });
  });

  test('a day pinned holds all that is on it; closed it holds nothing', () => {
    const pinned = pinDay(problem, first.visits, NO_EDITS, from);
    const here = problem.jobs.filter((_, j) => (first.visits[j] ?? []).includes(from));
    expect(Object.keys(pinned.pins).sort()).toEqual(here.map((one) => one.id).sort());
    expect(pinProblems(problem, pinned)).toEqual([]);
    expect(closeDay(problem, pinned, from)).toEqual({ ...NO_EDITS, closed: [dayOf(from)] });
    expect(giveHours(NO_EDITS, dayOf(from), 120).hours).toEqual({ [dayOf(from)]: 120 });
  });
});
