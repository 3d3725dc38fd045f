import { fromSI, toSI } from '../base';
import { airPressure, magnetCurrent, magnetsPulling, ONE_TEMPERATURE, pressureAt } from '.';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');

test('65 psi at 70 °F read 60.49 psi at 40 °F', () => {
  const cold = pressureAt(psi(65), { temperature: F(70) }, { temperature: F(40) });
  expect(fromSI(cold, 'psi')).toBeCloseTo(60.49, 2);
});

test('65 psi at 70 °F, then 61 at 55 °F: 1.79 psi are lost', () => {
  const then = pressureAt(psi(61), { temperature: F(55) }, { temperature: ONE_TEMPERATURE });
  expect(65 - fromSI(then, 'psi')).toBeCloseTo(1.79, 2);
});

test('there and back is the same pressure, at any temperature and altitude', () => {
  for (const altitude of [0, 1500, 3000])
    for (const at of [-20, 40, 110]) {
      const here = { temperature: F(at), altitude };
      const there = { temperature: F(70), altitude: 200 };
      expect(pressureAt(pressureAt(psi(65), here, there), there, here)).toBeCloseTo(psi(65), 3);
    }
});

test('the air thins with altitude, and a gauge reads more up there', () => {
  expect(airPressure(0)).toBe(101_325);
  expect(airPressure(1500)).toBeCloseTo(84_556, -2);
  const up = pressureAt(psi(65), { temperature: F(70) }, { temperature: F(70), altitude: 1500 });
  expect(fromSI(up, 'psi')).toBeCloseTo(67.43, 1);
});

const circuit = { volts: 12.6, magnet: 3.2, length: toSI(30 * 12, 'in'), gauge: 12 } as const;

test('four magnets of 3.2 Ω on 30 ft of 12 AWG draw 14.07 A, three of them 10.84 A', () => {
  expect(magnetCurrent(circuit, 4)).toBeCloseTo(14.07, 1);
  expect(magnetCurrent(circuit, 3)).toBeCloseTo(10.84, 1);
  expect(magnetCurrent(circuit, 0)).toBe(0);
});

test.each([
  [14, 4, true],
  [10.9, 3, true],
  [7.3, 2, true],
  [3.9, 1, true],
  [0.1, 0, true],
  [22, 4, false],
])('%d A of four magnets: %d pull', (amps, count, fits) => {
  expect(magnetsPulling(circuit, 4, amps)).toMatchObject({ count, fits });
});

test('warm wire draws less', () => {
  expect(magnetCurrent({ ...circuit, temperature: F(120) }, 4)).toBeLessThan(magnetCurrent(circuit, 4));
});
