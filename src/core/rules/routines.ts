import {
  axleOf,
  gearDef,
  gearOf,
  hasBrake,
  hasDrum,
  hubOpens,
  hubTakesFitting,
  isGear,
  sparesOf,
  wheelEnds,
  type Axle,
  type Place,
  type RigModel,
} from '../rig';
import type { HouseRules } from './schools';

/** Every routine that comes round, in the order a walk meets them (handbook sections 3 and 4). */
export const ROUTINES = [
  'repack',
  'hub-look',
  'hub-service',
  'grease',
  'lug-torque',
  'adapter-torque',
  'brake-adjust',
  'brake-measure',
  'tire-look',
  'tire-renew',
  'walkaround',
  'rinse',
  'pressures',
  'lights',
  'breakaway-test',
  'battery-renew',
  'gear-look',
  'underside',
  'pivots',
  'contacts',
  'wash',
  'unload-tires',
  'battery-out',
] as const;
export type RoutineId = (typeof ROUTINES)[number];

/** Work that is asked for when something is worn, broken or new; it never comes round by itself. */
const REPAIRS = [
  'bearing-renew',
  'hub-renew',
  'plate-renew',
  'shoe-renew',
  'magnet-renew',
  'brakes-install',
  'tire-change',
  'tire-rotate',
  'stud-threads',
  'bushings',
  'axle-set',
] as const;
export type RepairId = (typeof REPAIRS)[number];

/** Anything that is done as a job: what comes round, and repairs. */
export type WorkId = RoutineId | RepairId;

/** Every kind of work. */
export const WORKS: readonly [WorkId, ...WorkId[]] = [...ROUTINES, ...REPAIRS];

/** What hangs on a routine: whether it may be towed, only its upkeep, or it belongs to the moment of leaving. */
export type Matter = 'safety' | 'upkeep' | 'moment';

/** A place where a routine is done; `rig` is the whole of it. */
export type RoutinePlace = Place | 'rig';

/** What a routine is: where it is done, what hangs on it, and what doing it does besides. */
export interface RoutineDef {
  readonly id: WorkId;
  readonly places: (model: RigModel, house: Pick<HouseRules, 'grease'>) => readonly RoutinePlace[];
  readonly matter: (place: RoutinePlace) => Matter;
  /** All its places are done in one walk, and count as one job. */
  readonly round: boolean;
  /** Routines that are done with it, at the same place. */
  readonly subsumes: readonly RoutineId[];
  /** A wheel comes off for it, and is refitted: its rechecks open. */
  readonly wheelOff?: true;
  /** Counted from the age of the part that sits there, not from work. */
  readonly ofPart?: 'tire' | 'battery';
}

const ends = (when: (axle: Axle) => boolean) => (model: RigModel) =>
  wheelEnds(model).filter((place) => {
    const axle = model.axles[axleOf(place)];
    return axle !== undefined && when(axle);
  });
const everyEnd = ends(() => true);
const tires = (model: RigModel): readonly Place[] => [...wheelEnds(model), ...sparesOf(model)];
const rig = (): readonly RoutinePlace[] => ['rig'];
const gear = (model: RigModel): readonly Place[] => gearOf(model).map(({ id }) => id);
const at = (id: 'breakaway') => (model: RigModel) => gear(model).filter((place) => place === id);
const when = (holds: (model: RigModel) => boolean) => (model: RigModel) => (holds(model) ? rig() : []);

const safety = (): Matter => 'safety';
const upkeep = (): Matter => 'upkeep';
const ofGear = (place: RoutinePlace): Matter =>
  isGear(place) && gearDef(place).critical ? 'safety' : 'upkeep';

const seaWater = (model: RigModel) =>
  model.kind === 'boat' && model.environment?.water !== undefined && model.environment.water !== 'fresh';

const one = (
  id: WorkId,
  places: RoutineDef['places'],
  matter: RoutineDef['matter'],
  more: Partial<Pick<RoutineDef, 'round' | 'subsumes' | 'ofPart' | 'wheelOff'>> = {},
): RoutineDef => ({ id, places, matter, round: false, subsumes: [], ...more });

/** What a hub that was off and closed again has had by the way. */
const OF_A_HUB = ['hub-look', 'brake-measure', 'brake-adjust', 'lug-torque'] as const;
const leafEnds = ends(({ suspension }) => suspension === 'leaf');
const wheelOff = { wheelOff: true } as const;

