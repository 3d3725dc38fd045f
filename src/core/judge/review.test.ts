import fc from 'fast-check';
import type { PartState } from '../log';
import { toSI } from '../base';
import type { Axle, PartKind, Place, RigModel } from '../rig';
import { HOUSE_DEFAULT } from '../rules';
import { anyModel, sampleModel } from '../testing/arbitraries';
import { broughtIn, reviewRig, type Conflict, type Reviewed } from '.';

const NOW = '2026-05-16T12:00:00.000Z';
const lb = (value: number) => toSI(value, 'lb');
const spec = (inches: number) => ({ value: toSI(inches, 'in'), source: 'owner' as const });

function rig(axle: Partial<Axle>, more: Partial<RigModel> = {}, parts: readonly PartState[] = []): Reviewed {
  const model = sampleModel({});
  return {
    model: { ...model, axles: model.axles.map((one) => ({ ...one, ...axle })), ...more },
    parts: Object.fromEntries(parts.map((part) => [part.id, part])),
  };
}

function part(kind: PartKind, at: Place, facts: Record<string, string | number>): PartState {
  return {
    id: `${kind} ${at}`,
    kind,
    at,
    facts: Object.fromEntries(
      Object.entries(facts).map(([key, value]) => [key, { value, source: 'marking' as const }]),
    ),
    since: NOW,
    rolled: 0,
    rolledKnown: true,
    rigDistance: 0,
    grade: undefined,
  };
}

const review = (one: Reviewed, limit: '5' | '6' | '7' | '10' = '6') =>
  reviewRig(one, { ...HOUSE_DEFAULT, tireAge: limit }, NOW);
const codes = (found: readonly Conflict[]) =>
  found.map(({ code, place, verdict }) => `${code} ${place} ${verdict}`);

test('a sound rig has nothing that does not agree', () => expect(review(rig({}))).toEqual([]));

