import { compile } from '../routine';
import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { standsRain, timeOf } from '.';

test('in the rain goes on what raises nothing and lies in no wet', () => {
  expect(standsRain({ routine: 'lights', place: 'rig' })).toBe(true);
  expect(standsRain({ routine: 'repack', place: '1L' })).toBe(false);
  expect(standsRain({ routine: 'underside', place: 'rig' })).toBe(false);
  expect(standsRain({ routine: 'lug-torque', place: '1L' })).toBe(false);
  expect(standsRain({ routine: 'walkaround', place: 'rig' })).toBe(false);
});

test('a card has its minutes and the span they lie in, narrower where its owner’s pace is known', () => {
  const card = compile(sampleModel({}), [{ routine: 'repack', place: '1L' }], HOUSE_DEFAULT);
  if (!card.ok) throw new Error('no card');
  const usual = timeOf(card.value, {});
  expect(usual.low).toBeLessThan(usual.minutes);
  expect(usual.high).toBeGreaterThan(usual.minutes);
  expect(usual.own).toBe(0);
  const pace = Object.fromEntries(
    card.value.steps.map(({ step, minutes }) => [
      step,
      { minutes, count: 4, recent: [minutes, minutes * 1.05] },
    ]),
  );
  const known = timeOf(card.value, pace);
  expect(known.own).toBeCloseTo(1);
  expect(known.high - known.low).toBeLessThan(usual.high - usual.low);
});
