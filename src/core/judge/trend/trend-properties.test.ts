import fc from 'fast-check';
import { ONE_TEMPERATURE, pressureAt } from '../../figures';
import { DAY_MS, toSI } from '../../base';
import { heatTrend, leakTrend, wearPattern, wearTrend, type Point } from '..';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const START = Date.parse('2026-04-01T12:00:00.000Z');
const point = (day: number, value: number, more: Partial<Point> = {}): Point => ({
  entry: `e${day}`,
  at: new Date(START + day * DAY_MS).toISOString(),
  day: START / DAY_MS + day,
  distance: day * 50_000,
  value,
  ...more,
});
const at = (day: number) => new Date(START + day * DAY_MS).toISOString();

/** Days of looks, some apart, with the air and altitude of each. */
const looks = fc
  .array(
    fc.record({
      gap: fc.integer({ min: 3, max: 14 }),
      air: fc.double({ min: -5, max: 100, noNaN: true }),
      altitude: fc.constantFrom(0, 300, 1800),
    }),
    { minLength: 5, maxLength: 12 },
  )
  .map((all) => {
    let day = 0;
    return all.map(({ gap, air, altitude }) => ({ day: (day += gap), air, altitude }));
  });

const read = (perMonth: number, { day, air, altitude }: { day: number; air: number; altitude: number }) =>
  point(
    day,
    pressureAt(
      psi(65 - (perMonth * day) / 30),
      { temperature: ONE_TEMPERATURE },
      { temperature: F(air), altitude },
    ),
    { air: F(air), altitude, tires: 'cold' },
  );

test('a tire that loses nothing is never called, in any weather and at any height', () => {
  fc.assert(
    fc.property(looks, (days) => {
      const { status } = leakTrend(
        days.map((one) => read(0, one)),
        [],
        psi(65),
        at(days.at(-1)?.day ?? 0),
      );
      expect(['steady', 'few']).toContain(status);
    }),
  );
});

test('a leak is told at its own rate, whatever the weather, and its band holds it', () => {
  fc.assert(
    fc.property(looks, fc.double({ min: 0.5, max: 4, noNaN: true }), (days, perMonth) => {
      const trend = leakTrend(
        days.map((one) => read(perMonth, one)),
        [],
        psi(65),
        at(days.at(-1)?.day ?? 0),
      );
      if (trend.status === 'few') return;
      expect((trend.rate ?? 0) / psi(1)).toBeCloseTo(perMonth, 4);
      expect(trend.low).toBeLessThanOrEqual(trend.rate ?? 0);
      expect(trend.high).toBeGreaterThanOrEqual(trend.rate ?? 0);
    }),
  );
});

test('the date it comes to its limit lies between the earliest and the latest', () => {
  fc.assert(
    fc.property(looks, fc.double({ min: 2, max: 5, noNaN: true }), (days, perMonth) => {
      const { crosses } = leakTrend(
        days.map((one) => read(perMonth, one)),
        [],
        psi(65),
        at(days.at(-1)?.day ?? 0),
      );
      if (!crosses) return;
      expect(crosses.early <= crosses.likely).toBe(true);
      if (crosses.late) expect(crosses.likely <= crosses.late).toBe(true);
    }),
  );
});

test('warm weather, a fast road or a heavy load heat both hubs of an axle, and call neither', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 95, max: 165, noNaN: true }), { minLength: 9, maxLength: 20 }),
      fc.double({ min: -12, max: 12, noNaN: true }),
      (stops, apart) => {
        const hub = stops.map((heat, i) => point(i * 7, F(heat + apart), { air: F(70) }));
        const mate = stops.map((heat, i) => point(i * 7, F(heat), { air: F(70) }));
        expect(heatTrend(hub, mate, -Infinity).status).toBe('steady');
      },
    ),
  );
});

test('of two hubs of an axle at most one is called', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -30, max: 30, noNaN: true }), { minLength: 9, maxLength: 16 }),
      (overs) => {
        const hub = overs.map((over, i) => point(i * 7, F(115 + over), { air: F(70) }));
        const mate = overs.map((_, i) => point(i * 7, F(115), { air: F(70) }));
        const called = [heatTrend(hub, mate, -Infinity), heatTrend(mate, hub, -Infinity)];
        expect(called.filter(({ status }) => status === 'rising').length).toBeLessThanOrEqual(1);
      },
    ),
  );
});

test('the road left is never less than the least told, and none is told of what does not wear', () => {
  fc.assert(
    fc.property(fc.double({ min: 0, max: 0.00008, noNaN: true }), (perLook) => {
      const points = [0, 1, 2, 3, 4, 5].map((i) =>
        point(i * 30, 0.0065 - i * perLook, { tire: 't', rolled: i * toSI(900, 'mi') }),
      );
      const { left, rate = 0 } = wearTrend('tread', points);
      if (left) expect(left.least).toBeLessThanOrEqual(left.likely);
      if (perLook === 0) expect(left).toBeUndefined();
      expect(rate).toBeGreaterThanOrEqual(-1e-9);
    }),
  );
});

test('a pattern is the same tread seen from the other side', () => {
  const depth = fc.double({ min: 0, max: 0.008, noNaN: true });
  const mirrored = {
    inner: 'outer',
    outer: 'inner',
    even: 'even',
    edges: 'edges',
    middle: 'middle',
  } as const;
  fc.assert(
    fc.property(depth, depth, depth, (inner, middle, outer) => {
      expect(wearPattern(outer, middle, inner)).toBe(mirrored[wearPattern(inner, middle, outer)]);
    }),
  );
});
