import fc from 'fast-check';
import { dutiesOf } from '../duty';
import { runs } from '../testing/runs';
import { sampleModel } from '../testing/arbitraries';
import { mi, storyFrom } from '../testing/story';
import { isSimulated, limitLeft, makeEntry, type Entry } from '.';

const story = storyFrom('2026-05-01');
const { day, entry, trip, rigOf } = story;
const setup = story.setup(sampleModel({ axles: 2 }));
const begun = (at: number, body: object = {}) => entry('trip.begun', at, body);
const told = (at: number, miles: number, by: 'owner' | 'position' | 'instrument' = 'owner') =>
  entry('trip.mark', at, { into: mi(miles), by });
const miles = (m: number) => Math.round(m / mi(1));

test('a trip begins, its miles count as they are told, and home adds what is left of them', () => {
  const out = [setup, trip(1, 900), begun(2, { expected: mi(180) })];
  expect(rigOf(...out).underWay).toMatchObject({ at: day(2), expected: mi(180), into: 0, launches: 0 });
  const on = rigOf(...out, told(2.1, 40), told(2.2, 95, 'position'));
  expect([miles(on.distance), on.trips]).toEqual([995, 1]);
  expect(on.underWay).toMatchObject({ into: mi(95), by: 'position', told: day(2.2) });
  const home = rigOf(...out, told(2.1, 40), told(2.2, 95, 'position'), trip(2.5, 182));
  expect([miles(home.distance), home.trips, home.underWay]).toEqual([1082, 2, undefined]);
});

test('what its owner says stands, even under what was counted; a count never runs backwards', () => {
  const out = [setup, begun(1), told(1.1, 50, 'position')];
  expect(miles(rigOf(...out, told(1.2, 46)).distance)).toBe(46);
  expect(miles(rigOf(...out, told(1.2, 46, 'position')).distance)).toBe(50);
  expect(miles(rigOf(...out, trip(1.5, 44)).distance)).toBe(44);
});

test('launches count at the ramp, and once', () => {
  const launch = entry('trip.mark', 1.2, { launches: 1, water: 'fresh' });
  const on = rigOf(setup, begun(1, { ramp: true }), launch);
  expect([on.launches, on.underWay?.launches]).toEqual([1, 1]);
  expect(rigOf(setup, begun(1), launch, trip(1.5, 60, 1)).launches).toBe(1);
  expect(rigOf(setup, begun(1), launch, trip(1.5, 60, 2)).launches).toBe(2);
});

test('one trip at a time: a second that begins is left out and told', () => {
  const second = begun(1.1);
  const rig = rigOf(setup, begun(1), second);
  expect(rig.contradictions).toEqual([second.id]);
  expect(rig.underWay?.at).toBe(day(1));
});

test('a trip of an earlier day does not end it, and miles told after it is home change nothing', () => {
  const earlier = rigOf(setup, trip(1, 30), begun(2));
  expect(earlier.underWay?.at).toBe(day(2));
  const late = rigOf(setup, begun(1), trip(1.5, 60), told(1.6, 400));
  expect([miles(late.distance), late.underWay]).toEqual([60, undefined]);
});

test('withdrawn, its miles are those of the trip alone', () => {
  const first = begun(1);
  const gone = makeEntry(
    'void',
    { id: '0196d000-0000-7000-8000-0000000fffff', rig: story.rig, happened: day(3), recorded: day(3) },
    { target: first.id },
  );
  expect(miles(rigOf(setup, first, told(1.1, 40), trip(1.5, 60), gone).distance)).toBe(60);
});

test('a stop is the last look, and a hitching walk is none', () => {
  const walk = (at: number, kind: 'stop' | 'hitch') =>
    entry('walk', at, { walk: kind, order: 'round', looked: [], taken: [], conditions: [] });
  expect(rigOf(setup, begun(1), walk(1.1, 'hitch')).underWay?.looked).toBeUndefined();
  expect(rigOf(setup, begun(1), told(1.1, 24), walk(1.2, 'stop')).underWay?.looked).toEqual({
    at: day(1.2),
    into: mi(24),
  });
});

test('rechecks and limits run down on the way, and a wheel that was off there counts from there', () => {
  const hot = entry('finding.opened', 1.15, {
    place: '1R',
    verdict: 'due',
    of: { trouble: 'hot', because: 'nut-reset' },
    limit: { roll: 'care', distance: mi(25), until: day(8), into: mi(40) },
  });
  const left = (...more: Entry[]) => {
    const rig = rigOf(setup, begun(1), told(1.1, 40), hot, ...more);
    const limit = Object.values(rig.findings)[0]?.limit;
    return limit && miles(limitLeft(limit, rig.distance));
  };
  expect([left(), left(told(1.2, 50)), left(told(1.2, 50), trip(1.5, 60))]).toEqual([25, 15, 5]);
  const changed = entry('work', 1.2, {
    jobs: [{ routine: 'tire-change', place: '2L' }],
    from: 'written',
    readings: [],
    conditions: [],
    materials: [],
    renewed: [],
    refits: [{ place: '2L', limits: [mi(10), mi(25), mi(50)] }],
    skipped: [],
  });
  const rig = rigOf(setup, begun(1), told(1.1, 40), changed, told(1.3, 49), trip(1.5, 51));
  const recheck = dutiesOf(rig, day(2)).find(({ id }) => id === 'lug-recheck@2L');
  expect(recheck?.governing && miles(recheck.governing.used)).toBe(11);
});

test('any marks in any order: home, the miles are those of the trip, whatever was told on the way', () => {
  const mark = fc.record({
    at: fc.double({ min: 1.01, max: 1.49, noNaN: true }),
    miles: fc.integer({ min: 0, max: 900 }),
    by: fc.constantFrom('owner' as const, 'position' as const, 'instrument' as const),
  });
  fc.assert(
    fc.property(fc.array(mark, { maxLength: 12 }), fc.integer({ min: 0, max: 900 }), (marks, whole) => {
      const rig = rigOf(
        setup,
        trip(0.5, 100),
        begun(1),
        ...marks.map(({ at, miles: n, by }) => told(at, n, by)),
        trip(1.5, whole),
      );
      expect(miles(rig.distance)).toBe(100 + whole);
      expect(rig.underWay).toBeUndefined();
    }),
    { numRuns: runs(150) },
  );
});

test('what is made up says so wherever it stands in an entry', () => {
  const simulated = { name: 'Trip meter, simulated', simulated: true } as const;
  expect(isSimulated(entry('trip.mark', 1, { into: 1, by: 'instrument', from: simulated }))).toBe(true);
  expect(isSimulated(entry('trip.mark', 1, { into: 1, by: 'owner' }))).toBe(false);
  const taken = [{ place: '1L' as const, what: 'pressure' as const, value: 450_000, from: simulated }];
  expect(isSimulated(entry('reading', 1, { taken }))).toBe(true);
});
