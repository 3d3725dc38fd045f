import * as fc from 'fast-check';
import { sampleModel } from '../testing/arbitraries';
import { mi, storyFrom } from '../testing/story';
import { asOf, limitLeft, limitUsed, nextLook, type EntryOf, type FindingLimit } from '.';

const story = storyFrom('2026-05-01');
const { day, entry, trip, rigOf } = story;
const setup = story.setup(sampleModel({ axles: 2 }));

const limit = (miles: number, more: Partial<EntryOf<'finding.opened'>['body']['limit'] & object> = {}) => ({
  roll: 'care' as const,
  distance: mi(miles),
  speed: 20,
  until: day(20),
  ...more,
});
const hot = (at: number, place: '1L' | '1R' | '2L' | '2R', told = limit(25)) =>
  entry('finding.opened', at, {
    place,
    verdict: 'due',
    of: { trouble: 'hot', because: 'nut-reset' },
    limit: told,
  });
const only = (rig: ReturnType<typeof rigOf>) => Object.values(rig.findings)[0];
const leftOf = (rig: ReturnType<typeof rigOf>) => {
  const one = only(rig)?.limit;
  return one && Math.round(limitLeft(one, rig.distance) / mi(1));
};

test('miles that come in count against a limit, and past it the rig is stopped', () => {
  const begun = [setup, trip(1, 900), hot(2, '1R')];
  expect(leftOf(rigOf(...begun))).toBe(25);
  const half = rigOf(...begun, trip(3, 15));
  expect(leftOf(half)).toBe(10);
  expect(only(asOf(half, day(4)))?.verdict).toBe('due');
  expect(asOf(half, day(4))).toBe(half);
  const gone = rigOf(...begun, trip(3, 15), trip(4, 15));
  expect(leftOf(gone)).toBe(0);
  expect(only(asOf(gone, day(5)))).toMatchObject({ verdict: 'stop', past: 'miles' });
});

test('a limit ends by its date as well, however few miles were towed', () => {
  const rig = rigOf(setup, hot(2, '1R'));
  expect(only(asOf(rig, day(19)))?.verdict).toBe('due');
  expect(only(asOf(rig, day(25)))).toMatchObject({ verdict: 'stop', past: 'days' });
});

test('of a trip that is logged at its end only the miles after the trouble count', () => {
  const begun = [setup, hot(2, '1R', limit(25, { into: mi(60) }))];
  expect(leftOf(rigOf(...begun, trip(3, 70)))).toBe(15);
  expect(leftOf(rigOf(...begun, trip(3, 120)))).toBe(0);
  // Short of where it began: it can only be of miles since.
  expect(leftOf(rigOf(...begun, trip(3, 20)))).toBe(5);
});

test('what its owner says at a look counts where it is more, and never runs backwards', () => {
  const opened = hot(2, '1R');
  const seen = (at: number, driven: number) =>
    entry('finding.seen', at, { finding: opened.id, verdict: 'due', driven: mi(driven) });
  expect(leftOf(rigOf(setup, opened, seen(3, 10)))).toBe(15);
  expect(leftOf(rigOf(setup, opened, seen(3, 10), seen(4, 5)))).toBe(15);
  expect(leftOf(rigOf(setup, opened, trip(3, 12), seen(4, 5)))).toBe(13);
});

test('told again it does not begin anew: the nearer end of both holds', () => {
  const opened = hot(2, '1R');
  const again = (miles: number) =>
    entry('finding.seen', 4, { finding: opened.id, verdict: 'due', limit: limit(miles, { speed: 15 }) });
  const rig = rigOf(setup, opened, trip(3, 20), again(25));
  expect(leftOf(rig)).toBe(5);
  expect(only(rig)?.limit?.speed).toBe(15);
  expect(leftOf(rigOf(setup, opened, again(10)))).toBe(10);
});

const base: FindingLimit = { roll: 'care', distance: 25, until: day(9), from: 0, into: 0, driven: 0 };

test('looks come at their miles, then every so far, and none past the end', () => {
  const looks = { at: [2, 5], every: 5 };
  const at = (driven: number) => nextLook({ ...base, looks, driven });
  expect([0, 2, 4.9, 5, 9, 10, 20, 24, 25].map(at)).toEqual([2, 5, 5, 10, 10, 15, 25, 25, undefined]);
  expect(nextLook(base)).toBeUndefined();
  expect(nextLook({ ...base, looks: { at: [5] }, driven: 5 })).toBeUndefined();
});

test('the next look always lies ahead; what is used is never below what was said', () => {
  const miles = fc.double({ min: 0, max: 1000, noNaN: true });
  fc.assert(
    fc.property(
      miles,
      miles,
      miles,
      fc.array(fc.integer({ min: 1, max: 60 }), { maxLength: 4 }),
      (driven, into, distance, at) => {
        const one = {
          ...base,
          distance: 60,
          into,
          driven,
          looks: { at: [...at].sort((a, b) => a - b), every: 7 },
        };
        const next = nextLook(one);
        if (next !== undefined) expect(next).toBeGreaterThan(driven);
        expect(limitUsed(one, distance)).toBeGreaterThanOrEqual(driven);
        expect(limitLeft(one, distance)).toBeGreaterThanOrEqual(0);
      },
    ),
  );
});