test.each<[string, Reviewed, readonly string[]]>([
  ['disc brakes with wires', rig({ brake: 'hydraulic-disc', wires: true }), ['disc-with-magnets 1L watch']],
  [
    'disc brakes with a magnet measured',
    rig({ brake: 'hydraulic-disc' }, {}, [part('brake', '1R', { magnet: 3.2 })]),
    ['disc-with-magnets 1R watch'],
  ],
  ['wires and no brakes', rig({ brake: 'none', wires: true }), ['wires-without-brakes 1L due']],
  ['electric and no wires', rig({ brake: 'electric', wires: false }), ['electric-without-wires 1L due']],
  [
    'torsion on an equalizer',
    rig({ suspension: 'torsion', equalizer: true }),
    ['equalizer-on-torsion 1L watch'],
  ],
  [
    'adapters without a torque',
    rig({}, { wheels: { studs: 5, adapter: { fitted: true } } }),
    ['adapter-torque-unknown rig due'],
  ],
  [
    'adapters that carry less than a wheel may',
    rig(
      { rating: { value: toSI(5200, 'lb'), source: 'marking' } },
      {
        wheels: {
          studs: 5,
          adapter: {
            fitted: true,
            torque: { value: 120, source: 'maker' },
            rating: { value: toSI(2000, 'lb'), source: 'marking' },
          },
        },
      },
    ),
    ['adapter-weak rig due'],
  ],
  [
    'rounds of torque that do not rise',
    rig(
      {},
      {
        wheels: {
          studs: 5,
          torque: { value: toSI(100, 'lbf·ft'), source: 'maker' },
          stages: { first: { value: toSI(120, 'lbf·ft'), source: 'maker' } },
        },
      },
    ),
    ['stages-not-rising rig watch'],
  ],
  [
    'a guessed torque',
    rig({}, { wheels: { studs: 5, torque: { value: toSI(100, 'lbf·ft'), source: 'guess' } } }),
    ['torque-guess rig watch'],
  ],
  [
    'an unusual torque that its maker does not state',
    rig({}, { wheels: { studs: 5, torque: { value: toSI(240, 'lbf·ft'), source: 'counter' } } }),
    ['torque-unusual rig watch'],
  ],
  [
    'a load range too weak for the axle',
    rig(
      { rating: { value: lb(5200), source: 'marking' } },
      {
        tires: {
          size: { value: 'ST225/75R15', source: 'maker' },
          loadRange: { value: 'C', source: 'marking' },
        },
      },
    ),
    ['load-range-weak 1L due'],
  ],
  [
    'tires marked to carry too little',
    rig({ rating: { value: lb(3500), source: 'marking' } }, {}, [part('tire', '1L', { capacity: lb(1700) })]),
    ['load-range-weak 1L due'],
  ],
  [
    'a passenger tire',
    rig({}, {}, [part('tire', '1L', { size: 'P205/75R15' })]),
    ['tire-not-trailer 1L due'],
  ],
  ['a truck tire', rig({}, {}, [part('tire', '1R', { size: 'LT225/75R15' })]), ['tire-for-trucks 1R watch']],
  [
    'tires unlike on an axle',
    rig({}, {}, [part('tire', '1L', { size: 'ST205/75R15' }), part('tire', '1R', { size: 'ST225/75R15' })]),
    ['tires-differ 1L due'],
  ],
  [
    'a load range below the placard',
    rig({}, { tires: { loadRange: { value: 'D', source: 'maker' } } }, [
      part('tire', 'S1', { loadRange: 'C' }),
    ]),
    ['tire-below-placard S1 due'],
  ],
  ['a tire past its limit', rig({}, {}, [part('tire', '1L', { dot: '0120' })]), ['tire-old 1L due']],
  ['a tire that is aging', rig({}, {}, [part('tire', '1L', { dot: '0121' })]), ['tire-aging 1L watch']],
  ['a tire past ten', rig({}, {}, [part('tire', '1L', { dot: '1015' })]), ['tire-too-old 1L stop']],
  [
    'a spare past ten',
    rig({}, {}, [part('tire', 'S1', { dot: '1015' })]),
    ['tire-old S1 due', 'no-usable-spare rig watch'],
  ],
  [
    'past ten off the road',
    rig({}, { use: 'off-road' }, [part('tire', '1L', { dot: '1015' })]),
    ['tire-old 1L due'],
  ],
  [
    'a tire of the last century',
    rig({}, {}, [part('tire', '1L', { dot: '238' })]),
    ['tire-last-century 1L stop'],
  ],
  ['a code that is none', rig({}, {}, [part('tire', '1L', { dot: '9921' })]), ['tire-code-wrong 1L watch']],
  [
    'an old breakaway battery',
    rig({}, {}, [part('battery', 'breakaway', { since: '2023-04-01' })]),
    ['battery-old breakaway due'],
  ],
  [
    'an equalizer that is not the one of its kit',
    rig(
      {},
      {
        equalizerSpacing: spec(7.75),
        kit: { equalizer: spec(5.75), spacing: spec(33) },
        axleSpacing: spec(33),
      },
    ),
    ['equalizer-off-kit rig due'],
  ],
  [
    'axles that stand apart from what the kit was made for',
    rig(
      {},
      {
        equalizerSpacing: spec(7.75),
        kit: { equalizer: spec(7.75), spacing: spec(35) },
        axleSpacing: spec(33),
      },
    ),
    ['equalizer-off-kit rig due'],
  ],
  [
    'an equalizer that is long for its axles',
    rig({}, { equalizerSpacing: spec(7.75), axleSpacing: spec(33) }),
    ['equalizer-unusual rig watch'],
  ],
  ['one that is as usual', rig({}, { equalizerSpacing: spec(7.75), axleSpacing: spec(35) }), []],
])('%s', (_, told, expected) => expect(codes(review(told))).toEqual(expected));

test("a maker's torque outranks what is usual, and marked capacity what is usual for the size", () => {
  const torque = { value: toSI(240, 'lbf·ft'), source: 'maker' as const };
  expect(review(rig({}, { wheels: { studs: 5, torque } }))).toEqual([]);
});

test('the limit on age is the house rule', () => {
  const tires = rig({}, {}, [part('tire', '1L', { dot: '0120' })]);
  expect(codes(review(tires, '7'))).toEqual(['tire-aging 1L watch']);
  expect(codes(review(tires, '5'))).toEqual(['tire-old 1L due']);
});

test('what a change brings in is told apart from what was there', () => {
  const before = review(rig({ brake: 'none', wires: true }));
  const after = review(
    rig({ brake: 'none', wires: true }, { wheels: { studs: 5, adapter: { fitted: true } } }),
  );
  expect(codes(broughtIn(before, after))).toEqual(['adapter-torque-unknown rig due']);
});

test('any rig can be reviewed; gravest first, each told once', () => {
  fc.assert(
    fc.property(anyModel, (model) => {
      const found = review({ model, parts: {} });
      expect(new Set(found.map(({ id }) => id)).size).toBe(found.length);
      const weights = found.map(({ verdict }) => ['watch', 'due', 'stop'].indexOf(verdict));
      expect([...weights].sort((a, b) => b - a)).toEqual(weights);
    }),
  );
});
