import * as z from 'zod/mini';
import { positive, words } from '../base';
import { gearOf, type GearId } from './gear';
import { hasBrake } from './derive';
import { LOAD_RANGES } from './kinds';
import { daySchema, type RigModel } from './model';
import { isWheelEnd, sparesOf, wheelEnds, type Place } from './place';
import { specified, type Specified } from './source';

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

const number = z.optional(specified(words(40)));

/** What can be known of each kind of part, as it is read. */
export const FACTS = {
  tire: {
    /** The code on the sidewall, its last four digits at least. */
    dot: number,
    size: z.optional(specified(words(24))),
    loadRange: z.optional(specified(z.enum(LOAD_RANGES))),
    /** The most it carries, as marked on it (kg). */
    capacity: z.optional(specified(positive(10_000))),
    madeFor: z.optional(specified(z.enum(TIRE_CLASSES))),
    number,
  },
  /** A bearing and its race are renewed together: roller and race are one set. */
  innerSet: { roller: number, race: number },
  outerSet: { roller: number, race: number },
  seal: { number },
  /** A grease cap; across where it sits in the hub (m). */
  cap: { number, bore: z.optional(specified(positive(0.2))) },
  hub: {
    number,
    /** The stamped maximum inside diameter of a drum (m). */
    drumMax: z.optional(specified(positive(1))),
    /** The stamped minimum thickness of a brake disc (m). */
    discMin: z.optional(specified(positive(0.1))),
    /** What was packed into one that is made up and ready to go on. */
    innerIn: number,
    outerIn: number,
    sealIn: number,
  },
  brake: {
    number,
    hand: z.optional(specified(z.enum(['left', 'right']))),
    /** Resistance of an electric brake's magnet (Ω). */
    magnet: z.optional(specified(positive(1000))),
  },
  battery: { number, since: z.optional(specified(daySchema)) },
  lamp: { number, light: z.optional(specified(z.enum(['bulb', 'led']))) },
} as const satisfies Record<PartKind, z.core.$ZodLooseShape>;

/** Reads what a part is: its kind, and what is known of it, each with its source. */
export const partSchema = z.union([
  z.strictObject({ kind: z.literal('tire'), facts: z.strictObject(FACTS.tire) }),
  z.strictObject({ kind: z.literal('innerSet'), facts: z.strictObject(FACTS.innerSet) }),
  z.strictObject({ kind: z.literal('outerSet'), facts: z.strictObject(FACTS.outerSet) }),
  z.strictObject({ kind: z.literal('seal'), facts: z.strictObject(FACTS.seal) }),
  z.strictObject({ kind: z.literal('cap'), facts: z.strictObject(FACTS.cap) }),
  z.strictObject({ kind: z.literal('hub'), facts: z.strictObject(FACTS.hub) }),
  z.strictObject({ kind: z.literal('brake'), facts: z.strictObject(FACTS.brake) }),
  z.strictObject({ kind: z.literal('battery'), facts: z.strictObject(FACTS.battery) }),
  z.strictObject({ kind: z.literal('lamp'), facts: z.strictObject(FACTS.lamp) }),
]);

/** What a part is. */
export type PartSpec = z.infer<typeof partSchema>;

/** A fact of any part by its name; values in SI. */
export type PartFacts = Readonly<Record<string, Specified<string | number> | undefined>>;

/** The names of the facts a kind of part can have, in the order they are read off. */
export const PART_FACTS = Object.fromEntries(
  PART_KINDS.map((kind) => [kind, Object.keys(FACTS[kind])]),
) as unknown as Record<PartKind, readonly string[]>;

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
