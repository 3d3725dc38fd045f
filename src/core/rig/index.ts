/**
 * Rig: the trailer as its owner describes it, and the places that follow from
 * that. Unknown facts are absent, never filled in; a specification carries its
 * source. Nothing here knows what happened to the rig: that is the log's.
 */
export {
  axleSchema,
  BRAKES,
  HUBS,
  KINDS,
  LOCKS,
  rigModelSchema,
  STUD_COUNTS,
  SUSPENSIONS,
  WATERS,
  type Axle,
  type BrakeKind,
  type HubKind,
  type LockKind,
  type RigKind,
  type RigModel,
  type StudCount,
  type Water,
} from './model';
export { SOURCES, type Source, type Specified } from './source';
export {
  axleOf,
  isWheelEnd,
  matesOf,
  sideOf,
  wheelEndSchema,
  wheelEnds,
  type Side,
  type WheelEnd,
} from './place';
export { applyChanges, changesSchema, diffModels, type Changes } from './change';
export { hasBrake, hasDrum, hubOpens, hubTakesFitting } from './derive';
