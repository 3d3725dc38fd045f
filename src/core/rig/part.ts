import { gearOf, type GearId } from './gear';
import { hasBrake } from './derive';
import type { RigModel } from './model';
import { isWheelEnd, sparesOf, wheelEnds, type Place } from './place';
import type { Specified } from './source';

/** What has an identity of its own and carries it from place to place. */
export const PART_KINDS = [
  'tire',
  'innerSet',
  'outerSet',
  'seal',
  'cap',
  'hub',
  'brake',
  'battery',
  'lamp',
] as const;
export type PartKind = (typeof PART_KINDS)[number];

/** How good a part is that lies on the shelf. */
export const SHELF_GRADES = ['as-new', 'sound', 'worn', 'unfit'] as const;
export type ShelfGrade = (typeof SHELF_GRADES)[number];

/** Where a part lies that is not fitted: at home, carried along, or bought and not here yet. */
export const SHELVES = ['home', 'aboard', 'order'] as const;
export type Shelf = (typeof SHELVES)[number];

/** What a tire is made for, by the letters before its size. */
export const TIRE_CLASSES = ['trailer', 'light-truck', 'passenger'] as const;

/** A fact of any part by its name; values in SI. */
export type PartFacts = Readonly<Record<string, Specified<string | number> | undefined>>;

const FACT_NAMES = {
  tire: ['dot', 'size', 'loadRange', 'capacity', 'madeFor', 'number'],
  innerSet: ['roller', 'race'],
  outerSet: ['roller', 'race'],
  seal: ['number'],
  cap: ['number', 'bore'],
  hub: ['number', 'drumMax', 'discMin', 'innerIn', 'outerIn', 'sealIn'],
  brake: ['number', 'hand', 'magnet'],
  battery: ['number', 'since'],
  lamp: ['number', 'light'],
} as const satisfies Record<PartKind, readonly string[]>;

/** The facts of a kind of part by name: `part-schema.ts` has to read just these. */
export type FactName<K extends PartKind> = (typeof FACT_NAMES)[K][number];

/** The names of the facts a kind of part can have, in the order they are read off. */
export const PART_FACTS: Readonly<Record<PartKind, readonly string[]>> = FACT_NAMES;

const LAMPS: readonly GearId[] = ['lampLeft', 'plateLamp', 'lampRight', 'markerLamps'];

/** The places of a rig where a kind of part can sit. */
export function slotsOf(model: RigModel, kind: PartKind): readonly Place[] {
  const gear = gearOf(model).map(({ id }) => id);
  switch (kind) {
    case 'tire':
      return [...wheelEnds(model), ...sparesOf(model)];
    case 'innerSet':
    case 'outerSet':
    case 'seal':
    case 'cap':
    case 'hub':
      return wheelEnds(model);
    case 'brake':
      return wheelEnds(model).filter((_, i) => {
        const axle = model.axles[Math.floor(i / 2)];
        return axle && (hasBrake(axle) || axle.brake === undefined);
      });
    case 'battery':
      return gear.filter((id) => id === 'breakaway');
    case 'lamp':
      return gear.filter((id) => LAMPS.includes(id));
  }
}

/** The kinds of part that sit at a place of a rig. */
export function partsAt(model: RigModel, place: Place): readonly PartKind[] {
  return PART_KINDS.filter((kind) => slotsOf(model, kind).includes(place));
}

/** True where a part rolls with the rig's miles: a spare rides along. */
export function rolls(place: string): boolean {
  return isWheelEnd(place);
}
