import { toSI } from '../quantity';
import { checkTrip, type TripClaim } from '.';

const NOW = '2026-05-16T12:00:00.000Z';
const good: TripClaim = {
  distance: toSI(120, 'mi'),
  launches: 1,
  reading: undefined,
  replaced: false,
  happened: '2026-05-16T09:00:00.000Z',
};
const meter = { reading: toSI(5000, 'mi'), distance: 0, at: '2026-05-01T09:00:00.000Z' };

test('an ordinary trip has nothing wrong with it', () => {
  expect(checkTrip(good, { meter: undefined }, NOW)).toEqual([]);
});

test.each([
  [{ distance: -1 }, 'distance', 'negative', 'refuse'],
  [{ distance: toSI(1501, 'mi') }, 'distance', 'long', 'ask'],
  [{ distance: toSI(30_000, 'mi') }, 'distance', 'absurd', 'refuse'],
  [{ distance: Number.NaN }, 'distance', 'absurd', 'refuse'],
  [{ launches: -1 }, 'launches', 'negative', 'refuse'],
  [{ launches: 1.5 }, 'launches', 'not-whole', 'refuse'],
  [{ launches: 13 }, 'launches', 'many', 'ask'],
  [{ launches: 201 }, 'launches', 'absurd', 'refuse'],
  [{ happened: '2026-05-16T12:00:00.001Z' }, 'happened', 'future', 'refuse'],
  [{ reading: toSI(4990, 'mi') }, 'reading', 'backwards', 'refuse'],
  [{ reading: -5, replaced: true }, 'reading', 'negative', 'refuse'],
] as const)('%j is told at %s as %s (%s)', (claim, field, code, weight) => {
  expect(checkTrip({ ...good, ...claim }, { meter }, NOW)).toContainEqual({ field, code, weight });
});

test('a meter that was replaced may start lower, and one that stands still is no error', () => {
  expect(checkTrip({ ...good, reading: 0, replaced: true }, { meter }, NOW)).toEqual([]);
  expect(checkTrip({ ...good, reading: meter.reading }, { meter }, NOW)).toEqual([]);
});
