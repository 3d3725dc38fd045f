import * as fc from 'fast-check';
import { calcOf, workOut, type CalcInput, type NumberInput, FIGURE_IDS } from '@/core/figures';
import { toSI } from '@/core/base';
import {
  CALC_PROBLEMS,
  FIGURE_WORDS,
  inputRead,
  inputTyped,
  shapeChange,
  shapeNumber,
  shapeText,
  shapeUnit,
  stepOf,
} from '.';

const length = { as: 'quantity', of: 'length' } as const;
const adapter = calcOf('adapter').inputs['adapter'] as NumberInput;

test.each([
  [toSI(2.25, 'in'), 'us', '2 1/4 in'],
  [toSI(2.2, 'in'), 'us', '2.200 in'],
  [toSI(2.25, 'in'), 'metric', '57.2 mm'],
] as const)('a length: %d in %s', (value, system, text) => {
  expect(shapeText(value, length, system)).toBe(text);
});

test('numbers fit the instrument, and plain ones the system', () => {
  expect(shapeText(toSI(340.4, 'lb'), { as: 'quantity', of: 'weight' }, 'us')).toBe('340 lb');
  expect(shapeText(12, { as: 'plain', unit: '%' }, 'us')).toBe('12 %');
  expect(shapeUnit({ as: 'plain', unit: 'turns a mile' }, 'metric')).toBe('turns a km');
  expect(shapeNumber(1000, { as: 'plain', unit: 'turns a mile', decimals: 0 }, 'metric')).toBe('621');
  expect(shapeText(150, { as: 'plain', unit: 'money' }, 'us')).toMatch(/150/);
});

test('a change has its sign, and temperatures no zero', () => {
  expect(shapeChange(-toSI(0.585, 'lbf·ft'), { as: 'quantity', of: 'torque', decimals: 1 }, 'us')).toBe(
    '−0.6 lbf·ft',
  );
  expect(shapeChange(toSI(1 / 8, 'in'), length, 'us')).toBe('+1/8 in');
  expect(shapeChange(toSI(10, '°F') - toSI(0, '°F'), { as: 'quantity', of: 'temperature' }, 'us')).toBe(
    '+10.0 °F',
  );
});

test.each(['2 1/4', '2-1/4', '2.25', '2¼', '57.15 mm', '2 1/4 in'])('%j is read', (text) => {
  const read = inputRead(text, adapter, 'us');
  expect(read.ok && read.value).toBeCloseTo(toSI(2.25, 'in'), 9);
});

test.each([
  ['2 14', /Is it 2 1\/4/],
  ['two', /A number, in in/],
  ['2 psi', /measured in in, not in psi/],
])('%j is asked about', (text, told) => {
  const read = inputRead(text, adapter, 'us');
  expect(read.ok ? '' : read.error).toMatch(told);
});

test('what a field shows is read back as it was, and a step is round in the owner’s units', () => {
  for (const system of ['us', 'metric'] as const)
    for (const value of [0.0635, 0.05715, 0.1]) {
      const back = inputRead(inputTyped(value, adapter, system), adapter, system);
      expect(back.ok && back.value).toBeCloseTo(value, 5);
    }
  expect(stepOf(adapter, 'us')).toBeCloseTo(toSI(1 / 8, 'in'), 9);
  expect(stepOf(adapter, 'metric')).toBeCloseTo(0.005, 9);
});

/** Any value of an input, in its bounds. */
const valueOf = (input: CalcInput): fc.Arbitrary<number | string> => {
  if (input.as === 'choice') return fc.constantFrom(...input.options);
  if (input.as === 'words') return fc.constantFrom('ST225/75R15', '205/75D14', 'ST205/75R14');
  return fc.double({ min: input.min, max: input.max, noNaN: true });
};

test.each(FIGURE_IDS)('whatever %s comes to is said in words', (id) => {
  const says: Readonly<Record<string, string>> = FIGURE_WORDS[id].says ?? {};
  const values = fc.record(
    Object.fromEntries(
      Object.entries<CalcInput>(calcOf(id).inputs).map(([name, input]) => [name, valueOf(input)]),
    ),
  );
  fc.assert(
    fc.property(values, (given) => {
      const out = workOut(id, given);
      if (out.state === 'problem') expect(CALC_PROBLEMS[out.code](undefined)).toBeTruthy();
      if (out.state === 'worked' && out.said !== undefined) expect(Object.keys(says)).toContain(out.said);
    }),
  );
});

test('every verdict of every figure has words, and every problem', () => {
  for (const id of FIGURE_IDS) {
    expect(FIGURE_WORDS[id].answers).toMatch(/\?$/);
    expect(FIGURE_WORDS[id].working.length).toBeGreaterThan(0);
  }
  for (const say of Object.values(CALC_PROBLEMS)) expect(say('20 lb').length).toBeGreaterThan(5);
});
