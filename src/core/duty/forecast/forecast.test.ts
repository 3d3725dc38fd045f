import fc from 'fast-check';
import { addDays, msOf, seeded, toSI } from '../../base';
import { runs } from '../../testing/runs';
import {
  type Duty,
  crossings,
  dutyBand,
  historyOf,
  sampleFutures,
  towWeeks,
  UNTOLD,
  type Futures,
  type PlannedTrip,
  type TowWeek,
} from '..';
import { foldEntries, makeEntry, makeVoid } from '../../log';
import { sampleModel } from '../../testing/arbitraries';
import { calibrate } from '../../testing/calibrate';

const NOW = '2026-05-16T12:00:00.000Z';
const mi = (value: number) => toSI(value, 'mi');

/** Two years of weeks, towed in the warm months. */
const SUMMERS: readonly TowWeek[] = Array.from({ length: 104 }, (_, i) => {
  const month = Math.floor((4.5 + (i - 104) / 4.345 + 48) % 12);
  const towed = month >= 5 && month <= 8 && i % 2 === 0;
  return { month, distance: towed ? mi(60 + (i % 5) * 20) : 0, launches: towed ? 1 : 0 };
});

function futures(
  history: readonly TowWeek[],
  planned: readonly PlannedTrip[] = [],
  count = 300,
  seed = 7,
): Futures {
  return sampleFutures(history, { now: NOW, weeks: 104, count, prior: UNTOLD, planned }, seeded(seed));
}

const duty = (meters: Duty['meters']): Pick<Duty, 'meters' | 'from'> => ({ meters, from: undefined });
const distance = (limit: number, used = 0): Duty['meters'][number] => ({
  meter: 'distance',
  used: mi(used),
  limit: mi(limit),
  soon: mi(limit) * 0.9,
  overdue: mi(limit) * 1.1,
  basis: 'house',
  atLeast: false,
});
const days = (limit: number, used: number): Duty['meters'][number] => ({
  meter: 'days',
  used,
  limit,
  soon: limit * 0.9,
  overdue: limit * 1.1,
  basis: 'house',
  atLeast: false,
});

describe('history', () => {
  test('whole weeks, the latest last, each with what was towed in it', () => {
    const trips = [
      { at: addDays(NOW, -1), distance: 100, launches: 1 },
      { at: addDays(NOW, -2), distance: 50, launches: 0 },
      { at: addDays(NOW, -13), distance: 7, launches: 0 },
      { at: addDays(NOW, -400), distance: 9999, launches: 9 },
    ];
    const weeks = towWeeks(trips, addDays(NOW, -30), NOW);
    expect(weeks.map((week) => week.distance)).toEqual([0, 0, 7, 150]);
    expect(weeks[3]).toMatchObject({ launches: 1, month: 4 });
    expect(towWeeks(trips, NOW, NOW)).toEqual([]);
  });

  test('a log gives it, without trips that were withdrawn or are of another rig', () => {
    const RIG = '0196d000-0000-7000-8000-0000000000aa';
    const stamp = (n: number, back: number, rig = RIG) => ({
      id: `0196d000-0000-7000-8000-00000000000${n}`,
      rig,
      happened: addDays(NOW, -back),
      recorded: addDays(NOW, -back),
    });
    const wrong = makeEntry('trip', stamp(3, 3), { distance: 500, launches: 0 });
    const fold = foldEntries([
      makeEntry('rig.setup', stamp(1, 21), { model: sampleModel({}) }),
      makeEntry('trip', stamp(2, 9), { distance: 1000, launches: 2 }),
      wrong,
      makeVoid(wrong, [], '0196d000-0000-7000-8000-000000000004', addDays(NOW, -1)),
      makeEntry('trip', stamp(5, 2, '0196d000-0000-7000-8000-0000000000bb'), { distance: 77, launches: 0 }),
    ]);
    expect(historyOf(fold, RIG, NOW).map((week) => week.distance)).toEqual([0, 1000, 0]);
    expect(historyOf(fold, 'nobody', NOW)).toEqual([]);
  });
});

