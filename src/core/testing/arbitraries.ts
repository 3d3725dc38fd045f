/**
 * Testing: random and sample rigs and entries for property tests. Used by tests
 * and benchmarks only.
 */
import fc from 'fast-check';
import { makeEntry, type Entry, type EntryOf, type Kind } from '../log';
import { toSI } from '../quantity';
import {
  BRAKES,
  HUBS,
  KINDS,
  LOCKS,
  SOURCES,
  STUD_COUNTS,
  SUSPENSIONS,
  WATERS,
  type Axle,
  type Changes,
  type RigModel,
} from '../rig';
import { NUT_SCHOOLS, RECHECK_SCHOOLS, type HouseRules } from '../rules';

const specOf = <T>(value: fc.Arbitrary<T>) => fc.record({ value, source: fc.constantFrom(...SOURCES) });

const anyAxle: fc.Arbitrary<Axle> = fc.record(
  {
    suspension: fc.constantFrom(...SUSPENSIONS),
    brake: fc.constantFrom(...BRAKES),
    hub: fc.constantFrom(...HUBS),
    lock: fc.constantFrom(...LOCKS),
    threadPitch: specOf(fc.constantFrom(toSI(1 / 14, 'in'), toSI(1 / 12, 'in'), 0.0015)),
    slots: specOf(fc.constantFrom(5, 6, 8)),
    pinHoles: specOf(fc.constantFrom(1, 2)),
  },
  { requiredKeys: ['suspension', 'brake', 'hub', 'lock'] },
);

/** Any rig that can be set up. */
export const anyModel: fc.Arbitrary<RigModel> = fc.record(
  {
    name: fc.constantFrom('Juniper', 'Sandpiper', 'Hive Cart'),
    kind: fc.constantFrom(...KINDS),
    axles: fc.array(anyAxle, { minLength: 1, maxLength: 3 }),
    wheels: fc.record(
      {
        studs: fc.constantFrom(...STUD_COUNTS),
        torque: specOf(fc.constantFrom(toSI(90, 'lbf·ft'), toSI(110, 'lbf·ft'))),
        studDiameter: specOf(fc.constant(toSI(0.5, 'in'))),
      },
      { requiredKeys: ['studs'] },
    ),
    spares: fc.integer({ min: 0, max: 2 }),
    miles: fc.constantFrom('meter' as const, 'trips' as const),
    water: fc.constantFrom(...WATERS),
    repackEvery: fc.record({ launches: specOf(fc.integer({ min: 1, max: 60 })) }),
  },
  { requiredKeys: ['name', 'kind', 'axles', 'wheels', 'spares', 'miles'] },
);

/** Any choice of schools. */
export const anyHouse: fc.Arbitrary<HouseRules> = fc.record({
  nut: fc.constantFrom(...NUT_SCHOOLS),
  torque: fc.constantFrom('air-then-ground' as const, 'all-on-ground' as const, 'snug-then-twice' as const),
  recheck: fc.constantFrom(...RECHECK_SCHOOLS),
});

/** A plain rig with what a test cares about set. */
export function sampleModel(
  wanted: Partial<Pick<Axle, 'brake' | 'hub' | 'lock'>> & { kind?: RigModel['kind']; axles?: 1 | 2 | 3 },
): RigModel {
  const axle: Axle = {
    suspension: 'leaf',
    brake: wanted.brake ?? 'electric',
    hub: wanted.hub ?? 'plain',
    lock: wanted.lock ?? 'cotter',
    threadPitch: { value: toSI(1 / 14, 'in'), source: 'owner' },
    slots: { value: 6, source: 'owner' },
    pinHoles: { value: 2, source: 'owner' },
  };
  return {
    name: 'Juniper',
    kind: wanted.kind ?? 'rv',
    axles: Array.from({ length: wanted.axles ?? 1 }, () => axle),
    wheels: {
      studs: 6,
      torque: { value: toSI(110, 'lbf·ft'), source: 'maker' },
      studDiameter: { value: toSI(0.5, 'in'), source: 'owner' },
    },
    spares: 1,
    miles: 'trips',
  };
}

