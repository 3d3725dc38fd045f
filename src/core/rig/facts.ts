import { toSI, type Dimension } from '../base';
import { hasBrake, hasDrum, hasHydraulics, hubOpens, hubTakesFitting } from './derive';
import {
  ACTUATORS,
  BRAKES,
  CAPS,
  CHEMISTRIES,
  COVERS,
  HUBS,
  LIFT_POINTS,
  LININGS,
  LOAD_RANGES,
  LOCKS,
  LUBRICANTS,
  MATERIALS,
  ROADS,
  STUD_COUNTS,
  SUSPENSIONS,
  USES,
  VALVES,
  WATERS,
} from './kinds';
import type { Axle, RigModel } from './model';
import type { Specified } from './source';

/** How a fact is told: one of a few, a count, a quantity in SI between bounds, words, or a pair of lengths. */
export type FactType =
  | { readonly as: 'choice'; readonly options: readonly (string | number | boolean)[] }
  /** Where it is a span, in days. */
  | { readonly as: 'whole'; readonly min: number; readonly max: number; readonly span?: true }
  | { readonly as: 'quantity'; readonly dimension: Dimension; readonly min: number; readonly max: number }
  /** A thread: typed as threads per inch or as mm of pitch, kept as travel in one turn (m). */
  | { readonly as: 'pitch' }
  /** From and to (m). */
  | { readonly as: 'window'; readonly max: number }
  /** Drum diameter by shoe width (m). */
  | { readonly as: 'drum' }
  | { readonly as: 'words'; readonly most: number };

/** The parts of a rig that its facts are told by. */
export const FACT_GROUPS = ['axles', 'hubs', 'brakes', 'wheels', 'tires', 'lifting', 'use'] as const;
export type FactGroup = (typeof FACT_GROUPS)[number];

interface FactBase {
  readonly group: FactGroup;
  readonly type: FactType;
  /** A specification: it carries its source. */
  readonly sourced: boolean;
  /** Only a maker can give it. */
  readonly byMaker?: boolean;
  /** A size that wrenches and sockets are sold by: told in its own unit, whatever units its owner reads in. */
  readonly sold?: true;
  /** Asked for only where a school needs it, or may be told and is never missed; otherwise it is asked for. */
  readonly asked?: 'by-school' | 'optional';
}
interface AxleFact extends FactBase {
  readonly scope: 'axle';
  readonly path: keyof Axle;
  readonly when?: (axle: Axle, model: RigModel) => boolean;
}
interface RigFact extends FactBase {
  readonly scope: 'rig';
  readonly path: string;
  readonly when?: (model: RigModel) => boolean;
}

/** One fact that can be told of a rig: where it lies in the model, and how it is told. */
export type FactDef = AxleFact | RigFact;

const choice = (options: readonly (string | number | boolean)[]): FactType => ({ as: 'choice', options });
const YES_NO = choice([true, false]);
const inches = (min: number, max: number): FactType => ({
  as: 'quantity',
  dimension: 'length',
  min: toSI(min, 'in'),
  max: toSI(max, 'in'),
});
const PRESSURE: FactType = {
  as: 'quantity',
  dimension: 'pressure',
  min: toSI(15, 'psi'),
  max: toSI(150, 'psi'),
};
const TORQUE: FactType = { as: 'quantity', dimension: 'torque', min: 10, max: 1000 };
const axle = (
  path: keyof Axle,
  group: FactGroup,
  type: FactType,
  sourced: boolean,
  when?: AxleFact['when'],
): FactDef => ({ scope: 'axle', path, group, type, sourced, ...(when && { when }) });
const rig = (
  path: string,
  group: FactGroup,
  type: FactType,
  sourced: boolean,
  when?: RigFact['when'],
): FactDef => ({ scope: 'rig', path, group, type, sourced, ...(when && { when }) });
const optional = (def: FactDef): FactDef => ({ ...def, asked: 'optional' });
/** True where such a hub can have one cap or another. */
const capIsOpen = ({ hub }: Axle) => hub === 'plain' || hub === 'drilled';
const asSold = (def: FactDef): FactDef => ({ ...def, sold: true });
const greasedByFitting = ({ axles }: RigModel) => axles.some(hubTakesFitting);
const tandem = (model: RigModel) => model.axles.length > 1;
const sprung = (model: RigModel) => model.axles.some((one) => one.suspension === 'leaf');
const rocks = (model: RigModel) =>
  tandem(model) && model.axles.some((one) => one.suspension === 'leaf' && one.equalizer !== false);
