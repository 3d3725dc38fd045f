import { torqueStages } from '../figures';
import fc from 'fast-check';
import { toSI } from '../base';
import type { RigModel } from '../rig';
import { anyModel, sampleModel } from '../testing/arbitraries';
import {
  checkpoints,
  HOUSE_DEFAULT,
  HOUSE_REPACK,
  intervalOf,
  openCheckpoint,
  recheckLimits,
  routineDef,
  ROUTINES,
  RULE_IDS,
  RULES,
  rulesFor,
  seasonOf,
  tireAgeLimit,
  type HouseRules,
} from '.';

const about = (model: RigModel, house: Partial<HouseRules> = {}) => ({
  model,
  house: { ...HOUSE_DEFAULT, ...house },
  season: undefined,
});
const repack = (model: RigModel, house: Partial<HouseRules> = {}) =>
  intervalOf('repack', '1L', about(model, house));

test('the shipped schools are the first of each list, and every question has another answer', () => {
  for (const rule of RULE_IDS) {
    expect(HOUSE_DEFAULT[rule]).toBe(RULES[rule][0]);
    expect(new Set(RULES[rule]).size).toBeGreaterThan(1);
  }
});

test('a rig goes by its own choice, else the house, else the default', () => {
  expect(rulesFor(undefined, undefined)).toEqual(HOUSE_DEFAULT);
  const rules = rulesFor({ nut: 'light-drag', tireAge: '5' }, { tireAge: '7' });
  expect([rules.nut, rules.tireAge, rules.recheck]).toEqual(['light-drag', '7', '10-25-50']);
  expect(tireAgeLimit(rules)).toBe(7);
});

test('recheck miles are cumulative and grow; greased threads have miles of their own', () => {
  const mi = (...values: number[]) => values.map((value) => toSI(value, 'mi'));
  for (const recheck of RULES.recheck) {
    const limits = recheckLimits({ recheck }, 'dry');
    expect(limits.length).toBeGreaterThan(0);
    expect([...limits].sort((a, b) => a - b)).toEqual([...limits]);
    expect(recheckLimits({ recheck }, 'treated')).toEqual(mi(10, 25, 50, 100));
  }
  expect(recheckLimits(HOUSE_DEFAULT, 'dry')).toEqual(mi(10, 25, 50));
});

test.each([
  ['yearly', 'drilled', 12_000],
  ['metered', 'drilled', 10_000],
  ['metered', 'plain', 12_000],
  ['grade-5000', 'plain', 5000],
  ['grade-10000', 'pressure-cap', 10_000],
] as const)('school %s repacks a %s hub after %d mi or a year', (repackSchool, hub, miles) => {
  const every = repack(sampleModel({ hub }), { repack: repackSchool });
  expect(every?.distance).toEqual({ value: toSI(miles, 'mi'), basis: 'house' });
  expect(every?.days?.value).toBe(365);
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
  expect(routineDef('repack').places(model, HOUSE_DEFAULT)).toEqual([]);
  expect(routineDef('hub-service').places(model, HOUSE_DEFAULT)).toEqual(['1L', '1R']);
  // Its maker's years are not known: no figure is made up for them.
  expect(intervalOf('hub-service', '1L', about(model))).toEqual({});
  expect(intervalOf('hub-look', '1L', about(model)).days).toEqual({ value: 365, basis: 'house' });
});

test('a figure told outranks what is shipped; of that and a rule its owner chose the stricter holds, and says so', () => {
  const model = (miles: number): RigModel => ({
    ...sampleModel({}),
    repackEvery: { distance: { value: toSI(miles, 'mi'), source: 'maker' } },
  });
  expect(repack(model(20_000)).distance).toEqual({ value: toSI(20_000, 'mi'), basis: 'maker' });
  const chosen = rulesFor({ repack: 'grade-5000' }, undefined);
  expect(repack(model(20_000), chosen).distance).toEqual({
    value: toSI(5000, 'mi'),
    basis: 'house',
    over: { value: toSI(20_000, 'mi'), basis: 'maker' },
  });
  expect(repack(model(3000), chosen).distance).toEqual({ value: toSI(3000, 'mi'), basis: 'maker' });
});

