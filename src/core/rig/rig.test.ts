import fc from 'fast-check';
import { anyModel, sampleModel } from '../testing/arbitraries';
import { runs } from '../testing/runs';
import {
  applyChanges,
  axleOf,
  changesSchema,
  diffModels,
  hasBrake,
  hasDrum,
  hubOpens,
  hubTakesFitting,
  isWheelEnd,
  matesOf,
  rigModelSchema,
  sideOf,
  wheelEnds,
  type RigModel,
} from '.';

const plain = (model: RigModel) => JSON.parse(JSON.stringify(model)) as RigModel;

describe('places', () => {
  test.each([
    [1, ['1L', '1R']],
    [2, ['1L', '1R', '2L', '2R']],
    [3, ['1L', '1R', '2L', '2R', '3L', '3R']],
  ] as const)('%d axles have wheel ends %j', (axles, ends) => {
    expect(wheelEnds(sampleModel({ axles }))).toEqual(ends);
  });

  test('a code says axle and side; anything else is no wheel end', () => {
    expect([axleOf('1L'), axleOf('3R')]).toEqual([0, 2]);
    expect([sideOf('1L'), sideOf('3R')]).toEqual(['L', 'R']);
    for (const text of ['4L', '1', 'L1', '1l', '', 'S1', 'toString']) expect(isWheelEnd(text)).toBe(false);
    for (const text of ['1L', '3R']) expect(isWheelEnd(text)).toBe(true);
  });

  test('mates are across the axle and along the side', () => {
    expect(matesOf('2L', sampleModel({ axles: 3 }))).toEqual({ across: '2R', sameSide: ['1L', '3L'] });
    expect(matesOf('1R', sampleModel({ axles: 1 }))).toEqual({ across: '1L', sameSide: [] });
  });
});

describe('what follows from an axle', () => {
  test.each([
    ['plain', true, false],
    ['drilled', true, true],
    ['pressure-cap', true, true],
    ['oil-bath', false, false],
    ['sealed', false, false],
  ] as const)('a %s hub opens: %s, takes a fitting: %s', (hub, opens, fitting) => {
    expect(hubOpens({ hub })).toBe(opens);
    expect(hubTakesFitting({ hub })).toBe(fitting);
  });

  test.each([
    ['none', false, false],
    ['electric', true, true],
    ['hydraulic-drum', true, true],
    ['hydraulic-disc', true, false],
  ] as const)('%s brakes: braked %s, drums %s', (brake, braked, drum) => {
    expect(hasBrake({ brake })).toBe(braked);
    expect(hasDrum({ brake })).toBe(drum);
  });
});

describe('the model', () => {
  const good = plain(sampleModel({}));

  test('every rig that can be set up is one that is read', () => {
    fc.assert(
      fc.property(anyModel, (model) => expect(rigModelSchema.safeParse(plain(model)).success).toBe(true)),
    );
  });

  test.each<[string, object]>([
    ['a name of nothing', { name: '  ' }],
    ['no axle', { axles: [] }],
    ['four axles', { axles: [1, 2, 3, 4].map(() => good.axles[0]) }],
    ['seven studs', { wheels: { studs: 7 } }],
    ['a torque without its source', { wheels: { studs: 5, torque: { value: 100 } } }],
    ['a torque of a machine', { wheels: { studs: 5, torque: { value: 5000, source: 'maker' } } }],
    ['half a spare', { spares: 0.5 }],
    ['a field that nobody knows', { color: 'white' }],
    [
      'an end play window the wrong way round',
      { axles: [{ ...good.axles[0], endPlay: { value: { min: 0.001, max: 0.0001 }, source: 'maker' } }] },
    ],
    ['an interval of nothing', { repackEvery: { days: { value: 0, source: 'owner' } } }],
  ])('%s is refused', (_, change) => {
    expect(rigModelSchema.safeParse({ ...good, ...change }).success).toBe(false);
  });

  test('a name is trimmed', () => {
    expect(rigModelSchema.parse({ ...good, name: '  Juniper ' }).name).toBe('Juniper');
  });
});

describe('changes field by field', () => {
  test('what leads from one rig to another does, for any two', () => {
    fc.assert(
      fc.property(anyModel, anyModel, (before, after) => {
        const changes = diffModels(before, after);
        if (Object.keys(changes).length === 0) return expect(plain(after)).toEqual(plain(before));
        expect(changesSchema.safeParse(changes).success).toBe(true);
        const made = applyChanges(before, changes);
        if (!made.ok) throw new Error(made.error);
        expect(made.value).toEqual(plain(after));
      }),
      { numRuns: runs(300) },
    );
  });

  test('a rig does not differ from itself', () => {
    fc.assert(fc.property(anyModel, (model) => expect(diffModels(model, plain(model))).toEqual({})));
  });

  test('changes of two devices to different fields both hold, in either order', () => {
    const model = sampleModel({ axles: 2 });
    const one = { spares: 2, 'axles.1.brake': 'none' };
    const other = { name: 'Plover', 'axles.0.hub': 'drilled' };
    const twice = (first: typeof one | typeof other, second: typeof one | typeof other) => {
      const made = applyChanges(model, first);
      return made.ok && applyChanges(made.value, second);
    };
    expect(twice(one, other)).toEqual(twice(other, one));
    expect(twice(one, other)).toMatchObject({ ok: true, value: { name: 'Plover', spares: 2 } });
  });

  test('a specification changes with its source or not at all', () => {
    const model = sampleModel({});
    const next: RigModel = { ...model, wheels: { ...model.wheels, torque: { value: 120, source: 'guess' } } };
    expect(diffModels(model, next)).toEqual({ 'wheels.torque': { value: 120, source: 'guess' } });
  });

  test('a fact withdrawn is gone; the one given stays as it was', () => {
    const model = Object.freeze(sampleModel({}));
    const made = applyChanges(model, { 'wheels.torque': null });
    expect(made.ok && made.value.wheels.torque).toBeUndefined();
    expect(model.wheels.torque).toBeDefined();
  });

  test.each<[string, object]>([
    ['nothing', {}],
    ['a path into the works', { '__proto__.x': 1 }],
    ['a path with brackets', { 'axles[0]': 1 }],
  ])('%s is no change', (_, changes) => expect(changesSchema.safeParse(changes).success).toBe(false));

  test.each<[string, Record<string, string | number | null>]>([
    ['a field that nobody knows', { 'wheels.rim': 'steel' }],
    ['a needed fact withdrawn', { kind: null }],
    ['a value out of bounds', { 'wheels.studs': 7 }],
  ])('%s makes no rig, and says where', (_, changes) => {
    const made = applyChanges(sampleModel({}), changes);
    expect(made.ok).toBe(false);
    expect(!made.ok && made.error).toMatch(/./);
  });
});
