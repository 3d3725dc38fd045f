import { sampleModel } from '../../testing/arbitraries';
import { mi, storyFrom } from '../../testing/story';
import { lookNext } from '..';

const story = storyFrom('2026-05-01');
const { day, entry, trip, rigOf, done } = story;
const setup = story.setup(sampleModel({ axles: 2 }));
const HOUR = 1 / 24;
const begun = entry('trip.begun', 2, {});
const told = (at: number, miles: number) => entry('trip.mark', at, { into: mi(miles), by: 'owner' });
const stop = (at: number) =>
  entry('walk', at, { walk: 'stop', order: 'round', looked: [], taken: [], conditions: [] });
const MPH = mi(1) / 3600;
const miles = (m: number | undefined) => (m === undefined ? undefined : Math.round(m / mi(1)));

const refit = (at: number, limits: readonly number[]) =>
  entry('work', at, {
    jobs: [{ routine: 'repack', place: '2L' }],
    from: 'written',
    readings: [],
    conditions: [],
    materials: [],
    renewed: [],
    refits: [{ place: '2L', limits: limits.map(mi) }],
    skipped: [],
  });

test('nothing was done: the first stop comes at 25 miles', () => {
  const rig = rigOf(setup, trip(1, 2000), begun);
  const next = lookNext(rig, mi(6), day(2), undefined);
  expect(next).toMatchObject({ by: 'miles', look: { cause: 'first-stop', places: ['rig'] }, with: [] });
  expect(miles(next?.look.left)).toBe(19);
});

test('a hub opened in the last 500 miles: at 10', () => {
  const rig = rigOf(setup, done(1, ['repack', '1R']), begun);
  expect(lookNext(rig, 0, day(2), undefined)?.look).toMatchObject({
    cause: 'first-stop',
    places: ['1R'],
    of: mi(10),
  });
  const long = rigOf(setup, done(0.5, ['repack', '1R']), trip(1, 600), begun);
  expect(lookNext(long, 0, day(2), undefined)?.look.of).toBe(mi(25));
});

test('after a stop every 100 miles, or two hours where that is sooner', () => {
  const rig = rigOf(setup, trip(1, 2000), begun, told(2.1, 30), stop(2.1));
  const soon = lookNext(rig, mi(50), day(2.1 + HOUR), 60 * MPH);
  expect(soon).toMatchObject({ by: 'clock', look: { cause: 'every-stop', at: day(2.1 + 2 * HOUR) } });
  const fast = lookNext(rig, mi(125), day(2.1 + 1.5 * HOUR), 64 * MPH);
  expect([fast?.by, miles(fast?.look.left)]).toEqual(['miles', 5]);
  expect(miles(lookNext(rig, mi(140), day(2.2), 60 * MPH)?.look.left)).toBe(-10);
});

test('a recheck comes before it, counted from the wheel that was off, and ends when it is answered', () => {
  const rig = rigOf(setup, refit(1, [10, 25, 50]), trip(1.5, 4), begun);
  const next = lookNext(rig, mi(3), day(2), undefined);
  expect(next).toMatchObject({ look: { cause: 'recheck', places: ['2L'] } });
  expect(miles(next?.look.left)).toBe(3);
  const held = entry('recheck', 2.02, { place: '2L', result: 'held' });
  const after = rigOf(setup, refit(1, [10, 25, 50]), trip(1.5, 4), begun, told(2.01, 6), held);
  expect(
    miles(lookNext(after, mi(6), day(2.02), undefined)?.then.find(({ cause }) => cause === 'recheck')?.left),
  ).toBe(15);
});

test('something it is towed on with: its next look, then where its miles end', () => {
  const finding = entry('finding.opened', 2.05, {
    place: '1R',
    verdict: 'due',
    of: { trouble: 'hot', because: 'nut-reset' },
    limit: {
      roll: 'care',
      distance: mi(25),
      until: day(9),
      looks: { at: [mi(5), mi(10), mi(15)] },
      into: mi(40),
    },
  });
  const rig = rigOf(setup, trip(1, 2000), begun, told(2.04, 40), stop(2.04), finding);
  const next = lookNext(rig, mi(42), day(2.05), 45 * MPH);
  expect(next?.look).toMatchObject({ cause: 'limit', places: ['1R'], finding: finding.id });
  expect(miles(next?.look.left)).toBe(3);
  expect(next?.then.map(({ cause }) => cause)).toEqual(['limit-ends', 'every-stop']);
  expect(miles(next?.then[0]?.left)).toBe(23);
});

test('a hub that was warm at the last stop is felt again after 5 miles, until it is cool', () => {
  const warm = entry('finding.opened', 2.1, {
    place: '2R',
    verdict: 'watch',
    of: { subject: 'hub-hand', grade: 'briefly' },
  });
  const told30 = [setup, trip(1, 2000), begun, told(2.1, 30), stop(2.1)];
  const next = lookNext(rigOf(...told30, warm), mi(32), day(2.1), undefined);
  expect(next?.look).toMatchObject({ cause: 'warm-hub', places: ['2R'] });
  expect(miles(next?.look.left)).toBe(3);
  const gone = entry('finding.closed', 2.2, { finding: warm.id, gone: true });
  expect(lookNext(rigOf(...told30, warm, gone), mi(32), day(2.2), 60 * MPH)?.look.cause).toBe('every-stop');
  // One that was watched before the trip is no matter of this stop.
  const old = { ...warm, happened: day(0.5), recorded: day(0.5) };
  expect(lookNext(rigOf(...told30, old), mi(32), day(2.1), undefined)?.look.cause).toBe('every-stop');
});

test('looks of one stop are told together, those of one kind as one', () => {
  const both = entry('work', 1, {
    jobs: [{ routine: 'stud-threads', place: '1L' }],
    from: 'written',
    readings: [],
    conditions: [],
    materials: [],
    renewed: [],
    refits: (['1L', '1R', '2L', '2R'] as const).map((place) => ({ place, limits: [mi(25)] })),
    skipped: [],
  });
  const next = lookNext(rigOf(setup, trip(0.5, 2000), both, begun), mi(24), day(2), undefined);
  expect(next?.look).toMatchObject({ cause: 'recheck', places: ['1L', '1R', '2L', '2R'] });
  expect(next?.with.map(({ cause }) => cause)).toEqual(['first-stop']);
  expect(next?.then).toEqual([]);
});

test('a ramp ahead is told until the launch is counted; without a trip nothing is', () => {
  const ramp = entry('trip.begun', 2, { ramp: true });
  const causes = (...more: Parameters<typeof rigOf>) =>
    lookNext(rigOf(setup, trip(1, 2000), ramp, ...more), 0, day(2), undefined)?.then.map(
      ({ cause }) => cause,
    );
  expect(causes()).toEqual(['ramp']);
  expect(causes(entry('trip.mark', 2.1, { launches: 1 }))).toEqual([]);
  expect(lookNext(rigOf(setup, trip(1, 2000)), 0, day(2), undefined)).toBeUndefined();
});
