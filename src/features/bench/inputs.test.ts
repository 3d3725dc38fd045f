import { compile, type CardStep, type StepRecord } from '@/core/routine';
import { HOUSE_DEFAULT } from '@/core/rules';
import { sampleModel } from '@/core/testing/arbitraries';
import { inputOf, readInput, type StepInput } from './inputs';

const card = compile(sampleModel({ hub: 'drilled' }), [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
const step = (id: string): CardStep => {
  const found = card.ok ? card.value.steps.find((one) => one.step === id) : undefined;
  if (!found) throw new Error(id);
  return found;
};
const typed = (readings: StepInput['readings']): StepInput => ({ readings, grades: {} });

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

test.each(['many', '-2', '99999', '1/0'])('%j is no count, and is named', (text) => {
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
  const input = inputOf(record);
  expect(input).toEqual({ readings: { 'slots-back': '0.5' }, grades: { rock: 'none' } });
  expect(readInput(step('nut-set'), input).readings).toEqual(record.readings);
  expect(inputOf(undefined)).toEqual({ readings: {}, grades: {} });
});
