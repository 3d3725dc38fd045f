import type { Place } from '../../rig';

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
  'pad-renew',
  'stud-renew',
  'cap-renew',
  'hub-read',
  'hub-build',
  'tire-change',
  'tire-rotate',
  'stud-threads',
  'bushings',
  'axle-set',
  'gear-grease',
] as const;
export type RepairId = (typeof REPAIRS)[number];

/** Anything that is done as a job: what comes round, and repairs. */
export type WorkId = RoutineId | RepairId;

/** Every kind of work. */
export const WORKS: readonly [WorkId, ...WorkId[]] = [...ROUTINES, ...REPAIRS];

/** A place where a routine is done; `rig` is the whole of it. */
export type RoutinePlace = Place | 'rig';
