import { sideOf, sparesOf, isWheelEnd, wheelEnds, type Axle, type RigModel, type WheelEnd } from '../../rig';
import type { RoutinePlace, WorkId } from '../../rules';
import { LAW, LOOK_BRAKE, MAGNET, MEASURE, PADS, PLATE, SET_BRAKE, SHOES, THROUGH } from './brake';
import { COVER, COVER_ON, LOOSEN, LOWER, RAISE, REFIT, WHEEL_OFF, WHEEL_ON } from './corner';
import { BEFORE_FRAME, BUSHINGS, FRAME_DOWN, FRAME_UP, SET_AXLE, TIGHTEN } from './frame';
import {
  BEARINGS,
  CALIPER,
  CAP,
  CLOSED_HUB,
  GREASE,
  GREASE_BARE,
  HUB_BUILD,
  HUB_OFF,
  HUB_ON,
  LOOK_SEAL,
  NEW_HUB,
  PACK,
  PLUG_HOME,
  RACES,
  READ_HUB,
  RENEW,
  SCRAP_HUB,
  TOP_UP,
} from './hub';
import {
  ADAPTER,
  BARE_THREADS,
  BATTERY,
  BREAKAWAY,
  CHECK_LUGS,
  CONTACTS,
  FIXINGS,
  GEAR,
  GEAR_GREASE,
  LIGHTS,
  LOOK_SPARE,
  LOOK_TIRE,
  PIVOTS,
  PRESSURES,
  RINSE,
  ROTATE,
  SPARE_TIRE,
  STORE_BATTERY,
  STUD,
  SWAP_TIRE,
  THREADS,
  UNLOAD,
  WASH,
} from './round';
import type { StepDef } from './step';

/** The chapters of work at a raised corner, in the order they are written; what is safe of it is kept. */
const CORNER = {
  cover: COVER,
  loosen: LOOSEN,
  raise: RAISE,
  grease: GREASE,
  wheelOff: WHEEL_OFF,
  greaseBare: GREASE_BARE,
  closedHub: CLOSED_HUB,
  through: THROUGH,
  pads: PADS,
  caliper: CALIPER,
  stud: STUD,
  swap: SWAP_TIRE,
  rotate: ROTATE,
  adapter: ADAPTER,
  threads: BARE_THREADS,
  hubOff: HUB_OFF,
  bearings: BEARINGS,
  lookSeal: LOOK_SEAL,
  readHub: READ_HUB,
  lookBrake: LOOK_BRAKE,
  measure: MEASURE,
  scrapHub: SCRAP_HUB,
  renew: RENEW,
  races: RACES,
  newHub: NEW_HUB,
  plate: PLATE,
  shoes: SHOES,
  magnet: MAGNET,
  pack: PACK,
  hubOn: HUB_ON,
  topUp: TOP_UP,
  plugHome: PLUG_HOME,
  wheelOn: WHEEL_ON,
  setBrake: SET_BRAKE,
  lower: LOWER,
  refit: REFIT,
  coverOn: COVER_ON,
} as const satisfies Record<string, readonly StepDef[]>;
export type ChapterId = keyof typeof CORNER;

/** Every corner chapter, in order. */
export const CHAPTERS = Object.keys(CORNER) as readonly ChapterId[];

/** The steps of a corner chapter. */
export function chapterSteps(id: ChapterId): readonly StepDef[] {
  return CORNER[id];
}

/** How a kind of work is laid out. */
export interface Plan {
  /** Chapters at the corner it is done at. */
  readonly corner?: readonly ChapterId[];
  /** Those chapters where the gun does not reach the grease fitting with the wheel on. */
  readonly bare?: readonly ChapterId[];
  /** Steps on foot before any corner is raised. */
  readonly before?: readonly StepDef[];
  /** Steps on foot once every corner is down. */
  readonly after?: readonly StepDef[];
  /** Steps done once, ahead of all else. */
  readonly first?: readonly StepDef[];
  /** The whole frame goes up for it; `sides` are worked one after the other, then `joined`; `axle` is worked at the one axle it is for. */
  readonly frame?: {
    readonly sides: readonly StepDef[];
    readonly joined: readonly StepDef[];
    readonly axle?: readonly StepDef[];
  };
  /** Steps on the ground at the axle it is for, ahead of all else. */
  readonly firstAtAxle?: readonly StepDef[];
  /** Where a job for the whole rig is done. */
  readonly at?: (model: RigModel) => readonly RoutinePlace[];
}

const WHEEL: readonly ChapterId[] = ['cover', 'loosen', 'raise', 'wheelOff', 'wheelOn', 'lower', 'refit'];
const HUB: readonly ChapterId[] = [...WHEEL, 'hubOff', 'hubOn', 'plugHome', 'setBrake'];
/** With the hub open its brake is looked at: shoes and drum, or pads. */
const OPEN_HUB: readonly ChapterId[] = [...HUB, 'bearings', 'lookBrake', 'measure', 'pads', 'pack', 'topUp'];
/** Another hub in place of the old one, which is not stripped; its brake is looked at. */
const SWAP_HUB: readonly ChapterId[] = [
  ...HUB,
  'scrapHub',
  'lookBrake',
  'measure',
  'pads',
  'races',
  'newHub',
  'pack',
  'topUp',
];
/** With the hub off and its bearings in, the seal is looked at. */
const OPEN_BRAKE: readonly ChapterId[] = [...HUB, 'lookBrake', 'lookSeal', 'measure'];
const leaf = (model: RigModel) =>
  wheelEnds(model).filter((end) => model.axles[Number(end[0]) - 1]?.suspension === 'leaf');
