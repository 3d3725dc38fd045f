/**
 * Routines: one file each: where it is done, what hangs on it, when it comes
 * round, what is done with it and what it leaves.
 */
import { adapterTorque } from './adapter-torque';
import { axleSet } from './axle-set';
import { batteryOut } from './battery-out';
import { batteryRenew } from './battery-renew';
import { bearingRenew } from './bearing-renew';
import { brakeAdjust } from './brake-adjust';
import { brakeMeasure } from './brake-measure';
import { brakesInstall } from './brakes-install';
import { breakawayTest } from './breakaway-test';
import { bushings } from './bushings';
import { capRenew } from './cap-renew';
import { contacts } from './contacts';
import { gearGrease } from './gear-grease';
import { gearLook } from './gear-look';
import { grease } from './grease';
import { hubBuild } from './hub-build';
import { hubLook } from './hub-look';
import { hubRead } from './hub-read';
import { hubRenew } from './hub-renew';
import { hubService } from './hub-service';
import { lights } from './lights';
import { lugTorque } from './lug-torque';
import { magnetRenew } from './magnet-renew';
import { padRenew } from './pad-renew';
import { pivots } from './pivots';
import { plateRenew } from './plate-renew';
import { pressures } from './pressures';
import { repack } from './repack';
import { rinse } from './rinse';
import { shoeRenew } from './shoe-renew';
import { studRenew } from './stud-renew';
import { studThreads } from './stud-threads';
import { tireChange } from './tire-change';
import { tireLook } from './tire-look';
import { tireRenew } from './tire-renew';
import { tireRotate } from './tire-rotate';
import { underside } from './underside';
import { unloadTires } from './unload-tires';
import { walkaround } from './walkaround';
import { wash } from './wash';
import { sparesOf, wheelEnds, type Place, type RigModel } from '../../rig';
import { axleAt } from './interval';
import type { RoutineDef, RoundDef, Seen } from './define';
import type { RepairId, RoutineId, RoutinePlace, WorkId } from './ids';
import type { Interval, IntervalContext } from './interval';

import { ROUTINES } from './ids';

export { ROUTINES, WORKS, type RepairId, type RoutineId, type RoutinePlace, type WorkId } from './ids';
export type { Matter, RoutineDef, Seen } from './define';
export {
  axleAt,
  BATTERY_YEARS,
  HOUSE_REPACK,
  COUPLE_OF_THOUSAND,
  NEW_BRAKES,
  NEW_FIXINGS,
  OVERDUE_SHARE,
  SOON_SHARE,
  STOP_SHARE,
  type Interval,
  type IntervalContext,
  type Limit,
} from './interval';

const ROUND: Readonly<Record<RoutineId, RoundDef>> = {
  repack,
  'hub-look': hubLook,
  'hub-service': hubService,
  grease,
  'lug-torque': lugTorque,
  'adapter-torque': adapterTorque,
  'brake-adjust': brakeAdjust,
  'brake-measure': brakeMeasure,
  'tire-look': tireLook,
  'tire-renew': tireRenew,
  walkaround,
  rinse,
  pressures,
  lights,
  'breakaway-test': breakawayTest,
  'battery-renew': batteryRenew,
  'gear-look': gearLook,
  underside,
  pivots,
  contacts,
  wash,
  'unload-tires': unloadTires,
  'battery-out': batteryOut,
};

const ASKED: Readonly<Record<RepairId, RoutineDef>> = {
  'bearing-renew': bearingRenew,
  'hub-renew': hubRenew,
  'plate-renew': plateRenew,
  'shoe-renew': shoeRenew,
  'magnet-renew': magnetRenew,
  'pad-renew': padRenew,
  'stud-renew': studRenew,
  'cap-renew': capRenew,
  'hub-read': hubRead,
  'hub-build': hubBuild,
  'brakes-install': brakesInstall,
  'tire-change': tireChange,
  'tire-rotate': tireRotate,
  'stud-threads': studThreads,
  bushings,
  'axle-set': axleSet,
  'gear-grease': gearGrease,
};

const DEFS: Readonly<Record<WorkId, RoutineDef>> = { ...ROUND, ...ASKED };

/** A routine or repair by its name. */
export function routineDef(id: WorkId): RoutineDef {
  return DEFS[id];
}

/** When a routine comes round at a place; empty where no figure is known that it could go by. */
export function intervalOf(routine: RoutineId, place: RoutinePlace, about: IntervalContext): Interval {
  return ROUND[routine].interval(about, place);
}

/** Where a routine stands for the whole rig: at which places it takes which looks, all of them. */
const OF_ALL: readonly (readonly [
  RoutineId,
  { readonly at: (model: RigModel) => readonly Place[]; readonly by: (seen: Seen) => boolean },
])[] = [
  [
    'pressures',
    { at: (model) => [...wheelEnds(model), ...sparesOf(model)], by: ({ read }) => read('pressure') },
  ],
  [
    'pivots',
    {
      at: (model) => wheelEnds(model).filter((end) => axleAt(model, end)?.suspension === 'leaf'),
      by: ({ graded }) => graded('pivot'),
    },
  ],
  ['underside', { at: wheelEnds, by: ({ graded }) => graded('fixing') }],
];

const STANDING_FOR = ROUTINES.filter((id) => ROUND[id].doneBy);

/** The routines that what was seen and done at one place stands for. */
export function doneHere(seen: Seen): readonly RoutineId[] {
  return STANDING_FOR.filter((id) => ROUND[id].doneBy?.(seen));
}

const NEVER = () => false;
const BY_WORK = new Map<WorkId, readonly RoutineId[]>();

/** The same where nothing but one kind of work is told of a place. */
export function doneByWork(work: WorkId): readonly RoutineId[] {
  const known = BY_WORK.get(work);
  if (known) return known;
  const did = (...works: readonly WorkId[]) => works.includes(work);
  const seen = { brake: undefined, shut: false, graded: NEVER, read: NEVER, greased: false, refitted: false };
  const done = doneHere({ ...seen, did });
  BY_WORK.set(work, done);
  return done;
}

/** The routines of the whole rig that what was seen at its places stands for: at every one of them, in one go. */
export function doneAllRound(model: RigModel, at: (place: Place) => Seen | undefined): readonly RoutineId[] {
  return OF_ALL.flatMap(([id, whole]) => {
    const places = whole.at(model);
    const all = places.every((place) => {
      const seen = at(place);
      return seen !== undefined && whole.by(seen);
    });
    return all && places.length > 0 ? [id] : [];
  });
}

/** True for work that only looks, measures or tries: what it finds is put right by something else. */
export function isLook(work: WorkId): boolean {
  return DEFS[work].look === true;
}
