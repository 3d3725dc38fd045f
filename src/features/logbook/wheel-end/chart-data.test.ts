import { DAY_MS, toSI } from '@/core/base';
import {
  heatTrend,
  leakTrend,
  nutTrend,
  playTrend,
  strokeTrend,
  wearTrend,
  type Point,
  type WorkDone,
} from '@/core/judge';
import { chartOf, reach } from './chart-data';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');
const NOW = '2026-07-01T12:00:00.000Z';
const START = Date.parse('2026-04-01T12:00:00.000Z');
const point = (day: number, value: number, more: Partial<Point> = {}): Point => ({
  entry: `e${day}`,
  at: new Date(START + day * DAY_MS).toISOString(),
  day: START / DAY_MS + day,
  distance: toSI(day * 40, 'mi'),
  value,
  air: F(70),
  ...more,
});
const work = (entry: string, day: number, routine: WorkDone['routine']): WorkDone => ({
  entry,
  at: point(day, 0).at,
  day,
  distance: 0,
  routine,
  place: '1L',
});
const about = {
  works: [work('w1', 20, 'repack'), work('w1', 20, 'brake-adjust'), work('w2', 40, 'grease')],
  target: psi(65),
  window: { min: 0.0000254, max: 0.000254, basis: 'maker' as const },
  now: NOW,
};
const days = [0, 20, 40, 60, 80];

test('pressures at one temperature, with target, limit, and the line they lie along', () => {
  const points = days.map((day) => point(day, psi(65 - day / 20)));
  const chart = chartOf(leakTrend(points, [], psi(65), NOW), about, 'us');
  expect(chart?.unit).toBe('psi');
  expect(chart?.dots.map(({ y }) => Math.round(y))).toEqual([65, 64, 63, 62, 61]);
  expect(chart?.limits.map(({ y, kind }) => [Math.round(y * 100) / 100, kind])).toEqual([
    [65, 'target'],
    [55.25, 'due'],
  ]);
  expect(chart?.line).toHaveLength(3);
  expect(chart?.dots[0]?.label).toContain('65.0 psi at 70 °F');
  const metric = chartOf(leakTrend(points, [], psi(65), NOW), about, 'metric');
  expect(metric?.unit).toBe('bar');
  expect(metric?.dots[0]?.y).toBeCloseTo(4.48, 1);
});

test('a reading without its air is drawn hollow, and says so', () => {
  const chart = chartOf(
    leakTrend(
      days.map((day) => point(day, psi(64), { air: undefined })),
      [],
      psi(65),
      NOW,
    ),
    { ...about, target: undefined },
    'us',
  );
  expect(chart?.dots.every(({ hollow }) => hollow)).toBe(true);
  expect(chart?.dots[0]?.label).toContain('air not known');
});

test('a hub over its mate in degrees of difference, with work and what is usual', () => {
  const stops = [0, 7, 14, 21, 28, 35, 42, 49, 56];
  const trend = heatTrend(
    stops.map((day) => point(day, F(110))),
    stops.map((day) => point(day, F(101))),
    -Infinity,
  );
  const chart = chartOf(trend, about, 'us');
  expect(chart?.dots.map(({ y }) => Math.round(y))).toEqual(stops.map(() => 9));
  expect(chart?.limits.map(({ y }) => Math.round(y))).toEqual([25, 40]);
  expect(chart?.band?.map(Math.round)).toEqual([6, 13]);
  expect(chart?.works.map(({ label }) => label)).toEqual(['Repack, brake adjustment', 'Grease']);
  expect(chartOf(trend, about, 'metric')?.limits.map(({ y }) => Math.round(y))).toEqual([14, 22]);
});

test('tread over the road, in thirty-seconds or millimetres', () => {
  const points = days.map((day) =>
    point(day, toSI((8 - day / 40) / 32, 'in'), { tire: 't', rolled: toSI(day * 40, 'mi') }),
  );
  const chart = chartOf(wearTrend('tread', points), about, 'us');
  expect(chart).toMatchObject({ by: 'distance', unit: '/32 in', xUnit: 'mi' });
  expect(chart?.dots.map(({ y }) => y.toFixed(1))).toEqual(['8.0', '7.5', '7.0', '6.5', '6.0']);
  expect(chart?.limits.map(({ y }) => Math.round(y))).toEqual([4, 2]);
  expect(chartOf(wearTrend('tread', points), about, 'metric')).toMatchObject({ unit: 'mm', xUnit: 'km' });
});

test('strokes and end play over time', () => {
  expect(
    chartOf(
      strokeTrend(
        days.map((day) => point(day, 4)),
        [],
      ),
      about,
      'us',
    )?.unit,
  ).toBe('strokes');
  const play = chartOf(playTrend(days.map((day) => point(day, 0.0001))), about, 'us');
  expect(play?.limits[0]?.y).toBeCloseTo(0.01, 4);
});

test('with fewer than two readings there is nothing to draw', () => {
  expect(chartOf(leakTrend([point(0, psi(65))], [], psi(65), NOW), about, 'us')).toBeUndefined();
  expect(chartOf(heatTrend([], [], -Infinity), about, 'us')).toBeUndefined();
  expect(chartOf(wearTrend('lining', []), about, 'us')).toBeUndefined();
  expect(chartOf(strokeTrend([], []), about, 'us')).toBeUndefined();
  expect(chartOf(playTrend([]), about, 'us')).toBeUndefined();
  expect(chartOf(nutTrend([]), about, 'us')).toBeUndefined();
});

test('an axis reaches over readings, limits and what is usual, with room', () => {
  const chart = chartOf(
    leakTrend(
      days.map((day) => point(day, psi(63))),
      [],
      psi(65),
      NOW,
    ),
    about,
    'us',
  );
  if (!chart) throw new Error('no chart');
  const [low, high] = reach(chart);
  expect(low).toBeLessThan(55.25);
  expect(high).toBeGreaterThan(65);
  const flat = reach({ ...chart, limits: [], dots: [{ x: 0, y: 4, label: '' }] });
  expect(flat[1]).toBeGreaterThan(flat[0]);
});
