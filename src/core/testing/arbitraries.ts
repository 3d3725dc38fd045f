/**
 * Testing: random and sample rigs and entries for property tests. Used by tests
 * and benchmarks only.
 */
import fc from 'fast-check';
import { makeEntry, workOf, type Entry, type EntryOf, type Kind } from '../log';
import { DAY_MS, toSI } from '../base';
import {
  KIT_IDS,
  routineDef,
  ROUTINES,
  RULE_IDS,
  RULES,
  WORKS,
  type HouseRules,
  type RoutinePlace,
  type WorkId,
} from '../rules';
import {
  applyChanges,
  BRAKES,
  FACT_IDS,
  factDef,
  factPath,
  GEAR_IDS,
  HUBS,
  isWheelEnd,
  KINDS,
  LOAD_RANGES,
  LOCKS,
  matesOf,
  PART_FACTS,
  PART_KINDS,
  partSchema,
  SHELF_GRADES,
  SOURCES,
  sparesOf,
  STUD_COUNTS,
  SUSPENSIONS,
  type Axle,
  type Changes,
  type FactType,
  type PartSpec,
  type Place,
  type RigModel,
} from '../rig';
import { anyEnd, anyLooked } from './looked';
import { PLANS, type Job } from '../routine';

const PART_VALUE: Readonly<Record<string, fc.Arbitrary<string | number>>> = {
  dot: fc.constantFrom('1121', '0519', '5426', '117'),
  size: fc.constantFrom('ST225/75R15', 'P205/75R15'),
  loadRange: fc.constantFrom(...LOAD_RANGES),
  capacity: fc.constantFrom(600, 975, 1152),
  madeFor: fc.constantFrom('trailer', 'passenger'),
  bore: fc.constant(0.0503),
  drumMax: fc.constant(0.2563),
  discMin: fc.constant(0.0254),
  hand: fc.constantFrom('left', 'right'),
  magnet: fc.constant(3.2),
  since: fc.constantFrom('2023-04-01', '2025-11-30'),
  light: fc.constantFrom('bulb', 'led'),
};

const specOf = <T>(value: fc.Arbitrary<T>) => fc.record({ value, source: fc.constantFrom(...SOURCES) });

/** A value of a fact as the model holds it. */
function valueOf(type: FactType): fc.Arbitrary<unknown> {
  switch (type.as) {
    case 'choice':
      return fc.constantFrom(...type.options);
    case 'whole':
      return fc.integer({ min: type.min, max: Math.min(type.max, 400) });
    case 'quantity':
      return fc
        .integer({ min: 1, max: 99 })
        .map((share) => Number((type.min + ((type.max - type.min) * share) / 100).toPrecision(6)));
    case 'pitch':
      return fc.constantFrom(toSI(1 / 14, 'in'), toSI(1 / 12, 'in'), 0.0015);
    case 'window':
      return fc.constantFrom({ min: 0.00003, max: 0.0002 }, { min: 0, max: 0.000127 });
    case 'drum':
      return fc.constantFrom(
        { diameter: toSI(10, 'in'), width: toSI(2.25, 'in') },
        { diameter: toSI(12, 'in'), width: toSI(2, 'in') },
      );
    case 'words':
      return fc.constantFrom('ST225/75R15', 'in the tool box', '4.80-12');
  }
}

/** The bones of a rig, to which facts are added. */
const anyBones = fc.record({
  name: fc.constantFrom('Juniper', 'Sandpiper', 'Hive Cart'),
  kind: fc.constantFrom(...KINDS),
  axles: fc.array(fc.record({ suspension: fc.constantFrom(...SUSPENSIONS) }), { minLength: 1, maxLength: 3 }),
  studs: fc.constantFrom(...STUD_COUNTS),
  spares: fc.integer({ min: 0, max: 2 }),
  miles: fc.constantFrom('meter' as const, 'trips' as const),
});

/** Changes to a rig that tell some of the facts, whether or not they agree with each other. */
function anyFacts(model: RigModel, likely: number): fc.Arbitrary<Changes> {
  const told = FACT_IDS.flatMap((id) => {
    const def = factDef(id);
    const count = def.scope === 'axle' ? model.axles.length : 1;
    return Array.from({ length: count }, (_, i): fc.Arbitrary<Record<string, unknown>> => {
      const value = def.sourced ? specOf(valueOf(def.type)) : valueOf(def.type);
      return fc
        .tuple(fc.integer({ min: 0, max: 9 }), value)
        .map(([roll, one]) => (roll < likely ? { [factPath(id, i)]: one } : {}));
    });
  });
  const gear = GEAR_IDS.map((id) =>
    fc.constantFrom({}, { [`gear.${id}`]: true }, { [`gear.${id}`]: false } as Record<string, unknown>),
  );
  return fc
    .tuple(...told, ...gear)
    .map((changes) => ({ name: model.name, ...(Object.assign({}, ...changes) as Changes) }));
}

