import type { RigModel } from '../rig';
import { routineDef, type HouseRules, type RoutineId, type RoutinePlace, type Subject } from '../rules';
import type { JudgedReading } from './reading';

const HUB = ['repack', 'hub-service'] as const;

/** The routines that put a bad grade or reading right, the first that a rig has. */
const CURES: Readonly<Partial<Record<Subject | JudgedReading, readonly RoutineId[]>>> = {
  rock: HUB,
  spin: HUB,
  seal: HUB,
  'grease-back': HUB,
  'hub-hand': HUB,
  'hub-temp': HUB,
  cap: HUB,
  oil: HUB,
  drag: ['brake-adjust'],
  'brake-test': ['brake-adjust'],
  lining: ['brake-measure'],
  'drum-diameter': ['brake-measure'],
  'magnet-ohms': ['brake-measure'],
  'lug-move': ['lug-torque'],
  fixing: ['underside'],
  pivot: ['pivots'],
  lamp: ['lights'],
  contacts: ['contacts'],
  breakaway: ['breakaway-test'],
  volts: ['battery-renew'],
  gear: ['gear-look'],
  weld: ['gear-look'],
  strap: ['gear-look'],
  chain: ['gear-look'],
  coupler: ['gear-look'],
  tread: ['tire-renew'],
  'tire-wall': ['tire-renew'],
  'tread-inner': ['tire-renew'],
  'tread-middle': ['tire-renew'],
  'tread-outer': ['tire-renew'],
  wear: ['tire-look'],
  valve: ['tire-look'],
  pressure: ['pressures'],
};

/** The routine that puts something bad right at a place of a rig; undefined where the rig has none such. */
export function cureOf(
  what: Subject | JudgedReading,
  place: RoutinePlace,
  model: RigModel,
  house: Pick<HouseRules, 'grease'>,
): RoutineId | undefined {
  return (CURES[what] ?? []).find((routine) => {
    const places = routineDef(routine).places(model, house);
    return places.includes(place) || places.includes('rig');
  });
}
