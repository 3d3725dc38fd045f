import fc from 'fast-check';
import { mixing, THICKENERS } from '.';

const kinds = fc.constantFrom(...THICKENERS);

test('a grease goes with itself, and two with each other the same either way', () => {
  fc.assert(
    fc.property(kinds, kinds, (a, b) => {
      expect(mixing(a, b)).toBe(mixing(b, a));
      expect(mixing(a, a)).toBe('compatible');
    }),
  );
});

test.each([
  ['lithium-complex', 'lithium-12-hydroxy', 'compatible'],
  ['calcium-sulfonate', 'lithium-complex', 'compatible'],
  ['lithium-12-hydroxy', 'calcium-sulfonate', 'borderline'],
  ['lithium-complex', 'polyurea', 'not'],
  ['clay', 'lithium-complex', 'not'],
] as const)('%s with %s: %s', (a, b, mixed) => expect(mixing(a, b)).toBe(mixed));