const anyRig = (likely: number): fc.Arbitrary<RigModel> =>
  anyBones
    .map(({ studs, ...bones }): RigModel => ({ ...bones, wheels: { studs } }))
    .chain((bones) =>
      anyFacts(bones, likely).map((changes) => {
        const made = applyChanges(bones, changes);
        // An adapter told without being fitted is no adapter; such a rig keeps its bones.
        return made.ok ? made.value : bones;
      }),
    );

/** Any rig that can be set up, with much or little known of it. */
export const anyModel: fc.Arbitrary<RigModel> = fc.oneof(anyRig(2), anyRig(5), anyRig(9));

/** Any rig whose hubs, locks and brakes are known, so that work can be laid out for it. */
export const anyWorkable: fc.Arbitrary<RigModel> = anyModel.chain((model) =>
  fc
    .array(
      fc.record({
        hub: fc.constantFrom(...HUBS),
        lock: fc.constantFrom(...LOCKS),
        brake: fc.constantFrom(...BRAKES),
      }),
      { minLength: 3, maxLength: 3 },
    )
    .map((known) => ({ ...model, axles: model.axles.map((axle, i): Axle => ({ ...axle, ...known[i] })) })),
);

/** The same, with hubs and locks here and there that nobody has seen. */
export const anyUnseen: fc.Arbitrary<RigModel> = fc
  .tuple(anyWorkable, fc.integer({ min: 0, max: 63 }))
  .map(([model, hidden]) => ({
    ...model,
    axles: model.axles.map(({ hub, lock, ...axle }, i): Axle => ({
      ...axle,
      ...(hub && !(hidden & (1 << i)) && { hub }),
      ...(lock && !(hidden & (8 << i)) && { lock }),
    })),
  }));

/** Any choice of schools. */
export const anyHouse: fc.Arbitrary<HouseRules> = fc
  .tuple(...RULE_IDS.map((rule) => fc.constantFrom(...(RULES[rule] as readonly string[]))))
  .map(
    (schools) => Object.fromEntries(RULE_IDS.map((rule, i) => [rule, schools[i]])) as unknown as HouseRules,
  );

/** What any part is. */
export const anyPart: fc.Arbitrary<PartSpec> = fc.constantFrom(...PART_KINDS).chain((kind) =>
  fc
    .tuple(
      ...PART_FACTS[kind].map((fact) =>
        fc.option(specOf(PART_VALUE[fact] ?? fc.constantFrom('YB-44', 'YS-171')), { nil: undefined }),
      ),
    )
    .map((specs) => {
      const facts = Object.fromEntries(
        PART_FACTS[kind].map((fact, i) => [fact, specs[i]]).filter(([, spec]) => spec !== undefined),
      );
      return partSchema.parse({ kind, facts });
    }),
);

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
    torques: {
      plate: { value: toSI(50, 'lbf·ft'), source: 'maker' },
      caliper: { value: toSI(55, 'lbf·ft'), source: 'maker' },
      axle: { value: toSI(80, 'lbf·ft'), source: 'maker' },
      joints: { value: toSI(60, 'lbf·ft'), source: 'maker' },
    },
    spares: 1,
    miles: 'trips',
  };
}

const RIGS = ['0196d000-0000-7000-8000-000000000001', '0196d000-0000-7000-8000-000000000002'] as const;
const T0 = Date.parse('2025-04-01T08:00:00.000Z');
const uuid = (n: number) => `0196d000-0000-7000-8000-1${n.toString(16).padStart(11, '0')}`;

