import * as fc from 'fast-check';
import { foldEntries, HOUSE, makeEntry, workOf, type Entry, type EntryOf } from '../log';
import { sampleModel } from '../testing/arbitraries';
import { storyFrom } from '../testing/story';
import { REPACK_GREASE, STROKE, stockLeft, takesOf } from '.';

const story = storyFrom('2026-05-01');
const model = sampleModel({ axles: 2 });
const setup = story.setup(model);
let serial = 0;
const supply = (at: number, body: EntryOf<'supply'>['body']): Entry =>
  makeEntry(
    'supply',
    {
      id: `0196f100-0000-7000-8000-${(++serial).toString(16).padStart(12, '0')}`,
      rig: HOUSE,
      happened: story.day(at),
      recorded: story.day(at),
    },
    body,
  );
const work = (at: number, more: Partial<EntryOf<'work'>['body']> = {}) =>
  story.entry('work', at, { ...workOf([{ routine: 'repack', place: '1L' }]), ...more });
const left = (which: 'bearing-grease' | 'pins', ...entries: readonly Entry[]) => {
  const { state, entries: ordered } = foldEntries([setup, ...entries]);
  return stockLeft(ordered, which, state.rigs)?.left;
};

test('nothing is known before it is counted; from then on work takes of it, and what is bought comes in', () => {
  expect(left('pins', work(2))).toBeUndefined();
  const counted = supply(1, { supply: 'pins', counted: 6 });
  expect(left('pins', counted, work(2))).toBe(5);
  expect(left('pins', counted, work(2), supply(3, { supply: 'pins', bought: 10 }))).toBe(15);
  // Counted anew, what was before says nothing any more.
  expect(left('pins', counted, work(2), supply(4, { supply: 'pins', counted: 3 }))).toBe(3);
  // What was done before it was counted is in the count.
  expect(left('pins', work(0.5), counted)).toBe(6);
});

test('grease by what was weighed, by strokes of one’s own gun, else as such work takes it', () => {
  const counted = supply(1, { supply: 'bearing-grease', counted: 0.4 });
  expect(left('bearing-grease', counted, work(2))).toBeCloseTo(0.4 - REPACK_GREASE, 9);
  const weighed = work(2, { materials: [{ place: '1L', grease: 'lithium-complex', mass: 0.09 }] });
  expect(left('bearing-grease', counted, weighed)).toBeCloseTo(0.31, 9);
  const pumped = story.entry('work', 2, {
    ...workOf([{ routine: 'grease', place: '1L' }]),
    readings: [{ place: '1L', what: 'strokes', value: 10 }],
  });
  expect(left('bearing-grease', counted, pumped)).toBeCloseTo(0.4 - 10 * STROKE, 9);
  const own = supply(1.5, { supply: 'bearing-grease', counted: 0.4, stroke: 0.001 });
  expect(left('bearing-grease', own, pumped)).toBeCloseTo(0.39, 9);
});

test('what is remembered from before takes nothing, and nothing falls below nothing', () => {
  const counted = supply(1, { supply: 'pins', counted: 1 });
  expect(left('pins', counted, work(2, { from: 'memory' }))).toBe(1);
  expect(left('pins', counted, work(2), work(3), work(4))).toBe(0);
});

test('a keeper needs no pin, a wired brake two connectors, another axle nothing', () => {
  const keeper = sampleModel({ lock: 'keeper' });
  expect(takesOf([{ routine: 'repack', place: '1L' }], keeper).pins).toBeUndefined();
  expect(takesOf([{ routine: 'plate-renew', place: '1L' }], model)).toMatchObject({ connectors: 2 });
  expect(takesOf([{ routine: 'lights', place: 'rig' }], model)).toEqual({});
});

test('more work never leaves more', () => {
  const works = fc.array(fc.integer({ min: 2, max: 60 }), { maxLength: 8 });
  fc.assert(
    fc.property(works, fc.integer({ min: 2, max: 60 }), (days, one) => {
      const counted = supply(1, { supply: 'pins', counted: 5 });
      const before = left('pins', counted, ...days.map((at) => work(at))) ?? 0;
      expect(left('pins', counted, ...[...days, one].map((at) => work(at)))).toBeLessThanOrEqual(before);
    }),
  );
});
