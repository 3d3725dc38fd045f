/**
 * Rig: the trailer as its owner describes it, and the places, gear and parts
 * that follow from that. Unknown facts are absent, never filled in; a
 * specification carries its source. Nothing here knows what happened to the
 * rig: that is the log's.
 */
export {
  BRAKES,
  HUBS,
  KINDS,
  LOAD_RANGES,
  LOCKS,
  OWN_ON,
  STUD_COUNTS,
  SUSPENSIONS,
  WATERS,
  type BrakeKind,
  type CapKind,
  type HubKind,
  type LoadRange,
  type LockKind,
  type OwnOn,
  type RigKind,
  type StudCount,
  type Suspension,
  type Water,
} from './kinds';
export { freeLetter, ownItems, type OwnItem } from './own';
export { rigModelSchema, type Axle, type RigModel } from './model';
export { isGuess, MAKERS_SOURCES, SOURCES, type Source, type Specified } from './source';
export { GEAR_IDS, gearBelongs, gearDef, gearOf, type Gear, type GearId, type GearZone } from './gear';
export {
  axleOf,
  isGear,
  isSpare,
  isWheelEnd,
  matesOf,
  placesOf,
  sideOf,
  sparesOf,
  wheelEnds,
  type Place,
  type Side,
  type Spare,
  type TirePlace,
  type WheelEnd,
} from './place';
export { placeSchema, wheelEndSchema } from './place-schema';
export {
  PART_FACTS,
  PART_KINDS,
  partsAt,
  rolls,
  SHELF_GRADES,
  SHELVES,
  slotsOf,
  TIRE_CLASSES,
  type PartFacts,
  type PartKind,
  type Shelf,
  type ShelfGrade,
} from './part';
export { partSchema, type PartSpec } from './part-schema';
export {
  FACT_GROUPS,
  FACT_IDS,
  askedFacts,
  factApplies,
  factAt,
  factDef,
  factPath,
  factValue,
  missingFacts,
  type FactDef,
  type FactGroup,
  type FactId,
  type FactType,
  type FactValue,
} from './facts';
export { applyChanges, changesSchema, diffModels, type Changes } from './change';
export {
  capOf,
  greasedUnderCap,
  hasBrake,
  hasCapPlug,
  hasDrum,
  hasHydraulics,
  hubOpens,
  hubTakesFitting,
  mayRock,
} from './derive';
export { TEMPLATES, templateModel, type TemplateId } from './templates';
export { readFactsSchema } from './read-facts';
export { countsAsSalt } from './water';
