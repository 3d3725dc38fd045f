import { fromSI, toSI } from '../quantity';
import { checkTaken, contradictionsIn, saysNothing } from '.';

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

describe('contradictions', () => {
  test('one thing graded two ways at one place', () => {
    const graded = [
      { place: '1L', subject: 'seal', grade: 'dry' },
      { place: '1L', subject: 'seal', grade: 'weeping' },
      { place: '1R', subject: 'seal', grade: 'damp' },
    ] as const;
    expect(contradictionsIn(graded)).toHaveLength(1);
  });
  test('grades that cannot both hold, in either order', () => {
    const dry = { place: '1L', subject: 'seal', grade: 'dry' } as const;
    const grease = { place: '1L', subject: 'grease-back', grade: 'on-shoes' } as const;
    expect(contradictionsIn([dry, grease])).toHaveLength(1);
    expect(contradictionsIn([grease, dry])).toHaveLength(1);
    expect(contradictionsIn([dry, { ...grease, place: '1R' }])).toHaveLength(0);
  });
  test('a figure against a grade', () => {
    const deep = { place: '2R', subject: 'tread', grade: 'deep' } as const;
    const at = (thirtyseconds: number) => [
      { place: '2R', what: 'tread-outer' as const, value: toSI(thirtyseconds / 32, 'in') },
    ];
    expect(contradictionsIn([deep], at(2))).toHaveLength(1);
    expect(contradictionsIn([deep], at(6))).toHaveLength(0);
    const cool = { place: '2R', subject: 'hub-hand', grade: 'held' } as const;
    expect(
      contradictionsIn([cool], [{ place: '2R', what: 'hub-temp' as const, value: F(190) }]),
    ).toHaveLength(1);
  });
  test('what agrees is left alone', () =>
    expect(
      contradictionsIn([
        { place: '1L', subject: 'rock', grade: 'none' },
        { place: '1L', subject: 'spin', grade: 'free' },
      ]),
    ).toEqual([]));
});
