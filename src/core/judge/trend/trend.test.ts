import fc from 'fast-check';
import { DAY_MS, addDays, msOf, seeded, fromSI, toSI } from '../../base';
import { ONE_TEMPERATURE, pressureAt } from '../../figures';
import { foldEntries, makeEntry, workOf, type Entry } from '../../log';
import { sampleModel } from '../../testing/arbitraries';
import { rateTrends } from '../../testing/seasons';
import {
  heatTrend,
  historyOfReadings,
  leakTrend,
  nutTrend,
  playTrend,
  pointsOf,
  strokeTrend,
  trendsAt,
  warns,
  wearPattern,
  wearTrend,
  type Point,
} from '..';
import { HOUSE_DEFAULT } from '../../rules';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const mi = (value: number) => toSI(value, 'mi');
const NOW = '2026-07-01T12:00:00.000Z';
const START = '2026-04-01T12:00:00.000Z';

function point(days: number, value: number, more: Partial<Point> = {}): Point {
  const at = addDays(START, days);
  return { entry: `e${days}`, at, day: msOf(at) / DAY_MS, distance: mi(days * 10), value, ...more };
}

/** A pressure as it reads in some air (°F) while the tire loses so many psi a month from 65. */
const reads = (days: number, perMonth: number, air: number) =>
  point(
    days,
    pressureAt(psi(65 - (perMonth * days) / 30), { temperature: ONE_TEMPERATURE }, { temperature: F(air) }),
    {
      air: F(air),
    },
  );

describe('a leak', () => {
  test('weather alone is none, however the pressure swings', () => {
    const swings = [0, 12, 25, 40, 55, 70].map((day, i) =>
      reads(day, 0.5, [40, 75, 55, 90, 62, 85][i] ?? 70),
    );
    const trend = leakTrend(swings, [], psi(65), NOW);
    expect(trend.status).toBe('steady');
    expect(fromSI(trend.rate ?? 0, 'psi')).toBeCloseTo(0.5, 1);
  });
  test('is told with its uncertainty and the days it comes to the limit', () => {
    const trend = leakTrend(
      [0, 10, 20, 30, 45, 60].map((day, i) => reads(day, 3, 50 + 7 * i)),
      [],
      psi(65),
      addDays(START, 60),
    );
    expect(trend.status).toBe('leaking');
    expect(fromSI(trend.rate ?? 0, 'psi')).toBeCloseTo(3, 1);
    expect(trend.low).toBeLessThan(trend.rate ?? 0);
    expect(trend.high).toBeGreaterThan(trend.rate ?? 0);
    // 59 psi now, 55.25 is the limit: 37.5 days on.
    const likely = (msOf(trend.crosses?.likely ?? '') - msOf(addDays(START, 60))) / DAY_MS;
    expect(likely).toBeCloseTo(37.5, 0);
    expect((trend.crosses?.early ?? '') < (trend.crosses?.likely ?? '')).toBe(true);
  });
  test('filling begins a new run and hides nothing', () => {
    const before = [0, 15, 30].map((day) => reads(day, 3, 70));
    const after = [32, 40, 50, 60].map((day) => ({
      ...reads(day - 32, 3, 70),
      ...point(day, reads(day - 32, 3, 70).value, { air: F(70) }),
    }));
    const set = [point(31, psi(65), { air: F(70) })];
    expect(leakTrend([...before, ...after], set, psi(65), addDays(START, 60)).status).toBe('leaking');
    expect(leakTrend([...before, ...after], [], psi(65), addDays(START, 60)).status).toBe('leaking');
  });
  test('two readings, or a few days, are few', () => {
    expect(leakTrend([reads(0, 5, 70), reads(30, 5, 70)], [], psi(65), NOW).status).toBe('few');
    expect(
      leakTrend(
        [0, 2, 4].map((day) => reads(day, 5, 70)),
        [],
        psi(65),
        NOW,
      ).status,
    ).toBe('few');
    expect(leakTrend([], [], psi(65), NOW).status).toBe('few');
  });
  test('readings taken warm are left out, those without air are doubted', () => {
    const warm = [0, 10, 20, 30].map((day) => ({ ...reads(day, 4, 70), tires: 'warm' as const }));
    expect(leakTrend(warm, [], psi(65), NOW).status).toBe('few');
    // Felt with a thermometer, a warm tire is as good as a cold one.
    const felt = [0, 10, 20, 30, 40].map((day) => ({
      ...reads(day, 4, 110),
      tires: 'warm' as const,
      tireTemp: F(110),
    }));
    expect(leakTrend(felt, [], psi(65), addDays(START, 40)).status).toBe('leaking');
    const bare = [0, 8, 16, 24].map((day) => ({ ...reads(day, 2, 70), air: undefined }));
    const told = [0, 8, 16, 24].map((day) => reads(day, 2, 70));
    const width = (points: readonly Point[]) => {
      const { high = 0, low = 0 } = leakTrend(points, [], psi(65), addDays(START, 24));
      return high - low;
    };
    expect(width(bare)).toBeGreaterThan(2 * width(told));
  });
  test('altitude is taken out', () => {
    const high = [0, 15, 30, 45].map((day, i) => {
      const altitude = i % 2 === 0 ? 0 : 2400;
      const read = pressureAt(
        psi(65),
        { temperature: ONE_TEMPERATURE },
        { temperature: ONE_TEMPERATURE, altitude },
      );
      return point(day, read, { air: ONE_TEMPERATURE, altitude });
    });
    expect(leakTrend(high, [], psi(65), NOW).status).toBe('steady');
  });
});

