import fc from 'fast-check';
import { checkTrip } from '@/core/judge';
import { foldEntries, makeEntry, makeVoid, type Entry } from '@/core/log';
import { sampleModel } from '@/core/testing/arbitraries';
import { runs } from '@/core/testing/runs';
import { storyFrom } from '@/core/testing/story';
import { latelyAt, latelyOf, photosAt, stateBefore, tripsOnRecord, walksOf } from './lately';

const story = storyFrom('2025-05-01');
const { rig, day } = story;

const towed = fc
  .record({
    at: fc.integer({ min: 1, max: 60 }),
    days: fc.integer({ min: 0, max: 5 }),
    out: fc.nat(5000),
    miles: fc.nat(400),
    told: fc.boolean(),
  })
  .map(({ at, days, out, miles, told }) => ({
    happened: day(at),
    started: days > 0 ? day(at - days) : undefined,
    vehicle: told ? { out, home: out + miles } : undefined,
  }));

test('a trip is found wrong or right as if it were held against all of them', () => {
  fc.assert(
    fc.property(fc.array(towed, { maxLength: 25 }), towed, (others, claim) => {
      const entries = others.map(({ happened, started, vehicle }, i) =>
        makeEntry(
          'trip',
          { id: `0196d000-0000-7000-9000-${String(i).padStart(12, '0')}`, rig, happened, recorded: happened },
          { distance: 1000, launches: 0, ...(started && { started }), ...(vehicle && { vehicle }) },
        ),
      );
      const fold = foldEntries(entries);
      const full = { ...claim, distance: 1000, launches: 0, reading: undefined, replaced: false };
      const all = tripsOnRecord(fold, { rig, since: '', vehicles: true });
      const some = tripsOnRecord(fold, {
        rig,
        since: claim.started ?? claim.happened,
        vehicles: claim.vehicle !== undefined,
      });
      expect(some.length).toBeLessThanOrEqual(all.length);
      const now = day(90);
      const codes = (trips: typeof all) =>
        checkTrip(full, { meter: undefined }, now, trips).map(({ code }) => code);
      expect(codes(some)).toEqual(codes(all));
    }),
    { numRuns: runs(500) },
  );
});

const setup = story.setup(sampleModel({}));
const trips = [story.trip(1, 10), story.trip(2, 20), story.trip(3, 30)];
const gone = makeVoid(trips[2] as Entry, [], '0196d000-0000-7000-9000-0000000000ff', day(4));
const walk = story.entry('note', 5, { text: 'as it was' });
const fold = foldEntries([setup, ...trips, gone, walk]);

test('lately is the newest first, without what was withdrawn and without withdrawals', () => {
  expect(latelyOf(fold, rig, 2)).toEqual([walk, trips[1]]);
  expect(latelyOf(fold, 'another', 2)).toEqual([]);
  expect(walksOf(fold, rig, 5)).toEqual([]);
});

test('how a rig stood before an entry, or before the day it is moved to', () => {
  const second = trips[1] as Entry;
  expect(stateBefore(fold, second)?.trips).toBe(1);
  expect(stateBefore(fold, second, day(1))?.trips).toBe(0);
  // The entry itself never counts, wherever it is moved to.
  expect(stateBefore(fold, second, day(9))?.trips).toBe(1);
});

test('what speaks of a place is found there and nowhere else', () => {
  const seen = story.entry('recheck', 6, { place: '1L', result: 'held' });
  const photo = story.entry('photo', 7, { hash: 'a'.repeat(64), bytes: 1, width: 1, height: 1, place: '1L' });
  const more = foldEntries([setup, seen, photo]);
  expect(latelyAt(more, rig, '1L', 5)).toEqual([photo, seen]);
  expect(latelyAt(more, rig, '1R', 5)).toEqual([]);
  expect(photosAt(more, rig, '1L')).toEqual([photo]);
  expect(photosAt(more, rig, '1R')).toEqual([]);
});
