import fc from 'fast-check';
import { runs } from '@/core/testing/runs';
import { parseRecording, player } from '.';
import type { Told } from '../instrument';

const CSV = `at,what,place,value,unit
2026-05-16T14:00:00Z,pressure,1L,65,psi
2026-05-16T14:00:20Z,hub-temp,2R,118,°F
2026-05-16T14:00:40Z,air,,295.2,
`;

test('CSV with units, moments and places; the first moment is where it begins', () => {
  const { points, refused } = parseRecording(CSV);
  expect(refused).toEqual([]);
  expect(
    points.map((one) => one.is === 'sample' && [one.sample.what, one.sample.place, one.sample.at]),
  ).toEqual([
    ['pressure', '1L', 0],
    ['hub-temp', '2R', 20_000],
    ['air', 'rig', 40_000],
  ]);
  const [first] = points;
  expect(first?.is === 'sample' && first.sample.value).toBeCloseTo(448_159, 0);
});

test('lines of JSON, seconds, and places on the way', () => {
  const { points, refused } = parseRecording(
    '{"at": 10, "what": "position", "lat": 47.1, "lon": -91.2}\n{"at": 4, "what": "distance", "value": 3, "unit": "mi"}\n',
  );
  expect(refused).toEqual([]);
  expect(points).toMatchObject([
    { is: 'sample', sample: { what: 'distance', at: 0 } },
    { is: 'fix', fix: { lat: 47.1, lon: -91.2, accuracy: 10, at: 6_000 } },
  ]);
});

test.each([
  ['at,what,place,value\n,pressure,1L,65', 'no-time'],
  ['at,what,place,value\n1,mood,1L,65', 'no-channel'],
  ['at,what,place,value\n1,pressure,9Q,65', 'no-place'],
  ['at,what,place,value\n1,pressure,1L,soft', 'no-value'],
  ['at,what,place,value,unit\n1,pressure,1L,65,furlong', 'no-unit'],
  ['at,what,lat,lon\n1,position,47.1,', 'no-value'],
])('%j is left out: %s, with its line', (text, why) => {
  expect(parseRecording(text)).toEqual({ points: [], refused: [{ line: 2, why }] });
});

test('a line that is no JSON is told, the others are read', () => {
  const { points, refused } = parseRecording('{"at":1,"what":"air","value":290}\n{broken\n[1]\n');
  expect(points).toHaveLength(1);
  expect(refused).toEqual([
    { line: 2, why: 'not-json' },
    { line: 3, why: 'no-time' },
  ]);
});

test('any text at all is read or refused, never thrown', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string(),
        fc.json(),
        fc.string().map((text) => `at,what\n${text}`),
      ),
      (text) => {
        const { points } = parseRecording(text);
        const at = points.map((one) => (one.is === 'fix' ? one.fix.at : one.sample.at));
        expect(at).toEqual([...at].sort((a, b) => a - b));
      },
    ),
    { numRuns: runs(300) },
  );
});

test('played, it tells each figure at its time, with the name of its file, and its end', () => {
  jest.useFakeTimers();
  const told: Told[] = [];
  const stop = player(parseRecording(CSV), 'ride.csv', 1_000_000, 10).start((one) => told.push(one));
  jest.advanceTimersByTime(2_100);
  expect(told).toHaveLength(2);
  expect(told[1]).toMatchObject({
    told: 'sample',
    sample: { what: 'hub-temp', at: 1_020_000, from: { name: 'Recorded: ride.csv' } },
  });
  jest.advanceTimersByTime(3_000);
  expect(told.at(-1)).toEqual({ told: 'end' });
  stop();
  jest.useRealTimers();
});
