import { torqueStages } from '../figures';
import { toSI } from '../quantity';
import type { RigModel } from '../rig';
import { sampleModel } from '../testing/arbitraries';
import { HOUSE_DEFAULT, HOUSE_REPACK, intervalFor, NUT_SCHOOLS, RECHECK_LIMITS, RECHECK_SCHOOLS } from '.';

const repack = (model: RigModel) => intervalFor('repack', model.axles[0] as RigModel['axles'][number], model);

test('the shipped schools are the first of each list', () => {
  expect(HOUSE_DEFAULT.nut).toBe(NUT_SCHOOLS[0]);
  expect(HOUSE_DEFAULT.recheck).toBe(RECHECK_SCHOOLS[0]);
});

test('recheck miles are cumulative and grow', () => {
  for (const school of RECHECK_SCHOOLS) {
    const limits = RECHECK_LIMITS[school];
    expect(limits.length).toBeGreaterThan(0);
    expect([...limits].sort((a, b) => a - b)).toEqual([...limits]);
  }
  expect(RECHECK_LIMITS['10-25-50']).toEqual([10, 25, 50].map((mi) => toSI(mi, 'mi')));
});

test('every torque school ends on the ground, at full, and once more round', () => {
  for (const school of ['air-then-ground', 'all-on-ground', 'snug-then-twice'] as const) {
    const stages = torqueStages(150, school);
    const last = stages.at(-1);
    expect(last).toMatchObject({ share: 1, where: 'ground', torque: 150 });
    expect(stages.at(-2)).toMatchObject({ share: 1, where: 'ground' });
    for (const stage of stages.filter((one) => one.where === 'air')) expect(stage.share).toBeLessThan(1);
    stages.slice(1).forEach((stage, i) => expect(stage.share).toBeGreaterThanOrEqual(stages[i]?.share ?? 0));
  }
});

test('the house interval stands until somebody who knows says otherwise', () => {
  expect(repack(sampleModel({}))).toEqual({
    distance: { value: HOUSE_REPACK.distance, basis: 'house' },
    days: { value: HOUSE_REPACK.days, basis: 'house' },
  });
  const told = repack({
    ...sampleModel({}),
    repackEvery: { days: { value: 180, source: 'maker' }, launches: { value: 20, source: 'owner' } },
  });
  expect(told).toEqual({
    distance: { value: HOUSE_REPACK.distance, basis: 'house' },
    days: { value: 180, basis: 'maker' },
    launches: { value: 20, basis: 'owner' },
  });
});

test('a guess does not move a limit', () => {
  expect(
    repack({ ...sampleModel({}), repackEvery: { days: { value: 9000, source: 'guess' } } })?.days,
  ).toEqual({
    value: HOUSE_REPACK.days,
    basis: 'house',
  });
});

test.each(['oil-bath', 'sealed'] as const)('a %s hub is looked at each year and never repacked', (hub) => {
  const model = sampleModel({ hub });
  expect(repack(model)).toBeUndefined();
  expect(intervalFor('hub-look', model.axles[0] as RigModel['axles'][number], model)).toEqual({
    days: { value: 365, basis: 'house' },
  });
});
