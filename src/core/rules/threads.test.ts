import { rigModelSchema } from '../rig';
import { sampleModel } from '../testing/arbitraries';
import { HOUSE_DEFAULT, lugTorque, mayCheckLugs, threadsAfterRefit, threadsNow } from '.';

const model = sampleModel({});
const treated = { value: 90, source: 'maker' } as const;

test('neither figure is made from the other', () => {
  const dry = { wheels: { ...model.wheels, torque: { value: 150, source: 'maker' as const } } };
  expect(lugTorque(dry, 'treated')).toBeUndefined();
  expect(lugTorque(dry, undefined)).toBeUndefined();
  expect(mayCheckLugs(dry, 'treated')).toBe(false);
  expect(mayCheckLugs(dry, undefined)).toBe(false);
  expect(lugTorque({ wheels: { ...dry.wheels, treatedTorque: treated } }, 'treated')).toEqual(treated);
});

test('the lowered torque is a maker’s figure: a guess is refused', () => {
  const told = (source: string) =>
    rigModelSchema.safeParse({ ...model, wheels: { ...model.wheels, treatedTorque: { value: 90, source } } })
      .success;
  expect(['maker', 'marking', 'counter', 'owner', 'guess'].map(told)).toEqual([
    true,
    true,
    false,
    false,
    false,
  ]);
});

test('what nobody recorded is dry by the dry school and not known by the other', () => {
  expect(threadsNow(undefined, HOUSE_DEFAULT)).toBe('dry');
  expect(threadsNow(undefined, { threads: 'anti-seize' })).toBeUndefined();
  expect(threadsNow('treated', HOUSE_DEFAULT)).toBe('treated');
  expect(threadsAfterRefit({ threads: 'anti-seize' }, model)).toBe('dry');
});
