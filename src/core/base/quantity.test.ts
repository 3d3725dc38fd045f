import fc from 'fast-check';
import {
  formatInches,
  formatNumber,
  formatQuantity,
  fromSI,
  parseNumber,
  parseQuantity,
  toSI,
  UNITS,
  type Unit,
} from '.';

const units = Object.keys(UNITS) as Unit[];

describe('units', () => {
  test.each([
    [1, 'lbf·ft', 1.3558],
    [65, 'psi', 448159.2],
    [70, '°F', 294.2611],
    [10, 'mi', 16093.44],
    [2.25, 'in', 0.05715],
  ] as const)('%d %s is %d in SI', (value, unit, si) => {
    expect(toSI(value, unit) / si).toBeCloseTo(1, 4);
  });

  test('there and back is the same number, in every unit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.double({ min: -1e6, max: 1e6, noNaN: true }),
        (unit, value) => {
          expect(Math.abs(fromSI(toSI(value, unit), unit) - value)).toBeLessThan(1e-6);
        },
      ),
    );
  });
});

describe('reading what people type', () => {
  test.each([
    ['180', 180],
    ['1,240', 1240],
    ['2.5', 2.5],
    ['2,5', 2.5],
    ['2 1/4', 2.25],
    ['2-1/4', 2.25],
    ['3/8', 0.375],
    ['2½', 2.5],
    ['½', 0.5],
    ['-4', -4],
    ['−4', -4],
    ['.5', 0.5],
  ])('%s is %d', (text, value) => {
    expect(parseNumber(text)).toEqual({ ok: true, value });
  });

  test.each(['', '   ', 'abc', '1/0', '1 2', '1..2', '--3', '12,3456'])('%j is refused', (text) => {
    expect(parseNumber(text).ok).toBe(false);
  });

  test.each([
    '110 ft-lbs',
    '110 ft lbs',
    '110 ft. lb.',
    '110 lb·ft',
    '110 lb-ft',
    '110lbf ft',
    '110 FT LBS',
    '110 foot-pounds',
  ])('%s is a torque', (text) =>
    expect(parseQuantity(text, 'torque', 'N·m')).toEqual({ ok: true, value: toSI(110, 'lbf·ft') }),
  );
  test.each(['149 Nm', '149 N-m', '149 n m', '149 newton meters'])('%s is a torque too', (text) =>
    expect(parseQuantity(text, 'torque', 'lbf·ft')).toEqual({ ok: true, value: 149 }),
  );

  test('a unit of the right kind is read, another is named', () => {
    expect(parseQuantity('110 lb ft', 'torque', 'lbf·ft')).toEqual({ ok: true, value: toSI(110, 'lbf·ft') });
    expect(parseQuantity('2 1/4 in', 'length', 'mm')).toEqual({ ok: true, value: toSI(2.25, 'in') });
    expect(parseQuantity('150 Nm', 'torque', 'lbf·ft')).toEqual({ ok: true, value: 150 });
    expect(parseQuantity('90 psi', 'torque', 'lbf·ft')).toEqual({
      ok: false,
      error: { code: 'wrong-unit', typed: 'psi', wanted: 'torque' },
    });
    expect(parseQuantity('90 furlongs', 'distance', 'mi')).toEqual({
      ok: false,
      error: { code: 'unknown-unit', typed: 'furlongs' },
    });
  });

  test('never throws, whatever is typed', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const read = parseQuantity(text, 'distance', 'mi');
        if (read.ok) expect(Number.isFinite(read.value)).toBe(true);
      }),
    );
  });

  test('inch fractions are read back as written', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 1600 }), (sixteenths) => {
        const metres = toSI(sixteenths / 16, 'in');
        const back = parseQuantity(formatInches(metres), 'length', 'in');
        expect(back.ok && Math.abs(back.value - metres) < 1e-12).toBe(true);
      }),
    );
  });
});

describe('writing', () => {
  test('numbers are grouped, and minus zero is zero', () => {
    expect(formatNumber(12345.6, 1)).toBe('12,345.6');
    expect(formatNumber(-0.2)).toBe('0');
    expect(formatNumber(-12)).toBe('−12');
  });

  test('each system has its unit and precision', () => {
    expect(formatQuantity(toSI(0.006, 'in'), 'length', 'us')).toEqual({ number: '0.006', unit: 'in' });
    expect(formatQuantity(toSI(110, 'lbf·ft'), 'torque', 'metric')).toEqual({ number: '149', unit: 'N·m' });
  });

  test('fractions are in lowest terms', () => {
    expect(formatInches(toSI(2.25, 'in'))).toBe('2 1/4');
    expect(formatInches(toSI(0.5, 'in'))).toBe('1/2');
    expect(formatInches(toSI(3, 'in'))).toBe('3');
  });
});