describe('the season', () => {
  const NORTH = seasonOf({ half: 'north' }, undefined);
  if (!NORTH) throw new Error('no season');
  const day = (text: string) => `${text}T00:00:00.000Z`;

  test('is what the rig says, else the house, else usual for its half of the world, else not known', () => {
    expect(seasonOf(undefined, undefined)).toBeUndefined();
    expect(seasonOf({ half: 'south' }, undefined)).toEqual({ start: '10-01', end: '04-30', basis: 'house' });
    const own = { start: '05-01', end: '09-15' };
    expect(seasonOf({ half: 'south' }, own)).toEqual({ ...own, basis: 'owner' });
    expect(seasonOf(own, { half: 'north' })).toEqual({ ...own, basis: 'owner' });
  });

  test.each([
    // Work counts for the time it lies nearer to; what was not laid up is moot once the next season starts.
    ['commission', '2025-12-01', '2026-04-01'],
    ['commission', '2026-02-15', '2027-04-01'],
    ['mid', '2026-04-20', '2026-06-11'],
    ['mid', '2026-05-20', '2026-08-21'],
    ['layup', '2025-06-01', '2026-10-31'],
    ['layup', '2026-10-15', '2027-10-31'],
  ] as const)('%s last done %s comes up by %s', (time, done, at) => {
    expect(openCheckpoint(NORTH, time, day(done), day('2026-05-16'))?.at.slice(0, 10)).toBe(at);
  });

  test('that ends in the next year does not bite its own tail', () => {
    const south = seasonOf({ half: 'south' }, undefined);
    if (!south) throw new Error('no season');
    const points = checkpoints(south, 'mid', day('2026-01-10')).map((point) => point.at.slice(0, 10));
    expect(points).toContain('2025-12-10');
    expect(points).toContain('2026-02-18');
    expect([...points].sort()).toEqual(points);
  });

  test('brings a yearly look to the spring; while it is not known, days count', () => {
    const model = sampleModel({});
    const about = { model, house: HOUSE_DEFAULT };
    expect(intervalOf('lights', 'rig', { ...about, season: NORTH })).toEqual({ seasons: ['commission'] });
    expect(intervalOf('lights', 'rig', { ...about, season: undefined }).days?.value).toBe(365);
    expect(intervalOf('lug-torque', '1L', { ...about, season: undefined }).days?.value).toBe(182);
  });
});

describe('routines', () => {
  test('what one does by the way does not do it in turn, and lies at places of its own', () => {
    for (const model of fc.sample(anyModel, 40))
      for (const id of ROUTINES)
        for (const other of routineDef(id).covers) {
          expect(routineDef(other).covers).not.toContain(id);
          const [place] = routineDef(id).places(model, HOUSE_DEFAULT);
          const [also] = routineDef(other).places(model, HOUSE_DEFAULT);
          // Both are of the whole rig, or neither is.
          if (place && also) expect(place === 'rig').toBe(also === 'rig');
        }
  });

  test('belong to the rig that has what they are about', () => {
    const ids = (model: RigModel, house: HouseRules = HOUSE_DEFAULT) =>
      ROUTINES.filter((id) => routineDef(id).places(model, house).length > 0);
    const bare = ids({ ...sampleModel({ kind: 'utility', brake: 'none', hub: 'plain' }), spares: 0 });
    expect(bare).not.toEqual(expect.arrayContaining(['brake-adjust']));
    for (const none of [
      'brake-adjust',
      'brake-measure',
      'breakaway-test',
      'grease',
      'rinse',
      'adapter-torque',
    ])
      expect(bare).not.toContain(none);
    const boat: RigModel = {
      ...sampleModel({ kind: 'boat', brake: 'hydraulic-disc', hub: 'pressure-cap' }),
      environment: { water: 'salt' },
    };
    expect(ids(boat)).toEqual(expect.arrayContaining(['rinse', 'grease', 'brake-measure', 'breakaway-test']));
    expect(ids(boat)).not.toContain('brake-adjust');
    expect(ids(boat, { ...HOUSE_DEFAULT, grease: 'never' })).not.toContain('grease');
  });
});

test('grease by the fitting comes round by what is told of it, else by the house', () => {
  const drilled = sampleModel({ hub: 'drilled' });
  const about = (model: RigModel) => ({ model, house: HOUSE_DEFAULT, season: undefined });
  expect(intervalOf('grease', '1L', about(drilled))).toMatchObject({
    distance: { value: toSI(2000, 'mi'), basis: 'house' },
    days: { value: 365, basis: 'house' },
  });
  const told: RigModel = {
    ...drilled,
    greaseEvery: {
      distance: { value: toSI(3000, 'mi'), source: 'maker' },
      days: { value: 180, source: 'marking' },
    },
  };
  expect(intervalOf('grease', '1L', about(told))).toMatchObject({
    distance: { value: toSI(3000, 'mi'), basis: 'maker' },
    days: { value: 180, basis: 'marking' },
  });
});

test('water that is not told counts as salt: it is rinsed, and repacked by the fewer launches', () => {
  const boat = (water?: 'fresh' | 'salt'): RigModel => ({
    ...sampleModel({ kind: 'boat' }),
    environment: water && { water },
  });
  const rinsed = (model: RigModel) => routineDef('rinse').places(model, HOUSE_DEFAULT);
  expect(rinsed(boat())).toEqual(['rig']);
  expect(rinsed(boat('salt'))).toEqual(['rig']);
  expect(rinsed(boat('fresh'))).toEqual([]);
  expect(repack(boat()).launches).toEqual(repack(boat('salt')).launches);
  expect(repack(boat('fresh')).launches?.value).toBeGreaterThan(repack(boat()).launches?.value ?? Infinity);
});
