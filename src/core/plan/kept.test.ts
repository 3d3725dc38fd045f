import { planEntry } from '../record';
import { foldEntries, HOUSE, makeEntry, makeVoid } from '../log';
import {
  changesSince,
  keptEdits,
  keptVisits,
  NO_EDITS,
  planningOf,
  type WorkToPlan,
  type YardProblem,
} from '.';

const RIG = '018bf000-0000-7000-8000-000000000001';
const work = (routine: 'repack' | 'lights' | 'tire-look', place: '1L' | '2R' | 'rig'): WorkToPlan => ({
  id: `${RIG} ${routine}@${place}`,
  rig: RIG,
  jobs: [{ routine, place }],
  matter: 'safety',
  duties: [],
  findings: [],
  forbids: false,
  byTheWay: false,
  partsMissing: false,
  minutes: 30,
  band: undefined,
  onTrip: undefined,
  before: undefined,
  partsBy: undefined,
});
const days = ['2026-05-30', '2026-06-06', '2026-07-18'];
const yardOf = (...works: readonly WorkToPlan[]): Pick<YardProblem, 'problem' | 'works' | 'from'> => ({
  from: '2026-05-23',
  works,
  problem: {
    days: days.map((day) => ({ day, capacity: 360 })),
    nodes: [],
    jobs: works.map(({ id }) => ({
      id,
      own: 10,
      nodes: [],
      legs: new Int32Array(16),
      late: new Float32Array(16),
      wasted: new Float32Array(16),
      repeats: false,
    })),
  },
});
const repack = work('repack', '2R');
const lights = work('lights', 'rig');
const edits = {
  ...NO_EDITS,
  pins: { [repack.id]: '2026-05-30' },
  closed: ['2026-06-06'],
  hours: { '2026-07-18': 120 },
};

const stamp = (n: number) => ({
  id: `019ea000-0000-7000-8000-00000000000${n}`,
  rig: HOUSE,
  happened: `2026-05-2${n}T09:00:00.000Z`,
  recorded: `2026-05-2${n}T09:00:00.000Z`,
});
const entry = (
  n: number,
  yard = yardOf(repack, lights),
  visits: readonly (readonly number[])[] = [[0], [2]],
) => makeEntry('plan.kept', stamp(n), planEntry(yard, visits, { '2026-05-30': 118.6 }, edits).body);
const keptIn = (...entries: Parameters<typeof foldEntries>[0]) =>
  foldEntries(entries).state.rigs[HOUSE]?.planning.kept;

test('what is kept is told by day and job, and read back as it was', () => {
  const kept = keptIn(entry(1));
  expect(kept?.days).toEqual([
    { day: '2026-05-30', minutes: 119, jobs: [{ rig: RIG, routine: 'repack', place: '2R' }] },
    { day: '2026-07-18', minutes: 0, jobs: [{ rig: RIG, routine: 'lights', place: 'rig' }] },
  ]);
  const yard = yardOf(repack, lights);
  expect(keptEdits(kept, yard)).toEqual(edits);
  expect(keptVisits(kept, yard)).toEqual([[0], [2]]);
  expect(kept && changesSince(kept, yard, [[0], [2]])).toEqual([]);
});

test('the plan kept last stands, on every device in whatever order they arrive; taken back, the one before does', () => {
  const [first, second] = [entry(1), entry(2, yardOf(repack, lights), [[1], []])];
  const last = keptIn(first, second)?.days[0]?.day;
  expect(last).toBe('2026-06-06');
  expect(keptIn(second, first)?.days[0]?.day).toBe(last);
  const back = makeVoid(second, [], '019ea000-0000-7000-8000-000000000009', '2026-05-23T09:00:00.000Z');
  expect(keptIn(first, second, back)?.days[0]?.day).toBe('2026-05-30');
});

test('what has changed since: moved, come in, done; nothing of days that are over', () => {
  const kept = keptIn(entry(1));
  if (!kept) throw new Error('nothing kept');
  const tires = work('tire-look', '1L');
  const said = changesSince(kept, yardOf(lights, tires), [[1], [2]]).map(({ jobs, from, to }) => [
    jobs[0]?.routine,
    from,
    to,
  ]);
  expect(said).toEqual([
    ['lights', '2026-07-18', '2026-06-06'],
    ['tire-look', undefined, '2026-07-18'],
    ['repack', '2026-05-30', undefined],
  ]);
  const later = { ...yardOf(lights), from: '2026-07-01' };
  expect(changesSince(kept, later, [[2]])).toEqual([]);
  expect(keptEdits(kept, later)).toEqual({ ...NO_EDITS, hours: { '2026-07-18': 120 } });
  expect(keptEdits(undefined, later)).toEqual(NO_EDITS);
  expect(keptVisits(undefined, later)).toBeUndefined();
});

test('what planning goes by is told bit by bit: what is left out stays', () => {
  const told = foldEntries([
    makeEntry('plan.set', stamp(1), { week: [0, 0, 0, 0, 120, 300, 0] }),
    makeEntry('plan.set', stamp(2), { weeks: 26, blocked: [{ from: '2026-07-01', to: '2026-07-09' }] }),
  ]).state.rigs[HOUSE]?.planning;
  const { free, own, weights } = planningOf(told);
  expect(free).toEqual({
    week: [0, 0, 0, 0, 120, 300, 0],
    weeks: 26,
    blocked: [{ from: '2026-07-01', to: '2026-07-09' }],
  });
  expect(own).toBe(true);
  expect(weights.late.safety).toBe(60);
  expect(planningOf(undefined).own).toBe(false);
});
