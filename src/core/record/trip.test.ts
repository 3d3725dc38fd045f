import { sampleModel } from '../testing/arbitraries';
import { mi, storyFrom } from '../testing/story';
import { beginEntries, launchEntry, milesEntry, tripEntries, walkBefore } from '.';
import { endsUnderWay } from './trip';

const story = storyFrom('2026-05-01');
const { day, entry, rigOf } = story;
const setup = story.setup(sampleModel({ axles: 2 }));

test('home again ends the trip under way: from when it began, after all that was told of it', () => {
  const rig = rigOf(
    setup,
    entry('trip.begun', 1.2, {}),
    entry('trip.mark', 1.3, { into: mi(40), by: 'owner' }),
  );
  // Noon of the same day was typed, and it began in the afternoon.
  const [home] = tripEntries({ distance: mi(60), launches: 0 }, day(1), false, rig);
  expect(home).toMatchObject({ kind: 'trip', body: { started: day(1.2) } });
  expect(home?.happened && home.happened > day(1.3)).toBe(true);
  expect(endsUnderWay(rig, day(1))).toBe(true);
});

test('over midnight it is one trip, from the day it began to the day it ended', () => {
  const rig = rigOf(setup, entry('trip.begun', 1.4, {}));
  const [home] = tripEntries({ distance: mi(300), launches: 0 }, day(2), false, rig);
  expect(home).toMatchObject({ happened: day(2), body: { distance: mi(300), started: day(1.4) } });
});

test('a trip of an earlier day is another trip', () => {
  const rig = rigOf(setup, entry('trip.begun', 5, {}));
  const [other] = tripEntries({ distance: mi(20), launches: 0 }, day(3), false, rig);
  expect(other).toMatchObject({ happened: day(3), body: { distance: mi(20) } });
  expect(other?.kind === 'trip' && other.body.started).toBeUndefined();
});

test('the walk before it is a hitching walk of the last four hours', () => {
  const walk = (id: string, at: number, kind: string) => ({ id, happened: day(at), walk: kind });
  const now = day(1);
  expect(walkBefore([walk('a', 0.9, 'hitch')], now)).toBe('a');
  expect(walkBefore([walk('a', 0.8, 'hitch')], now)).toBeUndefined();
  expect(walkBefore([walk('a', 0.95, 'stop')], now)).toBeUndefined();
});

test('what is told on the way says who told it', () => {
  expect(beginEntries({ walk: 'w' })).toEqual([{ kind: 'trip.begun', body: { walk: 'w' } }]);
  expect(milesEntry(mi(12), 'owner')).toEqual({ kind: 'trip.mark', body: { into: mi(12), by: 'owner' } });
  expect(launchEntry({ environment: { water: 'salt' } })).toEqual({
    kind: 'trip.mark',
    body: { launches: 1, water: 'salt' },
  });
});
