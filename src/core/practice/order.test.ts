import fc from 'fast-check';
import { HOUSE_DEFAULT } from '../rules';
import { anyModel, sampleModel } from '../testing/arbitraries';
import { breachesByStep, orderDrill, ORDERED, playOrder } from './order';

test('every rig gives eight steps that break a rule as they are laid out, and none as the card has them', () => {
  fc.assert(
    fc.property(anyModel, fc.integer({ min: 1, max: 9999 }), (model, seed) => {
      const drill = orderDrill(model, HOUSE_DEFAULT, seed);
      if (!drill) return;
      expect(drill.steps).toHaveLength(ORDERED);
      expect([...drill.start].sort()).toEqual(drill.steps.map(({ key }) => key).sort());
      expect(playOrder(drill, drill.start, model).length).toBeGreaterThan(0);
      expect(
        playOrder(
          drill,
          drill.steps.map(({ key }) => key),
          model,
        ),
      ).toEqual([]);
    }),
    { numRuns: 40 },
  );
});

test('what breaks is told step by step, each step once', () => {
  const model = sampleModel({ axles: 1 });
  const drill = orderDrill(model, HOUSE_DEFAULT, 4);
  if (!drill) throw new Error('a sample rig has work to order');
  const backward = drill.steps.map(({ key }) => key).reverse();
  const told = breachesByStep(playOrder(drill, backward, model), backward);
  expect(new Set(told.map(({ key }) => key)).size).toBe(told.length);
  const at = told.map(({ key }) => backward.indexOf(key)).filter((i) => i >= 0);
  expect(at).toEqual([...at].sort((a, b) => a - b));
  expect(orderDrill(model, HOUSE_DEFAULT, 4)).toEqual(drill);
});