const mayBrake = (one: Axle) => one.brake === undefined || hasBrake(one);
const mayDrum = (one: Axle) => one.brake === undefined || hasDrum(one);
const mayBreakAway = (model: RigModel) => model.axles.some(mayBrake) && model.gear?.breakaway !== false;

/** Every fact that can be told of a rig, in the order it is asked for. */
const FACTS = {
  suspension: axle('suspension', 'axles', choice(SUSPENSIONS), false),
  equalizer: axle('equalizer', 'axles', YES_NO, false, (one, m) => one.suspension === 'leaf' && tandem(m)),
  rating: axle(
    'rating',
    'axles',
    { as: 'quantity', dimension: 'weight', min: toSI(500, 'lb'), max: toSI(20_000, 'lb') },
    true,
  ),
  gvwr: rig(
    'gvwr',
    'axles',
    { as: 'quantity', dimension: 'weight', min: toSI(300, 'lb'), max: toSI(60_000, 'lb') },
    true,
  ),
  axleSpacing: rig('axleSpacing', 'axles', inches(20, 80), true, tandem),
  equalizerSpacing: rig('equalizerSpacing', 'axles', inches(3, 30), true, rocks),
  kitEqualizer: optional(rig('kit.equalizer', 'axles', inches(3, 30), true, rocks)),
  kitSpacing: optional(rig('kit.spacing', 'axles', inches(20, 80), true, rocks)),
  greasePoints: rig('greasePoints.aSide', 'axles', { as: 'whole', min: 0, max: 24 }, false, sprung),
  greaseWheelOff: rig('greasePoints.wheelOff', 'axles', YES_NO, false, sprung),
  axleTorque: rig('torques.axle', 'axles', TORQUE, true),
  jointTorque: rig('torques.joints', 'axles', TORQUE, true, (m) =>
    m.axles.some((one) => one.suspension === 'leaf'),
  ),
  hub: axle('hub', 'hubs', choice(HUBS), false),
  lock: axle('lock', 'hubs', choice(LOCKS), false),
  cap: axle('cap', 'hubs', choice(CAPS), false, (one) => one.hub === undefined || capIsOpen(one)),
  capSize: optional(axle('capSize', 'hubs', inches(0.8, 5), true, hubOpens)),
  spindleNut: optional(asSold(axle('spindleNut', 'hubs', inches(0.5, 3), true, hubOpens))),
  flatWasher: axle('flatWasher', 'hubs', YES_NO, false),
  threadPitch: axle('threadPitch', 'hubs', { as: 'pitch' }, true),
  slots: axle('slots', 'hubs', { as: 'whole', min: 3, max: 24 }, true),
  pinHoles: axle('pinHoles', 'hubs', choice([1, 2]), true, (one) => one.lock !== 'tang'),
  endPlay: axle('endPlay', 'hubs', { as: 'window', max: 0.005 }, true),
  repackDistance: rig(
    'repackEvery.distance',
    'hubs',
    { as: 'quantity', dimension: 'distance', min: toSI(100, 'mi'), max: toSI(1_000_000, 'mi') },
    true,
  ),
  repackDays: rig('repackEvery.days', 'hubs', { as: 'whole', min: 1, max: 36_500, span: true }, true),
  repackLaunches: rig(
    'repackEvery.launches',
    'hubs',
    { as: 'whole', min: 1, max: 1000 },
    true,
    (m) => m.kind === 'boat',
  ),
  greaseReach: optional(axle('greaseReach', 'hubs', YES_NO, false, hubTakesFitting)),
  greaseDistance: optional(
    rig(
      'greaseEvery.distance',
      'hubs',
      { as: 'quantity', dimension: 'distance', min: toSI(100, 'mi'), max: toSI(100_000, 'mi') },
      true,
      greasedByFitting,
    ),
  ),
  greaseDays: optional(
    rig('greaseEvery.days', 'hubs', { as: 'whole', min: 1, max: 36_500, span: true }, true, greasedByFitting),
  ),
  brake: axle('brake', 'brakes', choice(BRAKES), false),
  wires: axle('wires', 'brakes', YES_NO, false),
  drum: axle('drum', 'brakes', { as: 'drum' }, true, (one) => one.brake === undefined || hasDrum(one)),
  lining: axle('lining', 'brakes', choice(LININGS), false, mayBrake),
  mountingBolts: axle('mountingBolts', 'brakes', choice([4, 5]), true, mayBrake),
  plateNut: optional(asSold(axle('plateNut', 'brakes', inches(0.3, 1.5), true, mayDrum))),
  actuator: rig('actuator', 'brakes', choice(ACTUATORS), false, (m) => m.axles.some(hasHydraulics)),
  plateTorque: rig('torques.plate', 'brakes', TORQUE, true, (m) => m.axles.some(mayDrum)),
  caliperTorque: rig('torques.caliper', 'brakes', TORQUE, true, (m) =>
    m.axles.some((one) => one.brake === 'hydraulic-disc'),
  ),
  breakawayBattery: rig('breakaway.chemistry', 'brakes', choice(CHEMISTRIES), false, mayBreakAway),
  breakawayRequired: rig('breakaway.required', 'brakes', YES_NO, false, mayBreakAway),
  studs: rig('wheels.studs', 'wheels', choice(STUD_COUNTS), false),
  torque: rig('wheels.torque', 'wheels', TORQUE, true),
  firstStage: optional(rig('wheels.stages.first', 'wheels', TORQUE, true)),
  secondStage: optional(rig('wheels.stages.second', 'wheels', TORQUE, true)),
  treatedTorque: {
    ...rig('wheels.treatedTorque', 'wheels', TORQUE, true),
    byMaker: true,
    asked: 'by-school',
  },
  lubricant: { ...rig('wheels.lubricant', 'wheels', choice(LUBRICANTS), false), asked: 'by-school' },
  studDiameter: rig('wheels.studDiameter', 'wheels', inches(0.3, 1), true),
  boltCircle: rig('wheels.boltCircle', 'wheels', inches(3, 12), true),
  material: rig('wheels.material', 'wheels', choice(MATERIALS), false),
  socket: asSold(rig('wheels.socket', 'wheels', inches(0.5, 2), true)),
  key: rig('wheels.key', 'wheels', { as: 'words', most: 60 }, false),
  cover: rig('wheels.cover', 'wheels', choice(COVERS), false),
  coverTool: rig(
    'wheels.coverTool',
    'wheels',
    { as: 'words', most: 60 },
    false,
    (m) => m.wheels.cover !== undefined && m.wheels.cover !== 'none',
  ),
  adapter: rig('wheels.adapter.fitted', 'wheels', YES_NO, false),
  adapterNuts: rig(
    'wheels.adapter.nuts',
    'wheels',
    choice(STUD_COUNTS),
    false,
    (m) => m.wheels.adapter?.fitted === true,
  ),
  adapterTorque: rig(
    'wheels.adapter.torque',
    'wheels',
    TORQUE,
    true,
    (m) => m.wheels.adapter?.fitted === true,
  ),
  adapterCircle: optional(
    rig('wheels.adapter.circle', 'wheels', inches(3, 12), true, (m) => m.wheels.adapter?.fitted === true),
  ),
  adapterRating: optional(
    rig(
      'wheels.adapter.rating',
      'wheels',
      { as: 'quantity', dimension: 'weight', min: toSI(200, 'lb'), max: toSI(10_000, 'lb') },
      true,
      (m) => m.wheels.adapter?.fitted === true,
    ),
  ),
  tireSize: rig('tires.size', 'tires', { as: 'words', most: 24 }, true),
  loadRange: rig('tires.loadRange', 'tires', choice(LOAD_RANGES), true),
  pressure: rig('tires.pressure', 'tires', PRESSURE, true),
  maxPressure: rig('tires.maxPressure', 'tires', PRESSURE, true),
  wheelPressure: rig('wheels.maxPressure', 'tires', PRESSURE, true),
  valve: rig('wheels.valve', 'tires', choice(VALVES), false),
  tireLoad: {
    ...rig(
      'tires.load',
      'tires',
      { as: 'quantity', dimension: 'weight', min: toSI(100, 'lb'), max: toSI(6000, 'lb') },
      true,
    ),
    asked: 'by-school',
  },
  spares: rig('spares', 'tires', choice([0, 1, 2]), false),
  liftPoint: rig('lifting.point', 'lifting', choice(LIFT_POINTS), false),
  liftHeight: rig('lifting.height', 'lifting', inches(4, 60), true),
  miles: rig('miles', 'use', choice(['trips', 'meter']), false),
  yearly: rig(
    'yearly',
    'use',
    { as: 'quantity', dimension: 'distance', min: toSI(1, 'mi'), max: toSI(300_000, 'mi') },
    false,
  ),
  use: rig('use', 'use', choice(USES), false),
  roads: rig('environment.roads', 'use', choice(ROADS), false),
  law: optional(rig('law', 'use', { as: 'words', most: 300 }, false)),
  water: rig('environment.water', 'use', choice(WATERS), false, (m) => m.kind === 'boat'),
} as const satisfies Record<string, FactDef>;

