import fc from 'fast-check';
import {
  formatInches,
  formatNumber,
  formatQuantity,
  fromSI,
  parseNumber,
  parseQuantity,
  toSI,
  unitFor,
  UNITS,
  type Dimension,
  type Unit,
} from '.';
import { runs } from '../testing/runs';

const anyUnit = fc.constantFrom(...(Object.keys(UNITS) as Unit[]));
const anySystem = fc.constantFrom('us' as const, 'metric' as const);
const anyDimension = fc.constantFrom<Dimension>(
  'distance',
  'length',
  'torque',
  'pressure',
  'temperature',
  'mass',
);

test('to SI and back is the same value', () => {
  fc.assert(
    fc.property(anyUnit, fc.double({ min: -1e6, max: 1e6, noNaN: true }), (unit, value) => {
      expect(fromSI(toSI(value, unit), unit)).toBeCloseTo(value, 6);
    }),
  );
});

test('what is shown is read back as what it was, to the precision shown', () => {
  fc.assert(
    fc.property(
      anyDimension,
      anySystem,
      fc.double({ min: 0, max: 5000, noNaN: true }),
      (dimension, system, value) => {
        const unit = unitFor(dimension, system);
        const shown = formatQuantity(toSI(value, unit), dimension, system, 3);
        const read = parseQuantity(`${shown.number} ${shown.unit}`, dimension, unit);
        if (!read.ok) throw new Error(`${shown.number} ${shown.unit}: ${read.error.code}`);
        expect(fromSI(read.value, unit)).toBeCloseTo(value, 2);
      },
    ),
  );
});

test('inches in sixteenths are written and read alike', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 16 * 40 }), (sixteenths) => {
      const metres = toSI(sixteenths / 16, 'in');
      const read = parseQuantity(`${formatInches(metres)} in`, 'length', 'in');
      if (!read.ok) throw new Error(formatInches(metres));
      expect(read.value).toBeCloseTo(metres, 9);
    }),
  );
});

test('a number with grouped thousands is read back', () => {
  fc.assert(
    fc.property(fc.integer({ min: -9_999_999, max: 9_999_999 }), (n) => {
      expect(parseNumber(formatNumber(n))).toEqual({ ok: true, value: n });
    }),
  );
});

test('whatever is typed is read or refused, never thrown, never NaN', () => {
  fc.assert(
    fc.property(
      fc.oneof(fc.string(), fc.string({ unit: fc.constantFrom(...'0123456789.,/- ½"') })),
      anyDimension,
      anySystem,
      (text, dimension, system) => {
        const read = parseQuantity(text, dimension, unitFor(dimension, system));
        if (read.ok) expect(Number.isFinite(read.value)).toBe(true);
      },
    ),
    { numRuns: runs(500) },
  );
});

test.each([
  ['110 ft-lb', 'torque', 149.139],
  ['150 Nm', 'torque', 150],
  ['2 1/4"', 'length', 0.05715],
  ['½ in', 'length', 0.0127],
  ['65 psi', 'pressure', 448_159.2],
  ['2,5 bar', 'pressure', 250_000],
  ['70 F', 'temperature', 294.261],
  ['12,000 miles', 'distance', 19_312_128],
] as const)('%s is understood', (text, dimension, si) => {
  const read = parseQuantity(text, dimension, unitFor(dimension, 'us'));
  expect(read.ok && read.value).toBeCloseTo(si, 1);
});

test.each([
  ['', 'empty'],
  ['tight', 'not-a-number'],
  ['1/0', 'not-a-number'],
  ['110 stone', 'unknown-unit'],
  ['110 psi', 'wrong-unit'],
] as const)('%j is refused as %s', (text, code) => {
  expect(parseQuantity(text, 'torque', 'lbf·ft')).toMatchObject({ ok: false, error: { code } });
});