const RIGS = ['0196d000-0000-7000-8000-000000000001', '0196d000-0000-7000-8000-000000000002'] as const;
const T0 = Date.parse('2025-04-01T08:00:00.000Z');
const uuid = (n: number) => `0196d000-0000-7000-8000-1${n.toString(16).padStart(11, '0')}`;
const anyEnd = fc.constantFrom('1L' as const, '1R' as const, '2L' as const, '2R' as const);

type Bodies = { [K in Kind]: { readonly kind: K; readonly body: EntryOf<K>['body'] } }[Kind];

/** Any sound body of an entry; targets point at one of the `count` entries of a log. */
const anyBody = (count: number): fc.Arbitrary<Bodies> => {
  const id = fc.integer({ min: 0, max: count }).map(uuid);
  return fc.oneof(
    anyModel.map((model) => ({ kind: 'rig.setup' as const, body: { model } })),
    fc.record({
      kind: fc.constant('rig.changed' as const),
      body: fc.record({
        changes: fc.constantFrom<Changes>({ spares: 2 }, { name: 'Other' }, { 'axles.1.brake': 'none' }),
      }),
    }),
    fc.record({
      kind: fc.constant('trip' as const),
      body: fc.record(
        {
          distance: fc.integer({ min: 0, max: 400_000 }),
          launches: fc.integer({ min: 0, max: 4 }),
          reading: fc.integer({ min: 0, max: 4_000_000 }),
          replaced: fc.boolean(),
        },
        { requiredKeys: ['distance', 'launches'] },
      ),
    }),
    fc.record({
      kind: fc.constant('meter' as const),
      body: fc.record({ reading: fc.integer({ min: 0, max: 4_000_000 }), replaced: fc.boolean() }),
    }),
    fc.record({ place: anyEnd, since: fc.boolean() }).map(({ place, since }) => ({
      kind: 'work' as const,
      body: {
        jobs: [{ routine: 'repack' as const, place }],
        from: since ? ('memory' as const) : ('written' as const),
        readings: [{ place, what: 'end-play', value: 0.00015 }],
        conditions: [],
        materials: [{ place, grease: 'polyurea' as const }],
        renewed: [{ place, part: 'seal' as const }],
        refits: since ? [] : [{ place, limits: [16_093.44, 40_233.6] }],
        skipped: [],
        ...(since && { distanceSince: 5000 }),
      },
    })),
    fc.record({
      kind: fc.constant('recheck' as const),
      body: fc.record({
        place: anyEnd,
        result: fc.constantFrom('held' as const, 'moved' as const, 'loose' as const),
      }),
    }),
    fc.record({
      kind: fc.constant('finding.opened' as const),
      body: fc.record({
        place: anyEnd,
        verdict: fc.constantFrom('watch' as const, 'stop' as const),
        text: fc.constant('seal weeps'),
      }),
    }),
    id.map((finding) => ({ kind: 'finding.closed' as const, body: { finding, how: 'seal renewed' } })),
    fc.constant({ kind: 'note' as const, body: { text: 'kept under the oak' } }),
    id.map((target) => ({ kind: 'void' as const, body: { target } })),
  );
};

/** Any log: few rigs, few moments, so that orders tie, targets meet and chains grow. */
export const anyLog: fc.Arbitrary<readonly Entry[]> = fc.integer({ min: 1, max: 24 }).chain((count) =>
  fc
    .array(
      fc.record({
        rig: fc.constantFrom(...RIGS),
        happened: fc.integer({ min: 0, max: 8 }),
        recorded: fc.integer({ min: 0, max: 30 }),
        replaces: fc.option(fc.integer({ min: 0, max: count }), { nil: undefined, freq: 3 }),
        what: anyBody(count),
      }),
      { minLength: count, maxLength: count },
    )
    .map((drafts) =>
      drafts.map(({ rig, happened, recorded, replaces, what }, i) =>
        makeEntry(
          what.kind,
          {
            id: uuid(i),
            rig,
            happened: new Date(T0 + happened * 86_400_000).toISOString(),
            recorded: new Date(T0 + recorded * 86_400_000).toISOString(),
            replaces: what.kind === 'void' || replaces === undefined ? undefined : uuid(replaces),
          },
          what.body,
        ),
      ),
    ),
);
