import fc from 'fast-check';
import { fewestTests } from './fewest';

/** The same by going through every order with nothing kept: slow, and plain. */
function plainly(
  weights: readonly number[],
  tells: readonly (readonly string[])[],
  left: readonly number[],
): number {
  const weigh = (of: readonly number[]) => of.reduce((sum, i) => sum + (weights[i] ?? 0), 0);
  const costs = tells.flatMap((says) => {
    const parts = [...new Set(left.map((i) => says[i]))].map((said) => left.filter((i) => says[i] === said));
    if (parts.length < 2) return [];
    return [
      parts.reduce((sum, part) => sum + (weigh(part) / weigh(left)) * plainly(weights, tells, part), 1),
    ];
  });
  return costs.length > 0 ? Math.min(...costs) : 0;
}

const anySearch = fc.integer({ min: 1, max: 6 }).chain((causes) =>
  fc.record({
    weights: fc.array(fc.integer({ min: 1, max: 9 }), { minLength: causes, maxLength: causes }),
    tells: fc.array(fc.array(fc.constantFrom('yes', 'no', 'dim'), { minLength: causes, maxLength: causes }), {
      maxLength: 4,
    }),
  }),
);

test('the fewest tests are those of every order gone through', () => {
  fc.assert(
    fc.property(anySearch, ({ weights, tells }) => {
      const all = weights.map((_, i) => i);
      expect(fewestTests(weights, tells)).toBeCloseTo(plainly(weights, tells, all), 9);
    }),
  );
});

test('worked: of four alike two tests are needed; what is likely is asked for first', () => {
  const halves = [
    ['a', 'a', 'b', 'b'],
    ['a', 'b', 'a', 'b'],
  ];
  expect(fewestTests([1, 1, 1, 1], halves)).toBe(2);
  const oneByOne = [
    ['yes', 'no', 'no'],
    ['no', 'yes', 'no'],
  ];
  expect(fewestTests([8, 1, 1], oneByOne)).toBeCloseTo(1 + 0.2);
  expect(fewestTests([3, 4], [['same', 'same']])).toBe(0);
  expect(fewestTests([3], [])).toBe(0);
});
