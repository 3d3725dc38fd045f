import { z } from 'zod';
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

const metres = z.number().positive();

/** One axle; lengths in m. What is unknown is left out. */
export const axleSchema = z.strictObject({
  suspension: z.enum(SUSPENSIONS),
  brake: z.enum(BRAKES),
  hub: z.enum(HUBS),
  lock: z.enum(LOCKS),
  /** Axial travel of the spindle nut in one turn (m). */
  threadPitch: specified(metres.max(0.01)).optional(),
  /** Slots in the castle nut. */
  slots: specified(z.int().min(3).max(24)).optional(),
  /** Cross holes for the pin through the spindle. */
  pinHoles: specified(z.int().min(1).max(2)).optional(),
  /** The axle maker's end play window (m). */
  endPlay: specified(
    z
      .strictObject({ min: z.number().nonnegative().max(0.005), max: metres.max(0.005) })
      .refine((w) => w.min < w.max, { message: 'the window ends before it begins' }),
  ).optional(),
});

/** One axle of a rig. */
export type Axle = z.infer<typeof axleSchema>;

/** A rig as described by its owner; torque in N·m, lengths and distances in m, days in d. */
export const rigModelSchema = z.strictObject({
  name: z.string().trim().min(1).max(40),
  kind: z.enum(KINDS),
  axles: z.array(axleSchema).min(1).max(3),
  wheels: z.strictObject({
    studs: z.union([z.literal(4), z.literal(5), z.literal(6), z.literal(8)]),
    studDiameter: specified(metres.max(0.05)).optional(),
    torque: specified(z.number().positive().max(1000)).optional(),
  }),
  spares: z.int().min(0).max(2),
  /** How miles come in: the trailer's own meter, or the length of each trip. */
  miles: z.enum(['meter', 'trips']),
  /** The water a boat is usually launched in. */
  water: z.enum(WATERS).optional(),
  /** The owner's or the maker's own repack interval, ahead of the house rule. */
  repackEvery: z
    .strictObject({
      distance: specified(metres).optional(),
      days: specified(z.int().positive()).optional(),
      launches: specified(z.int().positive()).optional(),
    })
    .optional(),
});

/** A rig as described by its owner. */
export type RigModel = z.infer<typeof rigModelSchema>;