describe('a hub over its mate', () => {
  const series = (overs: readonly number[], mate = 105) =>
    [
      overs.map((over, i) => point(i * 7, F(mate + (i % 3) + over), { air: F(75) })),
      overs.map((_, i) => point(i * 7, F(mate + (i % 3)), { air: F(75) })),
    ] as const;
  const status = (overs: readonly number[]) => {
    const [hub, mate] = series(overs);
    return heatTrend(hub, mate, -Infinity).status;
  };
  test('few stops are few', () => expect(status([0, 1, 2, 20, 22, 24])).toBe('few'));
  test('a steady difference is steady, however large', () =>
    expect(status([14, 13, 15, 14, 12, 15, 14, 13, 14, 15])).toBe('steady'));
  test('a rise is seen well below 25 °F', () =>
    expect(status([1, -1, 2, 0, 1, 2, 3, 12, 18, 20, 22])).toBe('rising'));
  test('one hot stop is no trend', () => expect(status([1, -1, 2, 0, 1, 0, 2, 30, 1, 0])).toBe('steady'));
  test('a hub that was cooler and no longer is, is not called', () =>
    expect(status([-20, -21, -19, -20, -22, -20, -6, -5, -4])).toBe('steady'));
  test('what the sun does to a side is seen at the next hub of it', () => {
    const [hub, mate] = series([1, -1, 2, 0, 1, 2, 3, 20, 22, 24]);
    expect(heatTrend(hub, mate, -Infinity, [hub]).status).toBe('steady');
    expect(heatTrend(hub, mate, -Infinity, [mate]).status).toBe('rising');
  });
  test('opening a hub begins anew', () => {
    const [hub, mate] = series([1, -1, 2, 0, 1, 2, 3, 20, 22, 24]);
    expect(heatTrend(hub, mate, hub[6]?.day ?? 0).status).toBe('few');
  });
});

describe('wear', () => {
  const tread = (at: readonly (readonly [number, number])[]) =>
    at.map(([miles, thirtyseconds], i) =>
      point(i * 30, toSI(thirtyseconds / 32, 'in'), { rolled: mi(miles), tire: 'a' }),
    );
  test('per thousand miles, with the miles left', () => {
    const trend = wearTrend(
      'tread',
      tread([
        [0, 8],
        [2000, 7],
        [4000, 6],
        [6000, 5],
      ]),
    );
    expect(trend.status).toBe('wearing');
    expect(fromSI(trend.rate ?? 0, 'in') * 32).toBeCloseTo(0.5, 2);
    expect(fromSI(trend.left?.likely ?? 0, 'mi')).toBeCloseTo(6000, -1);
    expect(trend.left?.least).toBeLessThan(trend.left?.likely ?? 0);
  });
  test('another tire begins anew', () => {
    const old = tread([
      [0, 4],
      [2000, 3],
    ]);
    const fresh = tread([
      [0, 8],
      [100, 8],
    ]).map((one) => ({ ...one, tire: 'b', entry: `n${one.entry}` }));
    expect(wearTrend('tread', [...old, ...fresh]).dots).toHaveLength(2);
    expect(wearTrend('tread', [...old, ...fresh]).status).toBe('few');
  });
  test('what does not wear has no end', () =>
    expect(
      wearTrend(
        'tread',
        tread([
          [0, 8],
          [2000, 8],
          [4000, 8],
        ]),
      ),
    ).toMatchObject({ status: 'hardly', left: undefined }));
  test.each([
    [6, 6, 6, 'even'],
    [6, 4, 6, 'middle'],
    [4, 6, 4, 'edges'],
    [3, 5, 6, 'inner'],
    [6, 5, 3, 'outer'],
  ])('%d, %d and %d thirty-seconds across are %s', (a, b, c, pattern) =>
    expect(wearPattern(...([a, b, c].map((n) => toSI(n / 32, 'in')) as [number, number, number]))).toBe(
      pattern,
    ),
  );
});