const anyId = fc.constantFrom('a', 'b', 'c');
const anySeat = fc.constantFrom('1L' as const, '1R' as const, 'S1' as const, 'shelf' as const);

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
        readings: [{ place, what: 'end-play' as const, value: 0.00015 }],
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
        result: fc.constantFrom(
          'held' as const,
          'half-flat' as const,
          'over-half' as const,
          'loose' as const,
        ),
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
    fc.record({
      kind: fc.constant('finding.opened' as const),
      body: fc.record({
        place: anyEnd,
        verdict: fc.constant('due' as const),
        of: fc.constantFrom(
          { trouble: 'hot' as const, because: 'nut-reset' },
          { trouble: 'flat' as const, left: 'aged-spare' as const },
        ),
        limit: fc.record({
          roll: fc.constantFrom('care' as const, 'creep' as const),
          distance: fc.integer({ min: 1, max: 90_000 }),
          until: fc.constant('2026-06-01T00:00:00.000Z'),
          into: fc.integer({ min: 0, max: 90_000 }),
        }),
      }),
    }),
    fc.record({ finding: id, driven: fc.integer({ min: 0, max: 90_000 }) }).map((body) => ({
      kind: 'finding.seen' as const,
      body: { ...body, verdict: 'due' as const },
    })),
    fc.record({
      kind: fc.constant('kit' as const),
      body: fc.record({
        items: fc.array(fc.record({ item: fc.constantFrom(...KIT_IDS), aboard: fc.boolean() }), {
          minLength: 1,
          maxLength: 3,
        }),
      }),
    }),
    id.map((finding) => ({ kind: 'finding.closed' as const, body: { finding, how: 'seal renewed' } })),
    ...anyLooked(id),
    fc
      .record({ part: anyId, to: anySeat, known: fc.boolean(), spec: anyPart })
      .map(({ part, to, known, spec }) => ({
        kind: 'part.fitted' as const,
        body: { part, spec, to, ...(known && { rolled: 20_000 }) },
      })),
    fc
      .array(
        fc.record({
          part: anyId,
          to: fc.oneof(anySeat, fc.constant('gone' as const)),
          grade: fc.constantFrom(...SHELF_GRADES),
        }),
        { minLength: 1, maxLength: 3 },
      )
      .map((moves) => ({ kind: 'part.moved' as const, body: { moves } })),
    anyId.map((part) => ({
      kind: 'part.read' as const,
      body: { part, facts: { number: { value: 'YB-68', source: 'marking' as const } } },
    })),
    fc.constantFrom('rig.retired' as const, 'rig.returned' as const).map((kind) => ({ kind, body: {} })),
    fc.record({ rule: fc.constantFrom(...RULE_IDS), set: fc.boolean() }).map(({ rule, set }) => ({
      kind: 'rule.chosen' as const,
      body: { rule, school: set ? RULES[rule][1] : null },
    })),
    fc.record({ place: anyEnd, looked: fc.boolean() }).map(({ place, looked }) => ({
      kind: 'survey' as const,
      body: {
        item: 'tire',
        place,
        found: looked
          ? { as: 'condition' as const, verdict: 'watch' as const }
          : { as: 'not-looked' as const },
      },
    })),
    fc
      .record({
        routine: fc.constantFrom(...ROUTINES),
        place: fc.constantFrom('1L' as const, 'coupler' as const, 'rig' as const),
      })
      .map((job) => ({ kind: 'work' as const, body: workOf([job]) })),
    fc
      .record({
        what: fc.constantFrom('shop' as const, 'adapter' as const, 'fixings' as const),
        place: anyEnd,
      })
      .map(({ what, place }) => ({ kind: 'event' as const, body: { what, places: [place] } })),
    fc
      .record({
        routine: fc.constantFrom(...ROUTINES),
        place: anyEnd,
        distance: fc.integer({ min: 1, max: 90_000 }),
      })
      .map((body) => ({ kind: 'deferral' as const, body: { ...body, reason: 'parts on their way' } })),
    fc
      .constantFrom<EntryOf<'season'>['body']>({ half: 'south' }, { start: '04-01', end: '10-31' }, {})
      .map((body) => ({ kind: 'season' as const, body })),
    fc.integer({ min: 0, max: 90 }).map((days) => ({
      kind: 'trip.planned' as const,
      body: { at: new Date(T0 + days * DAY_MS).toISOString(), distance: 250_000, launches: days % 3 },
    })),
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
            happened: new Date(T0 + happened * DAY_MS).toISOString(),
            recorded: new Date(T0 + recorded * DAY_MS).toISOString(),
            replaces: what.kind === 'void' || replaces === undefined ? undefined : uuid(replaces),
          },
          what.body,
        ),
      ),
    ),
);

/** Every job that a rig could ask for: all work that has a card, wherever it can be done. */
export function everyJob(model: RigModel, house: HouseRules): Job[] {
  return WORKS.filter((work) => PLANS[work]).flatMap((routine): Job[] =>
    routineDef(routine)
      .places(model, house)
      .flatMap((place): Job[] =>
        routine === 'tire-rotate'
          ? partners(model, place).map((partner) => ({ routine, place, with: partner }))
          : [{ routine, place }],
      ),
  );
}

const NEW_HUBS: readonly WorkId[] = ['hub-renew', 'hub-build', 'brakes-install'];

/** One to so many of the jobs that a rig could ask for. */
export function anyJobs(model: RigModel, house: HouseRules, most = 6): fc.Arbitrary<readonly Job[]> {
  const all = everyJob(model, house);
  return fc
    .tuple(
      fc.shuffledSubarray(all, { minLength: 1, maxLength: Math.min(most, all.length) }),
      fc.constantFrom<Job['races']>(undefined, 'loose', 'fitted'),
    )
    .map(([jobs, races]) =>
      jobs.map((job) => (races && NEW_HUBS.includes(job.routine) ? { ...job, races } : job)),
    );
}

/** What a wheel can change places with: another of its side, or a spare. */
function partners(model: RigModel, place: RoutinePlace): readonly Place[] {
  if (!isWheelEnd(place)) return [];
  return [...matesOf(place, model).sameSide, ...sparesOf(model)];
}
