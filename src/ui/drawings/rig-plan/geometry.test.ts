import fc from 'fast-check';
import { wheelEnds } from '@/core/rig';
import { anyModel } from '@/core/testing/arbitraries';
import { planOf } from './geometry';
import type { Box } from './plan';

const apart = (a: Box, b: Box) =>
  a.x + a.width <= b.x || b.x + b.width <= a.x || a.y + a.height <= b.y || b.y + b.height <= a.y;

test.each(['left', 'up'] as const)(
  'every rig, tongue %s: a wheel at every end, inside the picture, none over another',
  (heading) => {
    fc.assert(
      fc.property(anyModel, (model) => {
        const plan = planOf(model, heading);
        expect(plan.wheels.map((wheel) => wheel.place)).toEqual(wheelEnds(model));
        const boxes = [...plan.wheels, ...plan.spares].map(({ box }) => box);
        boxes.forEach((box, i) => {
          expect(box.x).toBeGreaterThanOrEqual(0);
          expect(box.y).toBeGreaterThanOrEqual(0);
          expect(box.x + box.width).toBeLessThanOrEqual(plan.width);
          expect(box.y + box.height).toBeLessThanOrEqual(plan.height);
          boxes.slice(i + 1).forEach((other) => expect(apart(box, other)).toBe(true));
        });
        for (const stroke of plan.strokes) expect(stroke.d).not.toMatch(/NaN|undefined/);
      }),
      { numRuns: 100 },
    );
  },
);

test('left is left, seen facing forward', () => {
  const model = fc.sample(anyModel, { numRuns: 1, seed: 3 })[0];
  if (!model) throw new Error('no model');
  const at = (heading: 'left' | 'up', place: string) =>
    planOf(model, heading).wheels.find((wheel) => wheel.place === place)?.box;
  expect(at('up', '1L')?.x).toBeLessThan(at('up', '1R')?.x ?? 0);
  expect(at('left', '1L')?.y).toBeGreaterThan(at('left', '1R')?.y ?? 0);
});
