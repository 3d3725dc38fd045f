import * as fc from 'fast-check';
import type { TroubleId } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { runs } from '../testing/runs';
import { mi, storyFrom } from '../testing/story';
import { asOf, roadLimits, type EntryOf } from '.';

const { day, entry, trip, rigOf, setup: setupOf } = storyFrom('2026-05-01');
const setup = setupOf(sampleModel({ axles: 2 }));
const mph = (speed: number) => mi(speed) / 3600;

type Limit = NonNullable<EntryOf<'finding.opened'>['body']['limit']>;
type Told = EntryOf<'finding.opened'>['body'];

/** Something that a rig is towed on with: so many miles at so many miles an hour. */
function towedOnWith(
  at: number,
  place: Told['place'],
  [miles, speed]: readonly [number, number],
  trouble: TroubleId = 'hot',
  { because = 'nut-reset', ...limit }: Partial<Limit> & { because?: string } = {},
) {
  return entry('finding.opened', at, {
    place,
    verdict: limit.roll === 'creep' ? 'stop' : 'due',
    of: { trouble, because } as Told['of'],
    limit: { roll: 'care', distance: mi(miles), speed: mph(speed), until: day(20), ...limit },
  });
}
const limitsOf = (now: number, ...entries: Parameters<typeof rigOf>) =>
  roadLimits(rigOf(setup, ...entries), day(now));
const miles = (limits: ReturnType<typeof roadLimits>) =>
  limits?.left === undefined ? undefined : Math.round((limits.left / mi(1)) * 10) / 10;

test('nothing limits a rig with nothing on it', () => {
  expect(limitsOf(5)).toBeUndefined();
  expect(
    limitsOf(5, entry('finding.opened', 1, { place: '1L', verdict: 'due', text: 'rust' })),
  ).toBeUndefined();
});

test('the least miles left, the least speed and the earliest day of all that stand', () => {
  const limits = limitsOf(
    6,
    towedOnWith(2, '1R', [50, 45], 'hot', { until: day(9) }),
    trip(3, 10),
    towedOnWith(4, '2L', [45, 50], 'nail'),
  );
  expect(limits).toMatchObject({ roll: 'care', until: day(9) });
  expect(miles(limits)).toBe(40);
  expect(limits?.speed).toBeCloseTo(mph(45));
  expect(limits?.of).toHaveLength(2);
});

test('a creep of five miles at 30 beside care of three at 20 is a creep of three at 20', () => {
  const limits = limitsOf(
    5,
    towedOnWith(2, '1R', [5, 30], 'studs', { roll: 'creep' }),
    towedOnWith(3, 'rig', [3, 20], 'lights'),
  );
  expect(limits).toMatchObject({ roll: 'creep', by: { place: '1R' } });
  expect(miles(limits)).toBe(3);
  expect(limits?.speed).toBeCloseTo(mph(20));
});

test('two of different causes on one axle or one side, or three anywhere, are a creep of a mile at 15', () => {
  const joined = (...entries: Parameters<typeof rigOf>) => {
    const limits = limitsOf(5, ...entries);
    return [limits?.roll, limits?.joined, miles(limits)];
  };
  const at = (place: Told['place'], trouble: TroubleId = 'hot') => towedOnWith(2, place, [25, 45], trouble);
  expect(joined(at('1R'), at('1L'))).toEqual(['creep', 'two-on-one-axle', 1]);
  expect(joined(at('1R'), at('2R'))).toEqual(['creep', 'two-on-one-side', 1]);
  expect(joined(at('1R'), at('2L'))).toEqual(['care', undefined, 25]);
  expect(joined(at('1R'), at('2L'), at('coupler', 'coupler'))).toEqual(['creep', 'three-at-once', 1]);
  // Brakes and sway are of all axles; lamps, straps and load keep to themselves.
  expect(joined(at('1R'), at('rig', 'sway'))).toEqual(['creep', 'two-on-one-axle', 1]);
  expect(joined(at('1R'), at('rig', 'lights'), at('winchStrap', 'strap'))).toEqual(['care', undefined, 25]);
  // A creep joins as well.
  expect(joined(at('1R'), towedOnWith(3, '1L', [5, 30], 'studs', { roll: 'creep' }))).toEqual([
    'creep',
    'two-on-one-axle',
    1,
  ]);
});

test('what comes of one cause or one repair counts once, at the least of its parts', () => {
  const aged = entry('finding.opened', 3, {
    place: '1L',
    verdict: 'due',
    of: { trouble: 'flat', left: 'torque-to-figure' },
    limit: { roll: 'care', distance: mi(10), speed: mph(45), until: day(4) },
  });
  const spare = towedOnWith(2, '1L', [50, 50], 'flat');
  expect(limitsOf(3, spare, aged)).toMatchObject({ roll: 'care' });
  expect(miles(limitsOf(3, spare, aged))).toBe(10);
  const backedOff = towedOnWith(2, '1L', [25, 45], 'dragging', { because: 'backed-off' });
  const dead = towedOnWith(3, 'rig', [50, 50], 'dead');
  expect(limitsOf(4, backedOff, dead)?.joined).toBeUndefined();
  expect(limitsOf(4, towedOnWith(2, '1L', [25, 45]), dead)?.joined).toBe('two-on-one-axle');
});

