import { toSI } from '../base';
import { judgeWarmPressure, morningPressure } from '.';

const psi = (value: number) => toSI(value, 'psi');
const target = { value: psi(65), source: 'maker' } as const;
const T0 = '2026-05-16T12:00:00.000Z';

test.each([
  [72.3, 'clear'],
  [68, 'watch'],
  [62, 'watch'],
  [61, 'due'],
  [55, 'due'],
  [54, 'stop'],
  [40, 'stop'],
  [120, 'clear'],
])('%d psi warm on a target of 65: ten percent off, by the cold rule, never over: %s', (value, verdict) => {
  expect(judgeWarmPressure(psi(value), { target })).toMatchObject({ verdict, against: target.value });
});

test.each([
  [1.14, 'clear'],
  [1.16, 'watch'],
  [1.21, 'due'],
  [1.26, 'stop'],
])('a rise to %d of this morning’s figure: %s', (rise, verdict) => {
  expect(judgeWarmPressure(psi(65) * rise, { target, morning: psi(65) })?.verdict).toBe(verdict);
});

test('ten percent under its mate at the same stop is due', () => {
  const at = (value: number) => judgeWarmPressure(psi(value), { target, mate: psi(80) });
  expect(at(72)).toMatchObject({ verdict: 'due', by: 'mate' });
  expect(at(73)?.verdict).toBe('clear');
});

test('with nothing to hold it against there is no verdict', () => {
  expect(judgeWarmPressure(psi(65), { target: undefined })).toBeUndefined();
});

test('this morning’s figure is one read cold a few hours ago', () => {
  const read = (hours: number, warm?: true) => ({
    'pressure@1L': {
      value: psi(65),
      at: new Date(Date.parse(T0) - hours * 3_600_000).toISOString(),
      ...(warm && { warm }),
    },
  });
  expect(morningPressure(read(4), '1L', T0)).toBe(psi(65));
  expect(morningPressure(read(30), '1L', T0)).toBeUndefined();
  expect(morningPressure(read(4, true), '1L', T0)).toBeUndefined();
  expect(morningPressure(read(4), '1R', T0)).toBeUndefined();
  expect(morningPressure(read(4), '1L', undefined)).toBeUndefined();
});