test('nuts that move at two of six looks keep moving', () => {
  const looks = (...results: ('held' | 'moved' | 'loose')[]) =>
    results.map((result, i) => ({ at: addDays(START, i), day: i, result }));
  expect(nutTrend(looks('held')).status).toBe('few');
  expect(nutTrend(looks('moved', 'held', 'held')).status).toBe('steady');
  expect(nutTrend(looks('moved', 'held', 'moved')).status).toBe('moving');
  expect(nutTrend(looks('moved', 'moved', 'held', 'held', 'held', 'held', 'held', 'held')).status).toBe(
    'steady',
  );
});

test('a hub that suddenly swallows grease, against its own past and the others', () => {
  const own = (...strokes: number[]) => strokes.map((value, i) => point(i * 60, value));
  const others = [own(4, 5, 4), own(4, 4, 5)];
  expect(strokeTrend(own(4, 5, 14), others).status).toBe('swallows');
  expect(strokeTrend(own(4, 5, 6), others).status).toBe('steady');
  // All of them swallowed: a long interval, no leak.
  expect(strokeTrend(own(4, 5, 14), [own(4, 5, 13), own(4, 4, 14)]).status).toBe('steady');
  expect(strokeTrend(own(4), []).status).toBe('few');
});

test('end play that grows at each look', () => {
  const plays = (...thousandths: number[]) => thousandths.map((t, i) => point(i * 200, toSI(t / 1000, 'in')));
  expect(playTrend(plays(3, 5, 8)).status).toBe('growing');
  expect(playTrend(plays(5, 4, 5)).status).toBe('steady');
  expect(playTrend(plays(3, 8)).status).toBe('few');
});

test('a season in which nothing is wrong is seldom called, a trouble nearly always before the plain limit', () => {
  const rates = rateTrends(25, seeded(11));
  expect(rates.leakFalse).toBeLessThan(0.08);
  expect(rates.heatFalse).toBeLessThan(0.06);
  expect(rates.leakFound).toBeGreaterThan(0.9);
  expect(rates.leakFirst).toBeGreaterThan(0.85);
  expect(rates.heatFound).toBeGreaterThan(0.85);
});

describe('the history of readings', () => {
  const RIG = '0196d000-0000-7000-8000-0000000000aa';
  const model = {
    ...sampleModel({ axles: 1 }),
    tires: { pressure: { value: psi(65), source: 'maker' as const } },
  };
  const stamp = (n: number, days: number) => ({
    id: `0196d000-0000-7000-8000-${String(n).padStart(12, '0')}`,
    rig: RIG,
    happened: addDays(START, days),
    recorded: addDays(START, days),
  });
  const entries: Entry[] = [
    makeEntry('rig.setup', stamp(1, 0), { model }),
    makeEntry('trip', stamp(2, 1), { distance: mi(100), launches: 0 }),
    makeEntry('reading', stamp(3, 2), {
      taken: [{ place: '1L', what: 'pressure', value: psi(64), by: 'gauge' }],
      around: { air: F(60), tires: 'cold' },
    }),
    makeEntry('work', stamp(4, 3), {
      ...workOf([{ routine: 'grease', place: '1L' }]),
      readings: [
        { place: '1L', what: 'strokes', value: 4 },
        { place: '1L', what: 'seal-number', value: 'YS-1' },
      ],
    }),
  ];
  test('brings together what work, walks and readings told, with the miles', () => {
    const history = historyOfReadings(foldEntries(entries), RIG);
    expect(pointsOf(history, 'pressure', '1L')).toMatchObject([
      { distance: mi(100), air: F(60), tires: 'cold' },
    ]);
    expect(pointsOf(history, 'strokes', '1L')).toMatchObject([{ value: 4 }]);
    expect(history.works).toMatchObject([{ routine: 'grease', place: '1L' }]);
    expect(pointsOf(history, 'seal-number', '1L')).toEqual([]);
  });
  test('is the same in whatever order entries arrive', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(entries, { minLength: entries.length }), (shuffled) => {
        expect(historyOfReadings(foldEntries(shuffled), RIG)).toEqual(
          historyOfReadings(foldEntries(entries), RIG),
        );
      }),
    );
  });
  test('every trend of a place is told, few as few, and warns of nothing', () => {
    const { trends } = trendsAt(
      historyOfReadings(foldEntries(entries), RIG),
      { model, house: HOUSE_DEFAULT },
      '1L',
      NOW,
    );
    expect(trends.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['leak', 'heat', 'wear', 'nuts', 'play']),
    );
    expect(trends.some(warns)).toBe(false);
  });
});
