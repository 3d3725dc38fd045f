import type { BrakeKind, RigKind } from './kinds';

/** Where a piece of gear is met on a walk from the tongue round the rig; `tow` is the vehicle in front. */
export type GearZone = 'tow' | 'tongue' | 'body' | 'back';

interface GearDef {
  readonly zone: GearZone;
  /** Left out: every kind of trailer. */
  readonly kinds?: readonly RigKind[];
  /** Every such trailer has it; otherwise its owner says whether this one does. */
  readonly always?: true;
  /** Belongs to trailers with brakes. */
  readonly braked?: true;
  /** Towing with it unseen or unsound is not done: a baseline looks at it before the first tow. */
  readonly critical?: true;
}

/** The gear of a rig beside its wheel ends, in walking order (handbook section 2). */
const GEAR = {
  ball: { zone: 'tow', always: true, critical: true },
  ballMount: { zone: 'tow', always: true, critical: true },
  receiver: { zone: 'tow', always: true, critical: true },
  brakeController: { zone: 'tow', braked: true, critical: true },
  socketOnBoard: { zone: 'tow', always: true },
  jackOnBoard: { zone: 'tow', always: true },
  coupler: { zone: 'tongue', always: true, critical: true },
  couplerPin: { zone: 'tongue', always: true, critical: true },
  safetyChains: { zone: 'tongue', always: true, critical: true },
  breakaway: { zone: 'tongue', braked: true, critical: true },
  plug: { zone: 'tongue', always: true, critical: true },
  tongueJack: { zone: 'tongue', always: true },
  swingPin: { zone: 'tongue', kinds: ['boat'], critical: true },
  frame: { zone: 'tongue', always: true, critical: true },
  winch: { zone: 'body', kinds: ['boat'] },
  winchStrap: { zone: 'body', kinds: ['boat'], critical: true },
  bowStop: { zone: 'body', kinds: ['boat'] },
  bunks: { zone: 'body', kinds: ['boat'] },
  rollers: { zone: 'body', kinds: ['boat'] },
  galvanizing: { zone: 'body', kinds: ['boat'] },
  transomStraps: { zone: 'back', kinds: ['boat'], critical: true },
  stabilizers: { zone: 'body', kinds: ['rv'] },
  levelingBlocks: { zone: 'body', kinds: ['rv'] },
  gearGuards: { zone: 'body', kinds: ['rv'] },
  deck: { zone: 'body', kinds: ['utility'] },
  sideRails: { zone: 'body', kinds: ['utility'] },
  tieDowns: { zone: 'body', kinds: ['utility'], critical: true },
  toolBox: { zone: 'body', kinds: ['utility'] },
  reflectors: { zone: 'body', always: true },
  markerLamps: { zone: 'body' },
  lampLeft: { zone: 'back', always: true, critical: true },
  plate: { zone: 'back', always: true },
  plateLamp: { zone: 'back' },
  lampRight: { zone: 'back', always: true, critical: true },
  ramp: { zone: 'back', kinds: ['utility'] },
  rampHinges: { zone: 'back', kinds: ['utility'] },
} as const satisfies Record<string, GearDef>;

/** A piece of gear, and a place of its own on the rig. */
export type GearId = keyof typeof GEAR;

/** Every piece of gear, in walking order. */
export const GEAR_IDS = Object.keys(GEAR) as [GearId, ...GearId[]];

/** The facts about a piece of gear. */
export function gearDef(id: GearId): GearDef {
  return GEAR[id];
}

/** What the gear of a rig follows from. */
interface GearModel {
  readonly kind: RigKind;
  readonly axles: readonly { readonly brake?: BrakeKind | undefined }[];
  readonly gear?: Readonly<Partial<Record<GearId, boolean | undefined>>> | undefined;
}

/** A piece of gear of a rig: it has it, or nobody has looked whether it does. */
export interface Gear {
  readonly id: GearId;
  readonly known: boolean;
}

/** True where a piece of gear can belong to a rig at all. */
export function gearBelongs(id: GearId, model: Pick<GearModel, 'kind' | 'axles'>): boolean {
  const def = gearDef(id);
  const braked = model.axles.some(({ brake }) => brake !== 'none');
  return (!def.kinds || def.kinds.includes(model.kind)) && (!def.braked || braked);
}

/** The gear of a rig in walking order; what it is known not to have is left out. */
export function gearOf(model: GearModel): readonly Gear[] {
  return GEAR_IDS.filter((id) => gearBelongs(id, model) && model.gear?.[id] !== false).map((id) => ({
    id,
    known: gearDef(id).always === true || model.gear?.[id] === true,
  }));
}
