import fc from 'fast-check';
import { normal, seeded } from '../../base';
import { runs } from '../../testing/runs';
import { NO_TRACK, track, type Fix, type Track } from '..';

const HOME = { lat: 47.1, lon: -91.3 };
const RAD = Math.PI / 180;
const EARTH = 6_371_000;

interface Spot {
  readonly t: number;
  readonly x: number;
  readonly y: number;
}

/** Fixes of a way, once a second: an error that wanders, a little noise on top, and now and then one from somewhere else. */
function recorded(
  way: readonly Spot[],
  seed: number,
  { wander = 4, odd = 0.002, speed = false } = {},
): readonly Fix[] {
  const random = seeded(seed);
  let [ex, ey] = [wander * normal(random), wander * normal(random)];
  return way.map(({ t, x, y }, i) => {
    // Wanders over some 40 s, as a receiver among trees does.
    const keep = Math.exp(-1 / 40);
    ex = keep * ex + wander * Math.sqrt(1 - keep ** 2) * normal(random);
    ey = keep * ey + wander * Math.sqrt(1 - keep ** 2) * normal(random);
    const far = random() < odd ? 400 : 0;
    const [px, py] = [x + ex + 0.6 * normal(random) + far, y + ey + 0.6 * normal(random)];
    const before = way[i - 1];
    return {
      at: t * 1000,
      lat: HOME.lat + py / EARTH / RAD,
      lon: HOME.lon + px / (EARTH * Math.cos(HOME.lat * RAD)) / RAD,
      accuracy: 5 + 3 * random(),
      ...(speed && before && { speed: Math.hypot(x - before.x, y - before.y) + 0.1 * normal(random) }),
    };
  });
}

/** A road that winds: its curvature swings between bends of some 70 m and straights; known to the meter. */
function winding(meters: number, pace: (s: number) => number): readonly Spot[] {
  const spots: Spot[] = [];
  let [s, x, y, heading] = [0, 0, 0, 0];
  for (let t = 0; s < meters; t++) {
    spots.push({ t, x, y });
    const v = Math.min(pace(s), meters - s);
    for (let k = 0; k < 10; k++) {
      heading += (v / 10) * (1 / 70) * Math.sin((s + (k * v) / 10) / 110);
      x += (v / 10) * Math.cos(heading);
      y += (v / 10) * Math.sin(heading);
    }
    s += v;
  }
  return spots;
}

const along = (fixes: readonly Fix[], from: Track = NO_TRACK) => fixes.reduce(track, from);
const standing = (seconds: number, { x, y }: Pick<Spot, 'x' | 'y'>, from = 0): readonly Spot[] =>
  Array.from({ length: seconds }, (_, i) => ({ t: from + i, x, y }));

test.each([1, 2, 3, 4, 5, 6])('a winding road of 20 km is told within 2 %% (recording %i)', (seed) => {
  const way = winding(20_000, () => 16);
  const { distance } = along(recorded(way, seed));
  expect(Math.abs(distance / 20_000 - 1)).toBeLessThan(0.02);
});

test.each([1, 2, 3])('with the device telling its own speed as well (recording %i)', (seed) => {
  const way = winding(20_000, (s) => 14 + 8 * Math.sin(s / 900));
  const { distance } = along(recorded(way, seed, { speed: true }));
  expect(Math.abs(distance / 20_000 - 1)).toBeLessThan(0.02);
});

test('parked for an hour it adds nothing, however the position drifts', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 1_000_000 }), (seed) => {
      expect(along(recorded(standing(3600, { x: 0, y: 0 }), seed)).distance).toBe(0);
    }),
    { numRuns: runs(20) },
  );
});

test('a stop on the way adds nothing to it', () => {
  const out = winding(8_000, () => 15);
  const last = out.at(-1) ?? { t: 0, x: 0, y: 0 };
  const rest = standing(1800, last, last.t + 1);
  const on = out.map(({ t, x, y }) => ({ t: t + last.t + 1801, x: x + last.x, y: y + last.y }));
  const { distance } = along(recorded([...out, ...rest, ...on], 7));
  expect(Math.abs(distance / 16_000 - 1)).toBeLessThan(0.02);
});

test('through a tunnel it is the straight way, never more than was driven', () => {
  const way = winding(12_000, () => 18);
  const tunnel = (t: number) => t > 200 && t < 260;
  const seen = recorded(way, 9).filter((_, i) => !tunnel(i));
  const { distance } = along(seen);
  expect(distance).toBeLessThan(12_000 * 1.02);
  expect(distance).toBeGreaterThan(12_000 * 0.9);
});

test('lost while it stood, and found again at the same spot: nothing', () => {
  const before = standing(60, { x: 0, y: 0 });
  const after = standing(60, { x: 3, y: -4 }, 4000);
  expect(along(recorded([...before, ...after], 3)).distance).toBe(0);
});

test('vague, impossible and backward fixes are left out and counted', () => {
  const good = recorded(
    winding(3_000, () => 15),
    5,
  );
  const bad: readonly Fix[] = [
    { at: 500, lat: NaN, lon: 0, accuracy: 5 },
    { at: 900, lat: HOME.lat, lon: HOME.lon, accuracy: 900 },
    { at: 900, lat: 95, lon: HOME.lon, accuracy: 5 },
    { at: -10_000, lat: HOME.lat, lon: HOME.lon, accuracy: 5 },
  ];
  const [first, ...rest] = good;
  if (!first) throw new Error('no fix');
  const { distance, refused } = along([first, ...bad, ...rest]);
  expect(refused).toBeGreaterThanOrEqual(bad.length);
  expect(Math.abs(distance / 3_000 - 1)).toBeLessThan(0.03);
});

test('any fixes in any order: miles never run backwards and are never nonsense', () => {
  const fix = fc.record({
    at: fc.integer({ min: 0, max: 1e7 }),
    lat: fc.double({ min: -100, max: 100 }),
    lon: fc.double({ min: -200, max: 200 }),
    accuracy: fc.double({ min: -5, max: 200 }),
  });
  fc.assert(
    fc.property(fc.array(fix, { maxLength: 60 }), (fixes) => {
      let before = NO_TRACK;
      for (const one of fixes) {
        const next = track(before, one);
        expect(next.distance).toBeGreaterThanOrEqual(before.distance);
        expect(Number.isFinite(next.distance)).toBe(true);
        before = next;
      }
    }),
    { numRuns: runs(200) },
  );
});
