import { foldEntries } from '../src/core/log';
import { construct, evaluate } from '../src/core/plan';
import { dayTimes, planOf } from '../src/keeper/plan';
import { demoEntries } from './scenario';

const NOW = '2026-05-16T15:00:00.000Z';
const fold = foldEntries(demoEntries());
const yard = planOf(fold, { now: NOW, first: '2026-05-16', open: {} });
const { visits } = construct(yard.problem);

test('the demo has a plan of a few days; its minutes agree with the cards within a tenth', () => {
  const { minutes, breaches, undone } = evaluate(yard.problem, visits);
  expect(breaches).toEqual([]);
  expect(undone).toEqual([]);
  const open = yard.problem.days.map((_, k) => k).filter((k) => (minutes[k] ?? 0) > 0);
  expect(open.length).toBeGreaterThan(1);
  expect(open.length).toBeLessThan(8);
  const times = dayTimes(fold, {
    now: NOW,
    days: open.map((k) => ({
      day: yard.problem.days[k]?.day ?? '',
      rigs: Object.keys(fold.state.rigs).map((rig) => ({
        rig,
        jobs: yard.works.flatMap((work, j) => (work.rig === rig && visits[j]?.includes(k) ? work.jobs : [])),
      })),
    })),
  });
  for (const k of open) {
    const time = times[yard.problem.days[k]?.day ?? ''];
    const ratio = (minutes[k] ?? 0) / (time?.minutes ?? 1);
    expect(ratio).toBeGreaterThan(0.9);
    expect(ratio).toBeLessThan(1.1);
    expect(time && time.low < time.minutes && time.minutes < time.high).toBe(true);
  }
});

test('what stands against towing is done before the trip, and every work has a card', () => {
  const { days } = yard.problem;
  yard.works.forEach((work, j) => {
    if (!work.before) return;
    for (const k of visits[j] ?? []) expect((days[k]?.day ?? '') < work.before.at.slice(0, 10)).toBe(true);
  });
  expect(yard.works.some(({ before }) => before !== undefined)).toBe(true);
  expect(yard.works.every(({ minutes, jobs }) => minutes > 0 && jobs.length > 0)).toBe(true);
  // A recheck is done on the road, a walkaround before each trip.
  expect(yard.works.some(({ jobs }) => jobs.some(({ routine }) => routine === 'walkaround'))).toBe(false);
});
