import type { RigModel } from '../rig';
import {
  routineDef,
  type HouseRules,
  type RoutineId,
  type RoutinePlace,
  type Subject,
  type JudgedReading,
} from '../rules';

/** What puts something bad right: routines, the first that a rig has; `not` are grades that none of them cures. */
interface Cure {
  readonly by: readonly RoutineId[];
  readonly not?: readonly string[];
}

const HUB = ['repack', 'hub-service'] as const;

const NONE: Cure = { by: [] };

/** Work that puts a bad grade or reading right. A look cures nothing. */
const CURES: Readonly<Record<Subject | JudgedReading, Cure>> = {
  rock: { by: HUB },
  spin: { by: HUB },
  // Grease on the shoes is there after a new seal as well.
  seal: { by: HUB, not: ['on-shoes'] },
  'grease-back': { by: HUB, not: ['on-shoes'] },
  'hub-hand': { by: HUB },
  'hub-temp': { by: HUB },
  cap: { by: HUB },
  oil: { by: HUB },
  drag: { by: ['brake-adjust'], not: ['grinds'] },
  'brake-test': { by: ['brake-adjust'], not: ['none', 'no-release'] },
  'lug-move': { by: ['lug-torque'], not: ['broken', 'hole-worn'] },
  fixing: { by: ['underside'], not: ['cracked'] },
  contacts: { by: ['contacts'], not: ['bare-wire'] },
  volts: { by: ['battery-renew'] },
  tread: { by: ['tire-renew'] },
  'tire-wall': { by: ['tire-renew'] },
  'tread-inner': { by: ['tire-renew'] },
  'tread-middle': { by: ['tire-renew'] },
  'tread-outer': { by: ['tire-renew'] },
  pressure: { by: ['pressures'] },
  // What nothing but a renewal or a shop puts right.
  'old-grease': NONE,
  rollers: NONE,
  spindle: NONE,
  lining: NONE,
  'set-rock': NONE,
  'set-spin': NONE,
  drum: NONE,
  magnet: NONE,
  pads: NONE,
  flange: NONE,
  threads: NONE,
  pivot: NONE,
  eye: NONE,
  hanger: NONE,
  lamp: NONE,
  breakaway: NONE,
  gear: NONE,
  valve: NONE,
  wear: NONE,
  weld: NONE,
  strap: NONE,
  chain: NONE,
  coupler: NONE,
  'drum-diameter': NONE,
  'magnet-ohms': NONE,
};

/** The routine that puts something bad right at a place of a rig; undefined where none does, or the rig has none such. */
export function cureOf(
  what: Subject | JudgedReading,
  place: RoutinePlace,
  model: RigModel,
  house: Pick<HouseRules, 'grease'>,
  grade?: string,
): RoutineId | undefined {
  const cure = CURES[what];
  if (grade !== undefined && cure.not?.includes(grade)) return undefined;
  return cure.by.find((routine) => {
    const places = routineDef(routine).places(model, house);
    return places.includes(place) || places.includes('rig');
  });
}
