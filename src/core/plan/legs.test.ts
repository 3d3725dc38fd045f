import fc from 'fast-check';
import { seeded, toSI } from '../base';
import { sampleFutures, UNTOLD } from '../duty';
import { legsOf, outlooksOf, type LegsAbout, type Wear } from './legs';
import { FORBIDDEN, legOf, MUST } from './problem';

const AT = [0, 7, 14, 21, 28, 56];
const mi = (value: number) => toSI(value, 'mi');
const futures = sampleFutures(
  [],
  {
    now: '2026-05-16T00:00:00.000Z',
    weeks: 9,
    count: 60,
    prior: UNTOLD,
    planned: [{ at: '2026-05-26T09:00:00.000Z', distance: mi(300), launches: 2 }],
  },
  seeded(3),
);
const seen = outlooksOf(futures, AT);
const days = AT.slice(0, -1);
const leg = (from: number, to: number) => legOf({ days: days as never }, from, to);
const about = (wears: readonly Wear[], more: Partial<LegsAbout> = {}): LegsAbout => ({
  wears,
  ripe: false,
  weight: 60,
  doing: 40,
  later: 30,
  slips: 0,
  ...more,
});
const byDays = (due: number, limit = 365): Wear => ({ meter: 'days', due, limit, again: true });
const byMiles = (left: number, limit = 2000): Wear => ({
  meter: 'distance',
  left: mi(left),
  limit: mi(limit),
  again: true,
});

describe('what a day costs a job', () => {
  test('going early throws away what is left of the interval; on its day nothing is thrown away', () => {
    const { wasted, late } = legsOf(about([byDays(14, 100)]), seen);
    expect(wasted[leg(-1, 0)]).toBeCloseTo(40 * 0.14, 3);
    expect(wasted[leg(-1, 1)]).toBeCloseTo(40 * 0.07, 3);
    expect(wasted[leg(-1, 2)]).toBeCloseTo(0, 3);
    expect(late[leg(-1, 2)]).toBe(0);
  });

  test('a trip past the limit counts its miles: sixty minutes a hundred where it is safety', () => {
    // 100 mi left, 300 mi planned in the second week: 200 mi past it by the third Saturday, in every future.
    const { legs, late } = legsOf(about([byMiles(100)]), seen);
    const before = late[leg(-1, 1)] ?? 0;
    const after = late[leg(-1, 2)] ?? 0;
    expect(after - before).toBeGreaterThan(mi(190));
    expect((legs[leg(-1, 2)] ?? 0) - (legs[leg(-1, 1)] ?? 0)).toBeGreaterThan(100);
  });

  test('what was found is ripe at once, whatever its meters say', () => {
    const { late, wasted } = legsOf(about([byDays(300)], { ripe: true }), seen);
    expect(wasted[leg(-1, 0)]).toBe(0);
    expect(late[leg(-1, 2)]).toBeGreaterThanOrEqual(mi(299));
  });

  test('what has to be done before a trip has no later day, and is not left', () => {
    const { legs } = legsOf(about([byDays(0)], { before: 10 }), seen);
    expect(legs[leg(-1, 1)]).not.toBe(FORBIDDEN);
    expect(legs[leg(-1, 2)]).toBe(FORBIDDEN);
    expect(legs[leg(-1, days.length)]).toBeGreaterThanOrEqual(MUST);
  });

  test('not before its parts are there, and a season is not done before its time', () => {
    const { legs } = legsOf(about([byDays(0)], { earliest: 10 }), seen);
    expect(legs[leg(-1, 1)]).toBe(FORBIDDEN);
    expect(legs[leg(-1, 2)]).not.toBe(FORBIDDEN);
    const season: Wear = {
      meter: 'season',
      points: [
        { opens: 10, due: 30 },
        { opens: 40, due: 90 },
      ],
      again: true,
    };
    const { wasted, legs: seasonal } = legsOf(about([season]), seen);
    expect(wasted[leg(-1, 1)]).toBeCloseTo(40, 3);
    expect(wasted[leg(-1, 2)]).toBeCloseTo(0, 3);
    // Done for the first time of the season, the second one is not due before the end.
    expect(seasonal[leg(2, days.length)]).toBe(0);
  });

  test('a short interval may be done more than once, a long one not', () => {
    expect(legsOf(about([byDays(7, 21)]), seen).repeats).toBe(true);
    expect(legsOf(about([byDays(7, 365)]), seen).repeats).toBe(false);
  });

  test('that a day may fall out makes the last one before a trip dearer', () => {
    const sure = legsOf(about([byMiles(100)]), seen).legs;
    const unsure = legsOf(about([byMiles(100)], { slips: 0.15 }), seen).legs;
    expect(unsure[leg(-1, 1)]).toBeGreaterThan(sure[leg(-1, 1)] ?? 0);
  });

  test('miles past a limit never fall with a later day, whatever wears', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 500 }), fc.integer({ min: -20, max: 60 }), (left, due) => {
        const { late } = legsOf(about([byMiles(left), byDays(due)]), seen);
        for (let to = 1; to < days.length; to++)
          expect((late[leg(-1, to)] ?? 0) + 1e-3).toBeGreaterThanOrEqual(late[leg(-1, to - 1)] ?? 0);
      }),
      { numRuns: 40 },
    );
  });

  test('over many futures a leg is the mean of what it is in each by itself', () => {
    const { weeks, count } = futures;
    const alone = Array.from({ length: count }, (_, f) => {
      const own = (run: Float64Array) => run.slice(f * weeks, (f + 1) * weeks);
      return outlooksOf(
        { ...futures, count: 1, distance: own(futures.distance), launches: own(futures.launches) },
        AT,
      );
    });
    const wear: fc.Arbitrary<Wear> = fc.oneof(
      fc
        .record({ left: fc.integer({ min: 0, max: 600 }), limit: fc.integer({ min: 100, max: 3000 }) })
        .map(({ left, limit }) => byMiles(left, limit)),
      fc.integer({ min: -30, max: 80 }).map((due) => byDays(due)),
      fc
        .integer({ min: 0, max: 4 })
        .map((left): Wear => ({ meter: 'launches', left, limit: 5, again: true })),
      fc
        .integer({ min: 0, max: 40 })
        .map((opens): Wear => ({ meter: 'season', points: [{ opens, due: opens + 20 }], again: false })),
    );
    fc.assert(
      fc.property(fc.array(wear, { minLength: 1, maxLength: 4 }), fc.boolean(), (wears, ripe) => {
        const job = about(wears, { ripe, slips: 0.1 });
        const whole = legsOf(job, seen);
        const each = alone.map((one) => legsOf(job, one));
        const mean = (of: (legs: (typeof each)[number]) => number) =>
          each.reduce((sum, legs) => sum + of(legs), 0) / count;
        for (let to = 0; to < AT.length; to++) {
          const at = leg(-1, to);
          const late = mean((one) => one.late[at] ?? 0);
          expect(Math.abs((whole.late[at] ?? 0) - late)).toBeLessThan(1e-3 + late * 1e-5);
          expect(whole.wasted[at]).toBeCloseTo(
            mean((one) => one.wasted[at] ?? 0),
            3,
          );
        }
      }),
      { numRuns: 8 },
    );
  });
});
