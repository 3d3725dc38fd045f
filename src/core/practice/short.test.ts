import fc from 'fast-check';
import { leakBetween, PERMEATION } from '../figures';
import { dragAt, dragDrill, dragOutcome, leakDrill, tongueDrill, tongueRight, tongueShare } from './short';

const seeds = fc.integer({ min: 1, max: 99_999 });

test('a leak loses more than rubber lets through and a gauge can be off; weather does not', () => {
  fc.assert(
    fc.property(seeds, (seed) => {
      const { first, second, truth } = leakDrill(seed);
      const leak = leakBetween(first, second);
      if (!leak) throw new Error('days lie between');
      if (truth === 'leak') expect(leak.least).toBeGreaterThan(0);
      else expect(leak.least).toBeLessThan(first.pressure * PERMEATION);
    }),
  );
});

test('a load out of place has a place that is right, and does not begin there', () => {
  fc.assert(
    fc.property(seeds, fc.constantFrom('boat' as const, 'utility' as const), (seed, kind) => {
      const drill = tongueDrill(kind, seed);
      const here = drill.loads[drill.moved]?.at ?? 0;
      expect(tongueRight(drill, tongueShare(drill, here))).toBe(false);
      const { from, to } = drill.floor;
      const places = Array.from({ length: 200 }, (_, i) => from + ((to - from) * i) / 199);
      expect(places.some((at) => tongueRight(drill, tongueShare(drill, at)))).toBe(true);
      // Further back is always lighter on the tongue.
      expect(tongueShare(drill, from)).toBeGreaterThan(tongueShare(drill, to));
    }),
  );
});

test('clicks bring the shoes on: nothing, a light drag, and then it binds', () => {
  fc.assert(
    fc.property(seeds, (seed) => {
      const drill = dragDrill(seed);
      const grades = Array.from({ length: 40 }, (_, clicks) => dragOutcome(drill, clicks).grade);
      expect(grades[0]).toBe('none');
      expect(grades).toContain('even');
      expect(grades[39]).toBe('binds');
      const order = ['none', 'even', 'binds'];
      expect(grades.map((grade) => order.indexOf(grade))).toEqual(
        [...grades.map((grade) => order.indexOf(grade))].sort(),
      );
      expect(dragAt(drill, 20, 0)).toBeGreaterThanOrEqual(dragAt(drill, 20, 0.5));
    }),
  );
});
