import { type JudgedReading, isJudged } from '../rules';
import { toSI, type Dimension, type Unit } from '../quantity';
import type { RigModel } from '../rig';
import { sampleModel } from '../testing/arbitraries';
import { judgeReading } from '.';

const base = sampleModel({ brake: 'electric' });
const drum = { value: { diameter: toSI(10, 'in'), width: toSI(2.25, 'in') }, source: 'marking' as const };
const model: RigModel = {
  ...base,
  axles: base.axles.map((axle) => ({ ...axle, drum })),
  tires: { pressure: { value: toSI(65, 'psi'), source: 'marking' } },
};
const judged = (what: JudgedReading, value: number, more: object = {}) =>
  judgeReading(what, value, { model, place: '1L', ...more })?.verdict;

describe.each<readonly [Unit & string, Dimension]>([
  ['in', 'length'],
  ['mm', 'length'],
])('lengths in %s', (unit) => {
  const scale = unit === 'in' ? 1 : 25.4;
  const length = (inches: number) => toSI(inches * scale, unit);

  test.each([
    [0.2, 'clear'],
    [0.125, 'clear'],
    [0.12, 'watch'],
    [0.063, 'watch'],
    [0.0625, 'due'],
    [0.03, 'due'],
    [0, 'stop'],
  ])('lining of %d in is %s', (inches, verdict) => expect(judged('lining', length(inches))).toBe(verdict));

  test.each([
    [0.126, 'clear'],
    [0.125, 'watch'],
    [0.07, 'watch'],
    [0.0625, 'due'],
    [0, 'due'],
  ])('tread of %d in is %s', (inches, verdict) => {
    for (const what of ['tread-inner', 'tread-middle', 'tread-outer'] as const)
      expect(judged(what, length(inches))).toBe(verdict);
  });

  test.each([
    [10.09, 'clear'],
    [10.0905, 'due'],
  ])('a drum of %d in against its nominal 10 in is %s', (inches, verdict) =>
    expect(judged('drum-diameter', length(inches))).toBe(verdict),
  );

  test('the stamped maximum outranks what nominal allows', () => {
    const drumMax = { value: length(10.06), source: 'marking' as const };
    expect(judged('drum-diameter', length(10.07), { drumMax })).toBe('due');
    expect(judgeReading('drum-diameter', length(10.05), { model, place: '1L', drumMax })).toMatchObject({
      verdict: 'clear',
      basis: 'marking',
    });
  });
});

test.each([
  [65, 'psi', 'clear'],
  [61.75, 'psi', 'clear'],
  [61, 'psi', 'watch'],
  [68.25, 'psi', 'clear'],
  [69, 'psi', 'watch'],
  [55.25, 'psi', 'watch'],
  [55, 'psi', 'due'],
  [48.75, 'psi', 'due'],
  [48, 'psi', 'stop'],
  [448.2, 'kPa', 'clear'],
  [300, 'kPa', 'stop'],
] as const)('%d %s cold against 65 psi is %s', (value, unit, verdict) =>
  expect(judged('pressure', toSI(value, unit))).toBe(verdict),
);

test.each([
  [12.7, 'clear'],
  [12.41, 'clear'],
  [12.4, 'watch'],
  [12, 'watch'],
  [11.99, 'due'],
])('a battery at %d V is %s', (volts, verdict) => expect(judged('volts', volts)).toBe(verdict));

test('a magnet is held against its own figure, and against none where none is known', () => {
  const magnet = { value: 3.2, source: 'maker' as const };
  expect(judged('magnet-ohms', 3.84, { magnet })).toBe('clear');
  expect(judged('magnet-ohms', 3.85, { magnet })).toBe('due');
  expect(judged('magnet-ohms', 2.5, { magnet })).toBe('due');
  expect(judged('magnet-ohms', 3.2)).toBeUndefined();
});

test('what has no figure is not judged', () => {
  expect(judgeReading('pressure', 4e5, { model: base, place: '1L' })).toBeUndefined();
  expect(judgeReading('drum-diameter', 0.25, { model: base, place: '1L' })).toBeUndefined();
  expect(judgeReading('pressure', 4e5, { model, place: 'coupler' })).toBeUndefined();
  expect(['strokes', 'slots-back', 'dot'].some(isJudged)).toBe(false);
});
