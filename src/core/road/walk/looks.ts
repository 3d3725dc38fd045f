import {
  axleOf,
  gearDef,
  gearOf,
  hasDrum,
  hasHydraulics,
  isGear,
  isSpare,
  isWheelEnd,
  type GearId,
  type Place,
  type RigModel,
} from '../../rig';
import type { WalkId } from '../../log';
import type { Subject } from '../../rules';

/** What is looked at on a walk: a thing graded, or a figure read. */
const LOOKS = [
  'tire',
  'tread',
  'wear',
  'valve',
  'pressure',
  'torque',
  'nuts',
  'cap',
  'oil',
  'hub',
  'weep',
  'rock',
  'spin',
  'drag',
  'pivot',
  'fluid',
  'lights',
  'lamp',
  'coupler',
  'chain',
  'strap',
  'weld',
  'gear',
  // Of the owner's own.
  'own',
] as const;
export type LookId = (typeof LOOKS)[number];

/** The systems of a trailer, in the order they are gone through. */
export const SYSTEMS = [
  'hitch',
  'tires',
  'wheels',
  'hubs',
  'brakes',
  'lights',
  'frame',
  'body',
  'own',
] as const;
export type System = (typeof SYSTEMS)[number];

interface LookDef {
  readonly system: System;
  /** What it is graded by; a figure as well where `reads` says so. */
  readonly subject: Subject;
  readonly reads?: 'pressure' | 'hub-temp';
}

const DEFS: Readonly<Record<LookId, LookDef>> = {
  tire: { system: 'tires', subject: 'tire-wall' },
  tread: { system: 'tires', subject: 'tread' },
  wear: { system: 'tires', subject: 'wear' },
  valve: { system: 'tires', subject: 'valve' },
  pressure: { system: 'tires', subject: 'valve', reads: 'pressure' },
  torque: { system: 'wheels', subject: 'lug-move' },
  nuts: { system: 'wheels', subject: 'lug-move' },
  cap: { system: 'hubs', subject: 'cap' },
  oil: { system: 'hubs', subject: 'oil' },
  hub: { system: 'hubs', subject: 'hub-hand', reads: 'hub-temp' },
  weep: { system: 'hubs', subject: 'grease-back' },
  rock: { system: 'hubs', subject: 'rock' },
  spin: { system: 'hubs', subject: 'spin' },
  drag: { system: 'brakes', subject: 'drag' },
  pivot: { system: 'frame', subject: 'pivot' },
  fluid: { system: 'brakes', subject: 'fluid' },
  lights: { system: 'lights', subject: 'lamp' },
  lamp: { system: 'lights', subject: 'lamp' },
  coupler: { system: 'hitch', subject: 'coupler' },
  chain: { system: 'hitch', subject: 'chain' },
  strap: { system: 'body', subject: 'strap' },
  weld: { system: 'frame', subject: 'weld' },
  gear: { system: 'body', subject: 'gear' },
  own: { system: 'own', subject: 'gear' },
};

/** A look by its name. */
export function lookDef(id: LookId): LookDef {
  return DEFS[id];
}

/** How a piece of gear is looked at. */
function lookOfGear(id: GearId): LookId {
  switch (id) {
    case 'coupler':
      return 'coupler';
    case 'safetyChains':
      return 'chain';
    case 'winchStrap':
    case 'transomStraps':
      return 'strap';
    case 'frame':
      return 'weld';
    case 'lampLeft':
    case 'lampRight':
    case 'markerLamps':
    case 'plateLamp':
      return 'lamp';
    default:
      return 'gear';
  }
}

/** The system that a piece of gear belongs to. */
export function systemOfGear(id: GearId): System {
  const look = lookOfGear(id);
  if (look !== 'gear') return lookDef(look).system;
  if (id === 'breakaway' || id === 'brakeController') return 'brakes';
  if (id === 'reflectors' || id === 'plate' || id === 'plug') return 'lights';
  const { zone } = gearDef(id);
  return zone === 'tow' || zone === 'tongue' ? 'hitch' : 'body';
}

