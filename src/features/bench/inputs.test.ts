import { compile, type CardStep, type StepRecord } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { asksMore, inputOf, isAnswered, nextQuestion, readInput, verdictAt, type StepInput } from './inputs';

const card = compile(sampleModel({ hub: 'drilled' }), [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
const step = (id: string): CardStep => {
  const found = card.ok ? card.value.steps.find((one) => one.step === id) : undefined;
  if (!found) throw new Error(id);
  return found;
};
const typed = (readings: StepInput['readings'], units: StepInput['units'] = 'us'): StepInput => ({
  units,
  readings,
  grades: {},
});

test('counts become numbers, what is read off parts stays text', () => {
  expect(readInput(step('wheel-off'), typed({ 'nuts-counted': '6' }))).toEqual({
    readings: { 'nuts-counted': 6 },
    bad: [],
  });
  expect(readInput(step('read-seal'), typed({ 'seal-number': ' 0171 ' }))).toEqual({
    readings: { 'seal-number': '0171' },
    bad: [],
  });
  expect(readInput(step('nut-set'), typed({ 'slots-back': '1/2' }))).toEqual({
    readings: { 'slots-back': 0.5 },
    bad: [],
  });
});

test('what was left empty is left out, what belongs to another step too', () => {
  expect(readInput(step('top-up'), typed({ strokes: ' ' }))).toEqual({ readings: {}, bad: [] });
  expect(readInput(step('top-up'), typed({ grease: 'clay' }))).toEqual({ readings: {}, bad: [] });
});

test.each(['many', '-2', '1/0'])('%j is no count, and is named', (text) => {
  expect(readInput(step('hand-start'), typed({ 'nuts-started': text }))).toEqual({
    readings: {},
    bad: ['nuts-started'],
  });
});

test('a record is shown in its fields again, and reads back as it was', () => {
  const record: StepRecord = {
    state: 'done',
    at: '2026-05-16T14:00:00.000Z',
    readings: { 'slots-back': 0.5 },
    grades: { rock: 'none' },
    reason: undefined,
  };
  const input = inputOf(record, 'us');
  expect(input).toEqual({ units: 'us', readings: { 'slots-back': '0.5' }, grades: { rock: 'none' } });
  expect(readInput(step('nut-set'), input).readings).toEqual(record.readings);
  expect(inputOf(undefined, 'us')).toEqual({ units: 'us', readings: {}, grades: {} });
});

test('quantities are read in the owner’s units or in the one that was typed, and shown as they were', () => {
  const lining = { ...step('look-brake'), readings: [{ what: 'lining' as const, must: true }] };
  const inches = readInput(lining, typed({ lining: '1/8' }));
  expect(inches.readings['lining']).toBeCloseTo(0.003175, 9);
  expect(readInput(lining, typed({ lining: '3.175' }, 'metric')).readings['lining']).toBeCloseTo(0.003175, 9);
  expect(readInput(lining, typed({ lining: '3.175 mm' })).readings['lining']).toBeCloseTo(0.003175, 9);
  expect(readInput(lining, typed({ lining: '3 psi' })).bad).toEqual(['lining']);
  const record: StepRecord = {
    state: 'done',
    at: '',
    readings: inches.readings,
    grades: {},
    reason: undefined,
  };
  expect(inputOf(record, 'metric').readings['lining']).toBe('3.175');
});

test('a note is kept with its step', () => {
  const record: StepRecord = {
    state: 'done',
    at: '',
    readings: {},
    grades: {},
    reason: undefined,
    note: 'hums',
  };
  expect(inputOf(record, 'us').note).toBe('hums');
});

test('what was typed stays in the units it was typed in, whatever the device is set to since', () => {
  const kept = JSON.parse(JSON.stringify(typed({ pressure: '65' }))) as StepInput;
  const pressure = { ...step('look-brake'), readings: [{ what: 'pressure' as const, must: true }] };
  expect(readInput(pressure, kept).readings['pressure']).toBeCloseTo(448_159, 0);
});

describe('what a step still asks for', () => {
  const feel = step('feel');
  const graded = (grades: StepInput['grades'], readings: StepInput['readings'] = {}): StepInput => ({
    units: 'us',
    readings,
    grades,
  });

  it('is asked one after another, and nothing is asked where all is answered', () => {
    expect(nextQuestion(feel, graded({}))).toBe('Rock the wheel at 12 and 6, then at 3 and 9?');
    expect(nextQuestion(feel, graded({ rock: 'none' }))).toBe('Spin it and listen?');
    expect(nextQuestion(feel, graded({ rock: 'none', spin: 'smooth' }))).toBeUndefined();
    expect(isAnswered(feel, graded({ rock: 'none', spin: 'smooth' }))).toBe(true);
    expect(isAnswered(feel, graded({ rock: 'none' }))).toBe(false);
  });

  it('names its unit, and that it may stay open: then it is not answered', () => {
    const measure = step('measure-brake');
    const grades = Object.fromEntries(measure.subjects.map((subject) => [subject, 'even']));
    expect(nextQuestion(measure, graded(grades))).toMatch(
      /^Thinnest lining, in inches(, if it can be read)?\?$/,
    );
    expect(isAnswered(measure, graded(grades))).toBe(false);
  });

  it('is clear by its judge, beside what else was graded', () => {
    const run = { card: { house: HOUSE_DEFAULT } } as Parameters<typeof verdictAt>[0];
    expect(verdictAt(run, 'spindle', graded({ spindle: 'smooth' }))).toBe('clear');
    expect(verdictAt(run, 'spindle', graded({ spindle: 'scored' }))).not.toBe('clear');
    expect(verdictAt(run, 'spindle', graded({}))).toBeUndefined();
    // A lining that is not clear asks which shoe.
    expect(asksMore(run, 'lining', graded({ lining: 'at-minimum' }))).toBe(true);
    expect(asksMore(run, 'lining', { ...graded({ lining: 'at-minimum' }), shoe: 'front' })).toBe(false);
    expect(asksMore(run, 'spindle', graded({ spindle: 'scored' }))).toBe(false);
  });
});
