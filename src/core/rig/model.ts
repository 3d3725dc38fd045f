import * as z from 'zod/mini';
import { nonNegative, positive, whole, words } from '../base';
import { specified } from './source';

export const KINDS = ['rv', 'boat', 'utility'] as const;
export const SUSPENSIONS = ['leaf', 'torsion'] as const;
export const BRAKES = ['none', 'electric', 'hydraulic-drum', 'hydraulic-disc'] as const;
export const HUBS = ['plain', 'drilled', 'pressure-cap', 'oil-bath', 'sealed'] as const;
export const LOCKS = ['cotter', 'keeper', 'tang'] as const;
export const STUD_COUNTS = [4, 5, 6, 8] as const;
export const WATERS = ['fresh', 'brackish', 'salt'] as const;

export type RigKind = (typeof KINDS)[number];
export type BrakeKind = (typeof BRAKES)[number];
export type HubKind = (typeof HUBS)[number];
export type LockKind = (typeof LOCKS)[number];
export type StudCount = (typeof STUD_COUNTS)[number];
export type Water = (typeof WATERS)[number];

/** One axle; lengths in m. What is unknown is left out. */
export const axleSchema = z.strictObject({
  suspension: z.enum(SUSPENSIONS),
  brake: z.enum(BRAKES),
  hub: z.enum(HUBS),
  lock: z.enum(LOCKS),
  /** Axial travel of the spindle nut in one turn (m). */
  threadPitch: z.optional(specified(positive(0.01))),
  /** Slots in the castle nut. */
  slots: z.optional(specified(whole(3, 24))),
  /** Cross holes for the pin through the spindle. */
  pinHoles: z.optional(specified(whole(1, 2))),
  /** The axle maker's end play window (m). */
  endPlay: z.optional(
    specified(
      z
        .strictObject({ min: nonNegative(0.005), max: positive(0.005) })
        .check(z.refine((w) => w.min < w.max, { message: 'the window ends before it begins' })),
    ),
  ),
});

/** One axle of a rig. */
export type Axle = z.infer<typeof axleSchema>;

/** A rig as described by its owner; torque in N·m, lengths and distances in m, days in d. */
export const rigModelSchema = z.strictObject({
  name: words(40),
  kind: z.enum(KINDS),
  axles: z.array(axleSchema).check(z.minLength(1), z.maxLength(3)),
  wheels: z.strictObject({
    studs: z.literal(STUD_COUNTS),
    studDiameter: z.optional(specified(positive(0.05))),
    torque: z.optional(specified(positive(1000))),
  }),
  spares: whole(0, 2),
  /** How miles come in: the trailer's own meter, or the length of each trip. */
  miles: z.enum(['meter', 'trips']),
  /** The water a boat is usually launched in. */
  water: z.optional(z.enum(WATERS)),
  /** The owner's or the maker's own repack interval, ahead of the house rule. */
  repackEvery: z.optional(
    z.strictObject({
      distance: z.optional(specified(positive())),
      days: z.optional(specified(whole(1, 36_500))),
      launches: z.optional(specified(whole(1, 100_000))),
    }),
  ),
});

/** A rig as described by its owner. */
export type RigModel = z.infer<typeof rigModelSchema>;