describe('futures', () => {
  test('the same seed gives the same futures, another seed others', () => {
    expect(futures(SUMMERS)).toEqual(futures(SUMMERS));
    expect(futures(SUMMERS, [], 300, 8).distance).not.toEqual(futures(SUMMERS).distance);
  });

  test('meters never run back', () => {
    const { distance: run, launches, weeks, count } = futures(SUMMERS, [], 40);
    for (let future = 0; future < count; future++)
      for (let week = 1; week < weeks; week++) {
        const at = future * weeks + week;
        expect((run[at] ?? 0) >= (run[at - 1] ?? 0) && (launches[at] ?? 0) >= (launches[at - 1] ?? 0)).toBe(
          true,
        );
      }
  });

  test('an owner of summers is not seen on the road in January', () => {
    const { distance: run, weeks, count } = futures(SUMMERS);
    const week = (future: number, at: number) =>
      (run[future * weeks + at] ?? 0) - (run[future * weeks + at - 1] ?? 0);
    const share = (at: number) =>
      Array.from({ length: count }, (_, future) => (week(future, at) > 0 ? 1 : 0) as number).reduce(
        (a, b) => a + b,
        0,
      ) / count;
    // Weeks from the middle of May: the eighth lies in July, the thirty-fifth in January.
    expect(share(8)).toBeGreaterThan(0.25);
    expect(share(35)).toBeLessThan(0.12);
  });

  test('a planned trip happens in every future; with nothing behind it says so', () => {
    const planned = [{ at: addDays(NOW, 3), distance: mi(400), launches: 2 }];
    const made = futures([], planned, 50);
    for (let future = 0; future < made.count; future++) {
      expect(made.distance[future * made.weeks]).toBe(mi(400));
      expect(made.launches[future * made.weeks]).toBe(2);
    }
    expect(made.basis).toBe('expected');
    expect(futures(SUMMERS).basis).toBe('history');
  });

  test('whoever expects to tow more is forecast to tow more, while there is no history', () => {
    const mean = (yearly: number) => {
      const about = { now: NOW, weeks: 52, count: 400, prior: { yearly: mi(yearly), launches: 0 } };
      const made = sampleFutures([], about, seeded(3));
      const ends = Array.from({ length: 400 }, (_, f) => made.distance[f * 52 + 51] ?? 0);
      return ends.reduce((a, b) => a + b, 0) / 400;
    };
    expect(mean(4000)).toBeGreaterThan(mean(1500) * 1.5);
    expect(mean(2000)).toBeGreaterThan(mi(1000));
    expect(mean(2000)).toBeLessThan(mi(3500));
  });
});

describe('bands', () => {
  const sampled = futures(SUMMERS, [], 600);

  test('early is not after likely, likely not after late; a nearer limit is never later', () => {
    const at = (when: string | undefined) => (when === undefined ? Infinity : msOf(when));
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 6000 }), fc.integer({ min: 1, max: 3000 }), (limit, more) => {
        const near = dutyBand(duty([distance(limit)]), sampled);
        const far = dutyBand(duty([distance(limit + more)]), sampled);
        expect(at(near?.early)).toBeLessThanOrEqual(at(near?.likely));
        expect(at(near?.likely)).toBeLessThanOrEqual(at(near?.late));
        expect(at(near?.likely)).toBeLessThanOrEqual(at(far?.likely));
        expect(at(near?.late)).toBeLessThanOrEqual(at(far?.late));
      }),
    );
  });

  test('days run by themselves: the date is one, and it comes first where miles are far off', () => {
    const when = addDays(NOW, 40);
    expect(dutyBand(duty([days(365, 325)]), sampled)).toMatchObject({
      early: when,
      likely: when,
      late: when,
    });
    expect(dutyBand(duty([distance(90_000), days(365, 325)]), sampled)).toMatchObject({
      early: when,
      likely: when,
      late: when,
    });
  });

  test('a date by days is counted from the work itself, to the hour', () => {
    const work = { entry: 'x', at: addDays(NOW, -13.96) };
    const when = addDays(work.at, 365);
    const band = dutyBand({ meters: [days(365, 13)], from: work }, sampled);
    expect(band?.likely && Math.abs(msOf(band.likely) - msOf(when))).toBeLessThan(1000);
  });

  test('what is reached is due now; what no future reaches has no date; without a record there is no band', () => {
    expect(dutyBand(duty([distance(100, 120)]), sampled)).toMatchObject({
      early: NOW,
      likely: NOW,
      late: NOW,
    });
    expect(dutyBand(duty([distance(900_000)]), sampled)).toEqual({
      early: undefined,
      likely: undefined,
      late: undefined,
      towed: {},
    });
    expect(dutyBand(duty([]), sampled)).toBeUndefined();
  });

  test('more planned miles never make a duty less near', () => {
    const trip = (miles: number) => [{ at: addDays(NOW, 10), distance: mi(miles), launches: 0 }];
    const week = (miles: number) => [...crossings(futures(SUMMERS, trip(miles)), 'distance', mi(900))];
    const few = week(100);
    week(800).forEach((at, i) => expect(at).toBeLessThanOrEqual(few[i] ?? Infinity));
  });
});

test('the band that should hold eight truths of ten holds about eight, over owners whose future is known', () => {
  // A small run, loosely judged; the benchmark prints the figure of a large one.
  const owners = runs(240);
  const { held, owners: judged } = calibrate(owners, 120, seeded(11));
  expect(judged).toBe(owners);
  expect(held).toBeGreaterThan(0.65);
  expect(held).toBeLessThan(0.93);
});

test('a band says how far it will have been towed by then: the limit where miles are the limit, the spread of futures else', () => {
  const made = futures(SUMMERS);
  const byMiles = dutyBand(duty([distance(2000, 500)]), made);
  expect(byMiles?.towed.likely).toBeCloseTo(mi(1500), 3);
  const byDays = dutyBand(duty([days(365, 65)]), made);
  const { early = 0, likely = 0, late = 0 } = byDays?.towed ?? {};
  expect(early).toBeLessThan(likely);
  expect(likely).toBeLessThan(late);
  expect(dutyBand(duty([distance(500, 500)]), made)?.towed).toEqual({ early: 0, likely: 0, late: 0 });
});
