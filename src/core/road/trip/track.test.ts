import fc from 'fast-check';
import { readTrack, type TrackPoint } from '..';

const at = (minutes: number) => new Date(Date.UTC(2026, 4, 16, 9) + minutes * 60_000).toISOString();
/** A degree of latitude is 111.2 km. */
const north = (km: number, minutes: number, height?: number): TrackPoint => ({
  lat: 44 + km / 111.195,
  lon: -93,
  at: at(minutes),
  height,
});

test('a track along a meridian is as long as its ends are apart, and its hills are what rises', () => {
  const points = Array.from({ length: 61 }, (_, i) => north(i, i, i < 30 ? i * 10 : 300 - (i - 30) * 10));
  const read = readTrack(points);
  expect(read.distance).toBeGreaterThan(59_500);
  expect(read.distance).toBeLessThan(60_100);
  expect(read.climbed).toBeGreaterThan(280);
  expect(read.climbed).toBeLessThan(310);
  expect(read).toMatchObject({ stops: 0, jumps: 0, started: at(0), ended: at(60) });
});

test('a stop is one, however the receiver wanders meanwhile', () => {
  const out = Array.from({ length: 11 }, (_, i) => north(i, i));
  const stood = Array.from({ length: 20 }, (_, i) => ({ ...north(10, 11 + i), lon: -93 + (i % 3) * 0.0001 }));
  const on = Array.from({ length: 10 }, (_, i) => north(11 + i, 32 + i));
  const read = readTrack([...out, ...stood, ...on]);
  expect(read.stops).toBe(1);
  expect(read.stopped).toBeGreaterThanOrEqual(19);
  expect(read.distance).toBeGreaterThan(19_700);
  expect(read.distance).toBeLessThan(20_400);
});

test('jumps are left out and counted, with times and without; what is no place on Earth is none', () => {
  const points = [north(0, 0), north(1, 1), north(400, 2), north(2, 3), north(3, 4)];
  expect(readTrack(points)).toMatchObject({ jumps: 2 });
  expect(readTrack(points).distance).toBeLessThan(4000);
  const bare = points.map(({ lat, lon }) => ({ lat, lon }));
  expect(readTrack(bare)).toMatchObject({ jumps: 2, started: undefined, climbed: undefined });
  expect(readTrack([...points, { lat: 944, lon: 3 }]).distance).toBe(readTrack(points).distance);
  expect(readTrack([])).toMatchObject({ distance: 0, jumps: 0 });
});

test('noise of some meters adds at most a few in a hundred, whatever its seed', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: -5, max: 5, noNaN: true }), { minLength: 100, maxLength: 100 }),
      (noise) => {
        const points = noise.map((off, i) => ({ ...north(i * 0.3, i * 0.3), lon: -93 + off / 80_000 }));
        const { distance } = readTrack(points);
        expect(distance).toBeGreaterThan(29_000);
        expect(distance).toBeLessThan(30_900);
      },
    ),
  );
});