/** What is looked at where a wheel turns, by walk. */
const AT_WHEELS: Readonly<Record<WalkId, readonly LookId[]>> = {
  hitch: ['tire', 'pressure', 'nuts', 'cap', 'oil'],
  'first-stop': ['hub', 'torque', 'tire', 'cap', 'oil'],
  stop: ['hub', 'tire', 'nuts'],
  home: ['hub', 'weep', 'tire', 'oil'],
  twice: ['torque', 'drag', 'tread', 'wear', 'pressure', 'valve'],
  spring: [
    'tire',
    'tread',
    'wear',
    'valve',
    'pressure',
    'rock',
    'spin',
    'weep',
    'cap',
    'oil',
    'drag',
    'pivot',
  ],
  layup: ['tire', 'tread', 'wear', 'pressure', 'weep', 'oil', 'pivot'],
  shop: ['torque', 'cap', 'tire'],
};

const AT_SPARES: Readonly<Record<WalkId, readonly LookId[]>> = {
  hitch: ['tire', 'pressure'],
  'first-stop': [],
  stop: [],
  home: [],
  twice: ['pressure'],
  spring: ['tire', 'tread', 'valve', 'pressure'],
  layup: ['tire', 'pressure'],
  shop: [],
};

/** Gear looked at on a short walk; the long ones look at all of it. */
const GEAR: Readonly<Partial<Record<WalkId, readonly GearId[]>>> = {
  hitch: [
    'ball',
    'ballMount',
    'brakeController',
    'coupler',
    'couplerPin',
    'safetyChains',
    'breakaway',
    'plug',
    'tongueJack',
    'swingPin',
    'winchStrap',
    'bowStop',
    'stabilizers',
    'tieDowns',
    'toolBox',
    'transomStraps',
    'ramp',
    'reflectors',
  ],
  'first-stop': ['coupler', 'safetyChains', 'winchStrap', 'transomStraps', 'tieDowns'],
  stop: [
    'coupler',
    'safetyChains',
    'plug',
    'winchStrap',
    'transomStraps',
    'tieDowns',
    'lampLeft',
    'lampRight',
  ],
  home: ['plug'],
  twice: [],
  shop: [],
  layup: [
    'tongueJack',
    'frame',
    'winchStrap',
    'bunks',
    'galvanizing',
    'breakaway',
    'plug',
    'deck',
    'rampHinges',
    'stabilizers',
  ],
};

/** Walks on which all lamps are tried at once. */
const LAMPS_TRIED: ReadonlySet<WalkId> = new Set(['hitch', 'spring']);

function applies(look: LookId, model: RigModel, place: Place): boolean {
  const axle = isWheelEnd(place) ? model.axles[axleOf(place)] : undefined;
  if (look === 'drag') return axle !== undefined && hasDrum(axle);
  if (look === 'oil') return axle?.hub === 'oil-bath';
  if (look === 'pivot') return axle?.suspension === 'leaf';
  return true;
}

/** What is looked at on a walk at a place of a rig. */
export function looksAt(walk: WalkId, model: RigModel, place: Place): readonly LookId[] {
  if (isWheelEnd(place)) return AT_WHEELS[walk].filter((look) => applies(look, model, place));
  if (isSpare(place)) return AT_SPARES[walk];
  return isGear(place) ? [lookOfGear(place)] : [];
}

/** The gear looked at on a walk, in walking order; lamps that are tried all at once are not asked for one by one. */
export function gearOn(walk: WalkId, model: RigModel): readonly GearId[] {
  const some = GEAR[walk];
  return gearOf(model)
    .map(({ id }) => id)
    .filter((id) => (some ? some.includes(id) : !(LAMPS_TRIED.has(walk) && lookOfGear(id) === 'lamp')));
}

/** Walks on which all but a hand and a wrench is by eye in passing, many things by one tap: that tells what is wrong, and closes nothing. */
const IN_PASSING: ReadonlySet<WalkId> = new Set(['stop', 'first-stop']);
const BY_HAND: ReadonlySet<LookId> = new Set(['hub', 'torque']);

/** True for a look so short that what was found there before still stands after it. */
export function isGlance(walk: WalkId, look: LookId): boolean {
  return IN_PASSING.has(walk) && !BY_HAND.has(look);
}

/** Walks on which the brake fluid is looked at, on a rig that has some. */
const FLUID_SEEN: ReadonlySet<WalkId> = new Set(['twice', 'spring', 'layup']);

/** True where a walk looks at the brake fluid. */
export function looksAtFluid(walk: WalkId, { axles }: Pick<RigModel, 'axles'>): boolean {
  return FLUID_SEEN.has(walk) && axles.some(hasHydraulics);
}

/** True where a walk tries all lamps at once. */
export function triesLamps(walk: WalkId): boolean {
  return LAMPS_TRIED.has(walk);
}
