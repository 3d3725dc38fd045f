import fc from 'fast-check';
import { toSI } from '../base';
import { runs } from '../testing/runs';
import { canBeRead, isJudged, isReading, parseReading, READING_IDS, readingDef } from '.';
import { THICKENERS } from '../figures';

const psi = (value: number) => toSI(value, 'psi');

test('every reading has bounds that are some, and units it may be misread in where it has a unit', () => {
  for (const what of READING_IDS) {
    const def = readingDef(what);
    if (def.as === 'quantity' || def.as === 'number') expect(def.min).toBeLessThan(def.max);
    if (def.as === 'choice') expect(def.options.length).toBeGreaterThan(1);
  }
  expect(isReading('hub-temp')).toBe(true);
  expect(isReading('toString')).toBe(false);
  expect(isJudged('pressure')).toBe(true);
  expect(isJudged('pressure-set')).toBe(false);
});

test('a flat tire can be read, a tire of 600 psi cannot', () => {
  expect(canBeRead('pressure', 0)).toBe(true);
  expect(canBeRead('pressure', psi(65))).toBe(true);
  expect(canBeRead('pressure', psi(600))).toBe(false);
  expect(canBeRead('grease', 'clay')).toBe(true);
  expect(canBeRead('grease', 'butter')).toBe(false);
  expect(canBeRead('seal-number', 171)).toBe(false);
  expect(canBeRead('nuts-counted', 9)).toBe(false);
});

test('what is typed is read in the owner\u2019s units, or in those that stand with it', () => {
  const read = (...args: Parameters<typeof parseReading>) => {
    const one = parseReading(...args);
    return one.ok ? one.value : one.error.code;
  };
  expect(read('pressure', '65', 'us')).toBeCloseTo(psi(65), 6);
  expect(read('pressure', '4.5 bar', 'us')).toBeCloseTo(450_000, 3);
  expect(read('hub-temp', '150', 'us')).toBeCloseTo(toSI(150, '°F'), 6);
  // A tread gauge shows thirty-seconds.
  for (const typed of ['7', '7/32', '7 32nds', '7/32 in', '7/32nds'])
    expect([typed, read('tread-inner', typed, 'us')]).toEqual([typed, toSI(7 / 32, 'in')]);
  expect(read('tread-inner', '7.5', 'us')).toBeCloseTo(toSI(7.5 / 32, 'in'), 9);
  expect(read('tread-inner', '0.2', 'us')).toBeCloseTo(toSI(0.2, 'in'), 9);
  expect(read('tread-inner', '7', 'metric')).toBeCloseTo(0.007, 9);
  expect(read('tread-inner', '5.5 mm', 'us')).toBeCloseTo(0.0055, 9);
  expect(read('volts', '12.6', 'metric')).toBe(12.6);
  expect(read('strokes', '-2', 'us')).toBe('negative');
  expect(read('lining', 'thin', 'us')).toBe('not-a-number');
  expect(read('seal-number', 'YS-171', 'us')).toBe('YS-171');
});

test('nothing that can be read is refused for being written out again', () => {
  const quantities = READING_IDS.filter((what) => readingDef(what).as === 'quantity');
  fc.assert(
    fc.property(fc.constantFrom(...quantities), fc.double({ min: 0, max: 1, noNaN: true }), (what, share) => {
      const def = readingDef(what);
      if (def.as !== 'quantity') return;
      expect(canBeRead(what, def.min + (def.max - def.min) * share)).toBe(true);
    }),
    { numRuns: runs(200) },
  );
  for (const grease of THICKENERS) expect(canBeRead('grease', grease)).toBe(true);
});
