import { toSI } from '../base';
import { checkTrip, type TripClaim, type TripOnRecord } from '.';

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

describe('against other trips', () => {
  const mi = (n: number) => n * 1609.344;
  const base = {
    distance: mi(100),
    launches: 0,
    reading: undefined,
    replaced: false,
    happened: '2026-05-10T12:00:00.000Z',
  };
  const codes = (claim: Partial<TripClaim>, others: readonly TripOnRecord[]) =>
    checkTrip({ ...base, ...claim }, { meter: undefined }, '2026-05-16T14:00:00.000Z', others).map(
      ({ code, weight }) => `${code} ${weight}`,
    );

  test.each<[string, Partial<TripClaim>, TripOnRecord, readonly string[]]>([
    ['a trip before it is no matter', {}, { happened: '2026-05-09T12:00:00.000Z' }, []],
    ['two trips of one day may be', {}, { happened: base.happened }, []],
    [
      'days that overlap are asked about',
      { started: '2026-05-07T12:00:00.000Z' },
      { happened: '2026-05-08T12:00:00.000Z', started: '2026-05-06T12:00:00.000Z' },
      ['overlap ask'],
    ],
    [
      'a trip within another is asked about',
      { started: '2026-05-07T12:00:00.000Z' },
      { happened: '2026-05-08T12:00:00.000Z' },
      ['overlap ask'],
    ],
    [
      'readings that overlap are asked about',
      { vehicle: { out: mi(41_000), home: mi(41_100) } },
      { happened: '2026-05-01T12:00:00.000Z', vehicle: { out: mi(40_900), home: mi(41_050) } },
      ['vehicle-overlap ask'],
    ],
    [
      'readings out of order are asked about',
      { vehicle: { out: mi(40_000), home: mi(40_100) } },
      { happened: '2026-05-01T12:00:00.000Z', vehicle: { out: mi(40_900), home: mi(41_050) } },
      ['vehicle-order ask'],
    ],
    [
      'readings that follow are no matter, miles driven without it in between',
      { vehicle: { out: mi(42_000), home: mi(42_100) } },
      { happened: '2026-05-01T12:00:00.000Z', vehicle: { out: mi(40_900), home: mi(41_050) } },
      [],
    ],
  ])('%s', (_, claim, other, found) => expect(codes(claim, [other])).toEqual(found));

  test('a trip cannot begin after it ended, nor come home with less on the clock', () => {
    expect(codes({ started: '2026-05-11T12:00:00.000Z' }, [])).toEqual(['begins-after refuse']);
    expect(codes({ vehicle: { out: mi(10), home: mi(5) } }, [])).toEqual(['backwards refuse']);
  });
});
