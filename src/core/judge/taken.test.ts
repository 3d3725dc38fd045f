import { fromSI, toSI } from '../base';
import { checkTaken, saysNothing } from '.';

const psi = (value: number) => toSI(value, 'psi');
const F = (value: number) => toSI(value, '°F');

describe('pressures', () => {
  const target = psi(65);
  test('600 psi is no tire; it reads as kPa', () => {
    const found = checkTaken('pressure', psi(600), 'psi', { target });
    expect(found).toMatchObject({ weight: 'refuse', code: 'impossible', meant: { unit: 'kPa' } });
    expect(fromSI(found?.meant?.si ?? 0, 'psi')).toBeCloseTo(87, 0);
  });
  test('4 psi is asked about: 4 bar would be 58 psi', () => {
    const found = checkTaken('pressure', psi(4), 'psi', { target });
    expect(found).toMatchObject({ weight: 'ask', code: 'units', meant: { unit: 'bar' } });
    expect(fromSI(found?.meant?.si ?? 0, 'psi')).toBeCloseTo(58, 0);
  });
  test('65 typed as kPa is asked about', () => {
    expect(checkTaken('pressure', toSI(65, 'kPa'), 'kPa', { target })).toMatchObject({
      code: 'units',
      meant: { unit: 'psi' },
    });
  });
  test.each([0, 20, 48, 65, 90])('%d psi can be', (value) =>
    expect(checkTaken('pressure', psi(value), 'psi', { target })).toBeUndefined(),
  );
  test('less than nothing is refused', () =>
    expect(checkTaken('pressure', psi(-3), 'psi', { target })).toMatchObject({ weight: 'refuse' }));
});

describe('hubs', () => {
  const air = F(80);
  test('one as warm as the air says nothing', () => {
    expect(checkTaken('hub-temp', F(83), '°F', { air })).toMatchObject({ weight: 'ask', code: 'hub-cold' });
    expect(saysNothing(F(83), air)).toBe(true);
    expect(saysNothing(F(110), air)).toBe(false);
    expect(saysNothing(F(83), undefined)).toBe(false);
  });
  test('45 °F in air of 80 °F reads as Celsius', () =>
    expect(checkTaken('hub-temp', F(45), '°F', { air })).toMatchObject({
      code: 'units',
      meant: { unit: '°C' },
    }));
  test('colder than the air in any unit is asked about', () =>
    expect(checkTaken('hub-temp', F(20), '°F', { air })).toMatchObject({ code: 'below-air' }));
  test('2000 °F is refused', () =>
    expect(checkTaken('hub-temp', F(2000), '°F', { air })).toMatchObject({ weight: 'refuse' }));
  test('a working hub can stand', () =>
    expect(checkTaken('hub-temp', F(115), '°F', { air })).toBeUndefined());
});

test('what is not a number is refused', () =>
  expect(checkTaken('tread-inner', Number.NaN, 'in')).toMatchObject({ weight: 'refuse' }));