/** The name of a fact. */
export type FactId = keyof typeof FACTS;

/** Every fact, in the order it is asked for. */
export const FACT_IDS = Object.keys(FACTS) as FactId[];

/** A fact by its name. */
export function factDef(id: FactId): FactDef {
  return FACTS[id];
}

/** A fact as the model holds it: bare, or with its source; undefined where it is not known. */
export type FactValue = Specified<unknown> | string | number | boolean | undefined;

/** Where a fact lies in the model; `index` is the axle, counted from zero, for a fact of an axle. */
export function factPath(id: FactId, index = 0): string {
  const def = factDef(id);
  return def.scope === 'axle' ? `axles.${index}.${def.path}` : def.path;
}

/** What the model knows of a fact, at an axle where it is a fact of axles. */
export function factValue(model: RigModel, id: FactId, index = 0): FactValue {
  let node: unknown = model;
  for (const key of factPath(id, index).split('.'))
    node = node !== null && typeof node === 'object' ? (node as Record<string, unknown>)[key] : undefined;
  return node as FactValue;
}

/** True where a fact can be told of this rig, or of one of its axles. */
export function factApplies(model: RigModel, id: FactId, index?: number): boolean {
  const def = factDef(id);
  if (def.scope === 'rig') return def.when?.(model) ?? true;
  const axles = index === undefined ? model.axles : model.axles.slice(index, index + 1);
  return axles.some((one) => def.when?.(one, model) ?? true);
}

