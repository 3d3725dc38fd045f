import { matchAssembly } from '../figures';
import { HOUSE_DEFAULT, isJudged, type HouseRules, type JudgedReading } from '../rules';
import { toSI } from '../base';
import type { RigModel } from '../rig';
import { sampleModel } from '../testing/arbitraries';
import { judgeReading, pressureTarget } from '.';

const base = sampleModel({ brake: 'electric' });
const drum = { value: { diameter: toSI(10, 'in'), width: toSI(2.25, 'in') }, source: 'marking' as const };
const model: RigModel = {
  ...base,
  axles: base.axles.map((axle) => ({ ...axle, drum })),
  tires: { pressure: { value: toSI(65, 'psi'), source: 'marking' } },
};
const judged = (what: JudgedReading, value: number, more: object = {}) =>
  judgeReading(what, value, { model, place: '1L', house: HOUSE_DEFAULT, ...more })?.verdict;

describe('the stamped maximum of a drum', () => {
  const length = (inches: number) => toSI(inches, 'in');
  test('outranks what nominal allows', () => {
    const drumMax = { value: length(10.06), source: 'marking' as const };
    expect(judged('drum-diameter', length(10.09))).toBe('clear');
    expect(judged('drum-diameter', length(10.0905))).toBe('due');
    expect(judged('drum-diameter', length(10.07), { drumMax })).toBe('due');
    expect(
      judgeReading('drum-diameter', length(10.05), { model, place: '1L', house: HOUSE_DEFAULT, drumMax }),
    ).toMatchObject({ verdict: 'clear', basis: 'marking' });
  });

  test('one limit for whoever asks: the judge, and who names the assembly', () => {
    for (const over of [0.0899, 0.09, 0.0901]) {
      const found = matchAssembly(length(10 + over), length(2.25)).found;
      expect(judged('drum-diameter', length(10 + over)) === 'due').toBe(found === 'worn');
    }
  });
});

describe('what a school sets tires to', () => {
  const psi = (value: number) => ({ value: toSI(value, 'psi'), source: 'marking' as const });
  const known = (tires: RigModel['tires']) => ({ ...base, tires });
  const target = (tires: RigModel['tires'], pressure: HouseRules['pressure']) => {
    const told = pressureTarget(known(tires), { pressure });
    return told && [Math.round(told.value / toSI(1, 'psi')), told.by];
  };
  const tires: RigModel['tires'] = {
    pressure: psi(50),
    maxPressure: psi(80),
    size: { value: 'ST225/75R15', source: 'marking' },
    loadRange: { value: 'E', source: 'marking' },
    load: { value: toSI(2200, 'lb'), source: 'owner' },
  };
  test.each([
    ['placard', [50, 'placard']],
    ['sidewall', [80, 'sidewall']],
    ['under-maximum', [76, 'under-maximum']],
    ['by-load', [70, 'by-load']],
  ] as const)('%s', (school, wanted) => expect(target(tires, school)).toEqual(wanted));
  test('the placard stands in for what is not known, and says what is missing', () => {
    expect(pressureTarget(known({ pressure: psi(50) }), { pressure: 'sidewall' })).toMatchObject({
      by: 'placard',
      missing: ['maxPressure'],
    });
    expect(pressureTarget(known(undefined), { pressure: 'sidewall' })).toBeUndefined();
  });
  test('a light load never goes under the placard, a heavy one never over the wall', () => {
    const load = (pounds: number) =>
      target({ ...tires, load: { value: toSI(pounds, 'lb'), source: 'owner' } }, 'by-load');
    expect(load(500)).toEqual([50, 'by-load']);
    expect(load(5000)).toEqual([80, 'by-load']);
  });
  test('moves the verdict with it', () => {
    const at = (pressure: HouseRules['pressure']) =>
      judgeReading('pressure', toSI(50, 'psi'), { model: known(tires), place: '1L', house: { pressure } })
        ?.verdict;
    expect(at('placard')).toBe('clear');
    expect(at('sidewall')).toBe('stop');
  });
});

test('what has no figure is not judged', () => {
  expect(judgeReading('pressure', 4e5, { model: base, place: '1L', house: HOUSE_DEFAULT })).toBeUndefined();
  expect(
    judgeReading('drum-diameter', 0.25, { model: base, place: '1L', house: HOUSE_DEFAULT }),
  ).toBeUndefined();
  expect(judgeReading('pressure', 4e5, { model, place: 'coupler', house: HOUSE_DEFAULT })).toBeUndefined();
  expect(['strokes', 'slots-back', 'dot'].some(isJudged)).toBe(false);
});
