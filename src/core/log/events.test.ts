import { REGISTRY } from './registry';
import { sampleModel } from '../testing/arbitraries';
import { mi, storyFrom } from '../testing/story';
import { rulesFor } from '../rules';

const { entry, setup, trip, rigOf, day } = storyFrom('2025-05-01');
const read = (kind: keyof typeof REGISTRY, body: unknown) => REGISTRY[kind].body.safeParse(body).success;

describe('the meter of a rig', () => {
  const reading = (at: number, miles: number, more: { reading: number; replaced?: boolean }) =>
    entry('trip', at, {
      distance: mi(miles),
      launches: 0,
      reading: mi(more.reading),
      ...(more.replaced && { replaced: true }),
    });
  const start = [setup(sampleModel({})), entry('meter', 0, { reading: mi(1000), replaced: false })];

  test('that gained more than the trips tell leaves a gap, and the miles count', () => {
    const rig = rigOf(...start, reading(3, 60, { reading: 1060 }), reading(11, 50, { reading: 1230 }));
    expect(rig.gaps).toMatchObject([{ from: day(3), to: day(11) }]);
    expect(rig.gaps[0]?.distance).toBeCloseTo(mi(120), 3);
    expect(rig.distance).toBeCloseTo(mi(230), 3);
  });

  test('is explained by a trip that is logged late', () => {
    const late = trip(7, 120);
    const rig = rigOf(...start, reading(3, 60, { reading: 1060 }), reading(11, 50, { reading: 1230 }), late);
    expect(rig.gaps).toEqual([]);
    expect(rig.distance).toBeCloseTo(mi(230), 3);
  });

  test('that was replaced starts anew without a gap, and rounding is none', () => {
    const rig = rigOf(
      ...start,
      reading(3, 60, { reading: 5, replaced: true }),
      reading(5, 40, { reading: 46 }),
    );
    expect(rig.gaps).toEqual([]);
    expect(rig.distance).toBeCloseTo(mi(101), 3);
  });
});

describe('a season', () => {
  test('is kept as said, and an empty one goes back', () => {
    const said = entry('season', 1, { half: 'north' });
    expect(rigOf(setup(sampleModel({})), said).season).toEqual({ half: 'north' });
    expect(rigOf(setup(sampleModel({})), said, entry('season', 2, {})).season).toBeUndefined();
  });

  test.each([
    [{ half: 'north' }, true],
    [{ start: '04-01', end: '10-31' }, true],
    [{ start: '04-01' }, false],
    [{ start: '04-01', end: '04-01' }, false],
    [{ start: '13-01', end: '10-31' }, false],
    [{ half: 'east' }, false],
  ])('%j is read: %s', (body, sound) => expect(read('season', body)).toBe(sound));
});

test.each([
  ['deferral', { routine: 'repack', place: '1L', reason: 'seals' }, false],
  ['deferral', { routine: 'repack', place: '1L', reason: 'seals', distance: 1000 }, true],
  ['deferral', { routine: 'repack', place: '1L', reason: '  ', distance: 1000 }, false],
  ['deferral', { routine: 'lug-recheck', place: '1L', reason: 'rain', distance: 1000 }, false],
  ['event', { what: 'shop', places: [] }, false],
  ['event', { what: 'shop', places: ['1L'] }, true],
  ['event', { what: 'shop', places: ['coupler'] }, false],
  ['trip.planned', { at: '2026-05-23', distance: 1, launches: 0 }, false],
  ['trip', { distance: 1, launches: 0, vehicle: { out: 5, home: 3 } }, false],
  ['trip', { distance: 1, launches: 0, vehicle: { out: 3, home: 5 } }, true],
  ['work', { jobs: [] }, false],
] as const)('%s %j is read: %s', (kind, body, sound) => expect(read(kind, body)).toBe(sound));

test('a trip that is planned stands until it is called off, or planned anew', () => {
  const plan = entry('trip.planned', 1, { at: day(9), distance: mi(180), launches: 0, name: 'the lakes' });
  const rig = rigOf(setup(sampleModel({})), plan);
  expect(Object.values(rig.planned)).toMatchObject([{ at: day(9), name: 'the lakes' }]);
  expect(rig.distance).toBe(0);
});

test('a question that was answered is known to be, though the answer is the shipped one', () => {
  expect(rulesFor({ repack: 'yearly' }, undefined).chosen).toEqual(['repack']);
  expect(rulesFor(undefined, undefined).chosen).toBeUndefined();
});