const DEFS: Readonly<Record<WorkId, RoutineDef>> = {
  repack: one('repack', ends(hubOpens), safety, {
    wheelOff: true,
    // The hub is off, the brake open, the wheel set, torqued and spun: all of these are done by the way.
    subsumes: ['grease', ...OF_A_HUB],
  }),
  'hub-look': one('hub-look', everyEnd, safety, { round: true }),
  'hub-service': one(
    'hub-service',
    ends((axle) => !hubOpens(axle)),
    safety,
    { subsumes: ['hub-look', 'lug-torque'], wheelOff: true },
  ),
  grease: one(
    'grease',
    (model, house) => (house.grease === 'never' ? [] : ends(hubTakesFitting)(model)),
    upkeep,
    { round: true },
  ),
  'lug-torque': one('lug-torque', everyEnd, safety, { round: true }),
  'adapter-torque': one(
    'adapter-torque',
    (model) => (model.wheels.adapter?.fitted ? everyEnd(model) : []),
    safety,
    { round: true, subsumes: ['lug-torque'], wheelOff: true },
  ),
  'brake-adjust': one('brake-adjust', ends(hasDrum), safety, { round: true }),
  'brake-measure': one('brake-measure', ends(hasBrake), safety, {
    subsumes: ['lug-torque'],
    wheelOff: true,
  }),
  'tire-look': one('tire-look', tires, safety, { round: true }),
  'tire-renew': one('tire-renew', tires, safety, { ofPart: 'tire', subsumes: ['tire-look', 'lug-torque'] }),
  walkaround: one('walkaround', rig, () => 'moment'),
  rinse: one('rinse', when(seaWater), upkeep),
  pressures: one('pressures', rig, safety),
  lights: one('lights', rig, safety),
  'breakaway-test': one('breakaway-test', at('breakaway'), safety),
  'battery-renew': one('battery-renew', at('breakaway'), safety, { ofPart: 'battery' }),
  'gear-look': one('gear-look', gear, ofGear, { round: true }),
  underside: one('underside', rig, safety),
  pivots: one(
    'pivots',
    when((model) => model.axles.some(({ suspension }) => suspension === 'leaf')),
    upkeep,
  ),
  contacts: one('contacts', rig, upkeep, { subsumes: ['lights'] }),
  wash: one('wash', rig, upkeep),
  'unload-tires': one('unload-tires', rig, upkeep),
  'battery-out': one('battery-out', at('breakaway'), upkeep),
  'bearing-renew': one('bearing-renew', ends(hubOpens), safety, {
    ...wheelOff,
    subsumes: ['repack', 'grease', ...OF_A_HUB],
  }),
  'hub-renew': one('hub-renew', ends(hubOpens), safety, {
    ...wheelOff,
    subsumes: ['repack', 'grease', ...OF_A_HUB],
  }),
  'plate-renew': one('plate-renew', ends(hasDrum), safety, { ...wheelOff, subsumes: OF_A_HUB }),
  'shoe-renew': one('shoe-renew', ends(hasDrum), safety, { ...wheelOff, subsumes: OF_A_HUB }),
  'magnet-renew': one(
    'magnet-renew',
    ends(({ brake }) => brake === 'electric'),
    safety,
    { ...wheelOff, subsumes: OF_A_HUB },
  ),
  'brakes-install': one(
    'brakes-install',
    ends((axle) => axle.brake === 'none' && hubOpens(axle)),
    safety,
    { ...wheelOff, subsumes: ['repack', 'grease', ...OF_A_HUB] },
  ),
  // A wheel is changed for a spare; a rig without one has nothing to change it for.
  'tire-change': one('tire-change', (model) => (model.spares > 0 ? everyEnd(model) : []), safety, {
    ...wheelOff,
    subsumes: ['lug-torque'],
  }),
  'tire-rotate': one('tire-rotate', everyEnd, upkeep, { ...wheelOff, subsumes: ['lug-torque'] }),
  'stud-threads': one('stud-threads', everyEnd, upkeep, { round: true, subsumes: ['lug-torque'] }),
  bushings: one(
    'bushings',
    when((model) => leafEnds(model).length > 0),
    safety,
  ),
  'axle-set': one('axle-set', rig, safety),
};

/** A routine or repair by its name. */
export function routineDef(id: WorkId): RoutineDef {
  return DEFS[id];
}

/** Work that looks, measures or tries, and puts nothing right that it finds. */
const LOOKS: ReadonlySet<WorkId> = new Set<WorkId>([
  'hub-look',
  'brake-measure',
  'tire-look',
  'walkaround',
  'lights',
  'breakaway-test',
  'gear-look',
  'pivots',
]);

/** True for work that only looks: what it finds is put right by something else. */
export function isLook(work: WorkId): boolean {
  return LOOKS.has(work);
}