const tires = (model: RigModel) => [...wheelEnds(model), ...sparesOf(model)];

/** Both ends of the axle that a wheel end belongs to, left first; none at any other place. */
export function axleEnds(place: RoutinePlace): readonly WheelEnd[] {
  if (!isWheelEnd(place)) return [];
  const axle = place.slice(0, 1);
  return [`${axle}L` as WheelEnd, `${axle}R` as WheelEnd];
}

/** Every kind of work as it is laid out; none where it has no card of its own. */
export const PLANS: Readonly<Record<WorkId, Plan | undefined>> = {
  walkaround: undefined,
  repack: { corner: [...OPEN_HUB, 'renew'] },
  'bearing-renew': { corner: [...OPEN_HUB, 'renew', 'races'] },
  'hub-renew': { corner: SWAP_HUB },
  'brake-measure': { corner: [...OPEN_BRAKE, 'pads', 'through'] },
  'plate-renew': { corner: [...OPEN_BRAKE, 'plate'] },
  'shoe-renew': { corner: [...OPEN_BRAKE, 'shoes'] },
  'magnet-renew': { corner: [...OPEN_BRAKE, 'magnet'] },
  'pad-renew': { corner: [...WHEEL, 'pads', 'caliper', 'setBrake'] },
  'stud-renew': { corner: [...WHEEL, 'stud'] },
  'cap-renew': { before: CAP },
  'hub-build': { before: HUB_BUILD },
  'hub-read': { corner: [...HUB, 'lookBrake', 'lookSeal', 'readHub'] },
  'brakes-install': { corner: [...SWAP_HUB, 'plate'], first: LAW },
  'hub-service': { corner: [...WHEEL, 'closedHub', 'through'] },
  'hub-look': { corner: ['raise', 'lower'] },
  grease: { corner: ['cover', 'raise', 'grease', 'lower', 'coverOn'], bare: [...WHEEL, 'greaseBare'] },
  'brake-adjust': { corner: ['raise', 'setBrake', 'lower'] },
  'adapter-torque': { corner: [...WHEEL, 'adapter'] },
  'tire-renew': { corner: [...WHEEL, 'swap'], before: SPARE_TIRE },
  'tire-change': { corner: [...WHEEL, 'swap'], first: LOOK_SPARE },
  'tire-rotate': { corner: [...WHEEL, 'rotate'] },
  bushings: {
    first: BEFORE_FRAME,
    corner: ['cover', 'loosen', 'raise', 'wheelOff', 'wheelOn', 'refit'],
    frame: { sides: BUSHINGS, joined: TIGHTEN },
    at: leaf,
  },
  'axle-set': {
    firstAtAxle: SET_AXLE.first,
    corner: ['cover', 'loosen', 'raise', 'wheelOff', 'wheelOn', 'setBrake', 'refit'],
    frame: { sides: [], joined: [], axle: SET_AXLE.under },
  },
  pressures: { before: PRESSURES, at: tires },
  'tire-look': { before: LOOK_TIRE },
  lights: { before: LIGHTS },
  contacts: { before: [...CONTACTS, ...LIGHTS] },
  'breakaway-test': { before: BREAKAWAY },
  'battery-renew': { before: [...BATTERY, ...BREAKAWAY] },
  'gear-look': { before: GEAR },
  'gear-grease': { before: GEAR_GREASE },
  underside: { before: FIXINGS, at: wheelEnds },
  pivots: { before: PIVOTS, at: leaf },
  'lug-torque': { after: CHECK_LUGS },
  'stud-threads': { after: THREADS },
  rinse: { after: RINSE },
  wash: { after: WASH },
  'unload-tires': { after: UNLOAD },
  'battery-out': { after: STORE_BATTERY },
};

export { FRAME_DOWN, FRAME_UP };

/** The chapters of some work at a corner with such an axle. */
export function chaptersAt(work: WorkId, axle: Axle | undefined): readonly ChapterId[] | undefined {
  const plan = PLANS[work];
  return axle?.greaseReach === false && plan?.bare ? plan.bare : plan?.corner;
}

/** Where a job is worked on: its own place, or for the whole rig each place it goes to. */
export function placesOfJob(work: WorkId, place: RoutinePlace, model: RigModel): readonly RoutinePlace[] {
  if (PLANS[work]?.frame?.axle) return axleEnds(place);
  const spread = PLANS[work]?.at;
  return place === 'rig' && spread ? spread(model) : [place];
}

/** Places in the order a walk meets them: left side to the back, right side forward, spares last; once begun on the right, the other way. */
export function inWalkingOrder(
  places: readonly RoutinePlace[],
  start: 'L' | 'R' = 'L',
): readonly RoutinePlace[] {
  const rank = (place: RoutinePlace): number => {
    if (!isWheelEnd(place))
      return place === 'rig' ? -1 : place.startsWith('S') && place.length === 2 ? 20 : 5;
    const axle = Number(place[0]);
    return sideOf(place) === start ? axle : 14 - axle;
  };
  return [...places].sort((a, b) => rank(a) - rank(b));
}