test('the mile of a creep is counted from where the last was told; after it, stay', () => {
  const begun = [towedOnWith(2, '1R', [25, 45]), trip(3, 5), towedOnWith(4, '1L', [25, 45])];
  expect(miles(limitsOf(5, ...begun))).toBe(1);
  expect(miles(limitsOf(6, ...begun, trip(5, 0.6)))).toBe(0.4);
  expect(limitsOf(6, ...begun, trip(5, 1.2))).toMatchObject({ roll: 'stay', joined: 'two-on-one-axle' });
});

test('used up by its miles or its days it stays, and so does what stops without a limit', () => {
  expect(limitsOf(5, towedOnWith(2, '1R', [25, 45]), trip(3, 30))?.roll).toBe('stay');
  expect(limitsOf(25, towedOnWith(2, '1R', [25, 45]))?.roll).toBe('stay');
  const stop = entry('finding.opened', 3, {
    place: '2L',
    verdict: 'stop',
    of: { trouble: 'lost', because: 'wheel-lost' },
  });
  const limits = limitsOf(5, towedOnWith(2, '1R', [25, 45]), stop);
  expect(limits).toMatchObject({ roll: 'stay', by: { place: '2L' } });
  expect(limits?.left).toBeUndefined();
});

test('worse at a look it stays, whatever was left; as it was, the rest of its miles stand', () => {
  const nail = towedOnWith(2, '1R', [50, 45], 'nail');
  const seen = (body: Partial<EntryOf<'finding.seen'>['body']>) =>
    entry('finding.seen', 4, { finding: nail.id, verdict: 'due', driven: mi(10), ...body });
  expect(miles(limitsOf(5, nail, seen({})))).toBe(40);
  expect(limitsOf(5, nail, seen({ verdict: 'stop', stays: true }))?.roll).toBe('stay');
  // As a look was told before it said so.
  expect(limitsOf(5, nail, seen({ verdict: 'stop' }))?.roll).toBe('stay');
  // A creep that is as it was goes on creeping.
  const creeps = towedOnWith(2, '1R', [5, 15], 'nail', { roll: 'creep' });
  const same = entry('finding.seen', 4, { finding: creeps.id, verdict: 'stop', driven: mi(1) });
  expect(limitsOf(5, creeps, same)).toMatchObject({ roll: 'creep' });
});

test('a hub too hot at the last stop stays under way, at home it is only due; Trouble or a later stop answers it', () => {
  const begun = entry('trip.begun', 1, {});
  const tooHot = entry('finding.opened', 3, {
    place: '1L',
    verdict: 'due',
    of: { subject: 'hub-hand', grade: 'too-hot' },
  });
  expect(limitsOf(5, tooHot)).toBeUndefined();
  expect(limitsOf(5, begun, tooHot)).toMatchObject({ roll: 'stay', by: { place: '1L' } });
  expect(limitsOf(5, begun, tooHot, towedOnWith(4, '1L', [25, 45]))?.roll).toBe('care');
  // Told again in Trouble after it was told there once before, it is judged as well.
  const before = towedOnWith(2, '1L', [25, 45]);
  const again = entry('finding.seen', 4, { finding: before.id, verdict: 'due' });
  expect(limitsOf(5, begun, before, tooHot)?.roll).toBe('stay');
  expect(limitsOf(5, begun, before, tooHot, again)?.roll).toBe('care');
  const home = entry('trip', 4, { distance: mi(60), launches: 0 });
  expect(limitsOf(5, begun, tooHot, home)).toBeUndefined();
});

test('the state it reads is left as it was: the looks of each limit are still asked for', () => {
  const rig = rigOf(setup, towedOnWith(2, '1R', [25, 45]), towedOnWith(3, '1L', [25, 45]));
  const before = JSON.stringify(rig);
  roadLimits(rig, day(5));
  expect(JSON.stringify(rig)).toBe(before);
  expect(Object.values(asOf(rig, day(5)).findings).map(({ past }) => past)).toEqual([undefined, undefined]);
});

const ROLL = ['care', 'creep', 'stay'];

test('one more is never milder: not in its word, its miles or its speed', () => {
  const limited = fc
    .record({
      place: fc.constantFrom<Told['place'][]>('1L', '1R', '2L', '2R', 'rig', 'coupler'),
      trouble: fc.constantFrom<TroubleId[]>('hot', 'nail', 'studs', 'dead', 'sway', 'lights', 'strap'),
      miles: fc.integer({ min: 1, max: 60 }),
      speed: fc.integer({ min: 10, max: 55 }),
      roll: fc.constantFrom('care' as const, 'creep' as const),
      at: fc.integer({ min: 1, max: 3 }),
      because: fc.constantFrom('nut-reset', 'backed-off'),
    })
    .map(({ place, trouble, roll, at, because, ...one }) =>
      towedOnWith(at, place, [one.miles, one.speed], trouble, { roll, because }),
    );
  fc.assert(
    fc.property(fc.array(limited, { minLength: 2, maxLength: 5 }), (all) => {
      const [more, ...before] = [...all].sort((a, b) => (a.happened < b.happened ? 1 : -1));
      if (!more) return;
      const rig = rigOf(setup, ...before);
      const one = roadLimits(rig, day(5));
      const other = roadLimits(rigOf(setup, ...before, more), day(5));
      expect(ROLL.indexOf(other?.roll ?? '')).toBeGreaterThanOrEqual(ROLL.indexOf(one?.roll ?? ''));
      expect(other?.left ?? 0).toBeLessThanOrEqual(one?.left ?? Infinity);
      if (other?.roll !== 'stay')
        expect(other?.speed ?? Infinity).toBeLessThanOrEqual(one?.speed ?? Infinity);
    }),
    { numRuns: runs(2000) },
  );
});
