import { HOUSE_DEFAULT } from '../rules';
import { sampleModel } from '../testing/arbitraries';
import { storyFrom } from '../testing/story';
import { beforeFirstTow, dutiesOf, roundOf } from '.';

const { setup, done, rigOf, day } = storyFrom('2026-05-01');
const model = sampleModel({ axles: 2, brake: 'electric', hub: 'drilled', kind: 'rv' });
const fresh = rigOf(setup(model));
const duties = dutiesOf(fresh, day(1), HOUSE_DEFAULT);

test('before the first tow there are few kinds of work, the nuts first, of the gear what it hangs on', () => {
  const first = beforeFirstTow(duties);
  expect(first.length).toBeLessThan(duties.length / 2);
  expect([...new Set(first.map(({ routine }) => routine))]).toEqual([
    'lug-torque',
    'hub-look',
    'tire-look',
    'pressures',
    'brake-adjust',
    'gear-look',
    'breakaway-test',
    'lights',
  ]);
  const gear = first.filter(({ routine }) => routine === 'gear-look').map(({ place }) => place);
  expect(gear).toEqual(expect.arrayContaining(['coupler', 'safetyChains']));
  expect(gear).not.toContain('levelingBlocks');
});

test('what was done is none of it any more', () => {
  const after = rigOf(setup(model), done(1, ['lug-torque', '1L'], ['lights', 'rig']));
  const left = beforeFirstTow(dutiesOf(after, day(2), HOUSE_DEFAULT)).map(({ id }) => id);
  expect(left).not.toContain('lug-torque@1L');
  expect(left).not.toContain('lights@rig');
  expect(left).toContain('lug-torque@1R');
});

test('the round of a couple of thousand miles is what is counted by them, due or not', () => {
  const about = { model, house: HOUSE_DEFAULT, season: undefined };
  const round = new Set(roundOf(duties, about).map(({ routine }) => routine));
  expect([...round].sort()).toEqual(['grease', 'hub-look', 'pivots', 'pressures', 'tire-look', 'underside']);
  const never = { ...HOUSE_DEFAULT, grease: 'never' as const };
  const bare = roundOf(dutiesOf(fresh, day(1), never), { ...about, house: never });
  expect(bare.some(({ routine }) => routine === 'grease')).toBe(false);
});