/** The facts that are asked of a rig: those that can be told of it, and of those that a school asks for the ones it does, or that are known. */
export function askedFacts(model: RigModel, also: readonly FactId[] = []): readonly FactId[] {
  return FACT_IDS.filter(
    (id) =>
      factApplies(model, id) &&
      (factDef(id).asked !== 'by-school' || also.includes(id) || factValue(model, id) !== undefined),
  );
}

/** The facts that are asked of a rig and are not known yet, at one axle at least. */
export function missingFacts(model: RigModel, also: readonly FactId[] = []): readonly FactId[] {
  return askedFacts(model, also).filter((id) => {
    const def = factDef(id);
    if (def.asked === 'optional') return false;
    if (def.scope === 'rig') return factApplies(model, id) && factValue(model, id) === undefined;
    return model.axles.some((_, i) => factApplies(model, id, i) && factValue(model, id, i) === undefined);
  });
}

/** The fact that a path of the model belongs to, with its axle where it has one. */
export function factAt(path: string): { readonly id: FactId; readonly index: number } | undefined {
  const axleKeys = /^axles\.(\d)\.(.+)$/.exec(path);
  const id = FACT_IDS.find((one) => {
    const def = factDef(one);
    return axleKeys
      ? def.scope === 'axle' && def.path === axleKeys[2]
      : def.scope === 'rig' && def.path === path;
  });
  return id && { id, index: axleKeys ? Number(axleKeys[1]) : 0 };
}
