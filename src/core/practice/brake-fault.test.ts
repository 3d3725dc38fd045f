import fc from 'fast-check';
import { magnetCurrent } from '../figures';
import { sampleModel } from '../testing/arbitraries';
import {
  brakeDrill,
  brakeExpected,
  brakeFaultName,
  brakeReads,
  currentSays,
  soundCurrent,
} from './brake-fault';

const tandem = sampleModel({ axles: 2, brake: 'electric' });

test('worked: four sound magnets draw 14.07 A; with one open three do, 10.84 A', () => {
  const drill = brakeDrill(tandem, 1);
  if (!drill) throw new Error('it has electric brakes');
  expect(soundCurrent(drill)).toBeCloseTo(14.07, 1);
  const open = { kind: 'open', at: drill.ends[0], weight: 1 } as const;
  expect(brakeReads(drill, open, { test: 'current', at: undefined })).toBeCloseTo(
    magnetCurrent(drill.circuit, 3),
    6,
  );
  expect(currentSays(drill, 10.84)).toMatchObject({ count: 3, fault: 'some' });
  expect(brakeReads(drill, open, { test: 'ohms', at: drill.ends[0] })).toBeUndefined();
});

test('every fault is told from every other by some measurement, and by no fewer than the best expectation', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 9999 }), fc.constantFrom(1 as const, 2 as const), (seed, axles) => {
      const drill = brakeDrill(sampleModel({ axles, brake: 'electric' }), seed);
      if (!drill) throw new Error('it has electric brakes');
      const says = drill.choices.map((fault) =>
        drill.tests.map((test) => brakeReads(drill, fault, test)?.toFixed(1) ?? 'none').join(),
      );
      expect(new Set(says).size).toBe(drill.choices.length);
      expect(new Set(drill.choices.map(brakeFaultName)).size).toBe(drill.choices.length);
      const best = brakeExpected(drill);
      expect(best).toBeGreaterThanOrEqual(1);
      expect(best).toBeLessThan(drill.tests.length);
    }),
    { numRuns: 25 },
  );
  expect(brakeDrill(sampleModel({ axles: 1, brake: 'none' }), 1)).toBeUndefined();
});
