import * as z from 'zod/mini';
import { nonNegative, positive, shaped, whole, words } from '../base';
import { gearSchema } from './gear-schema';
import {
  ACTUATORS,
  BRAKES,
  CAPS,
  CHEMISTRIES,
  COVERS,
  HUBS,
  KINDS,
  LIFT_POINTS,
  LININGS,
  LOAD_RANGES,
  LOCKS,
  LUBRICANTS,
  MATERIALS,
  OWN_ON,
  ROADS,
  STUD_COUNTS,
  SUSPENSIONS,
  USES,
  VALVES,
  WATERS,
} from './kinds';
import { byMaker, specified, workable } from './specified';

const playWindow = z
  .strictObject({ min: nonNegative(0.005), max: positive(0.005) })
  .check(z.refine((w) => w.min < w.max, { message: 'the window ends before it begins' }));

/** One axle; lengths in m, mass in kg. What is unknown is left out. */
const axleSchema = z.strictObject({
  suspension: z.enum(SUSPENSIONS),
  /** The leaf springs hang on an equalizer at one end. */
  equalizer: z.optional(z.boolean()),
  /** The axle's rating, GAWR (kg). */
  rating: z.optional(specified(positive(20_000))),
  brake: z.optional(z.enum(BRAKES)),
  /** Wires run to the backing plates. */
  wires: z.optional(z.boolean()),
  /** How the linings are held on the shoes or pads. */
  lining: z.optional(z.enum(LININGS)),
  /** Nominal brake size: drum diameter and shoe width (m). */
  drum: z.optional(workable(z.strictObject({ diameter: positive(1), width: positive(0.5) }))),
  /** Bolts that hold a backing plate. */
  mountingBolts: z.optional(specified(z.literal([4, 5]))),
  /** Across the flats of the nuts of a backing plate (m). */
  plateNut: z.optional(specified(positive(0.05))),
  hub: z.optional(z.enum(HUBS)),
  lock: z.optional(z.enum(LOCKS)),
  /** What closes the hub at the front. */
  cap: z.optional(z.enum(CAPS)),
  /** Across the cap where it sits in the hub (m). */
  capSize: z.optional(specified(positive(0.2))),
  /** Across the flats of the spindle nut (m). */
  spindleNut: z.optional(specified(positive(0.1))),
  /** The grease gun reaches the fitting with the wheel on. */
  greaseReach: z.optional(z.boolean()),
  /** The thrust washer has a flat that must match the spindle. */
  flatWasher: z.optional(z.boolean()),
  /** Axial travel of the spindle nut in one turn (m). */
  threadPitch: z.optional(specified(positive(0.01))),
  /** Slots in the castle nut. */
  slots: z.optional(specified(whole(3, 24))),
  /** Cross holes for the pin through the spindle. */
  pinHoles: z.optional(specified(whole(1, 2))),
  /** The axle maker's end play window (m). */
  endPlay: z.optional(specified(playWindow)),
});

/** One axle of a rig. */
export type Axle = z.infer<typeof axleSchema>;

const wheelsSchema = z.strictObject({
  studs: z.literal(STUD_COUNTS),
  studDiameter: z.optional(specified(positive(0.05))),
  /** Lug torque (N·m). */
  torque: z.optional(specified(positive(1000))),
  /** Figures of the rounds before the last, where the maker prints his own (N·m). */
  stages: z.optional(
    z.strictObject({
      first: z.optional(specified(positive(1000))),
      second: z.optional(specified(positive(1000))),
    }),
  ),
  /** Lug torque on treated threads (N·m), by the maker of the anti-seize or of the wheel: never reckoned, never a guess. */
  treatedTorque: z.optional(byMaker(positive(1000))),
  /** Whether the maker of wheel or axle lets anything on the stud threads. */
  lubricant: z.optional(z.enum(LUBRICANTS)),
  /** The highest cold pressure stamped on the wheel (Pa). */
  maxPressure: z.optional(specified(positive(1_500_000))),
  valve: z.optional(z.enum(VALVES)),
  /** Diameter of the circle through the studs (m). */
  boltCircle: z.optional(workable(positive(0.6))),
  material: z.optional(z.enum(MATERIALS)),
  /** Wheel adapters have nuts of their own. */
  adapter: z.optional(
    z.strictObject({
      fitted: z.boolean(),
      nuts: z.optional(z.literal(STUD_COUNTS)),
      torque: z.optional(specified(positive(1000))),
      /** Diameter of the circle through its own studs, that carry the wheel (m). */
      circle: z.optional(specified(positive(0.6))),
      /** What one of them carries (kg). */
      rating: z.optional(specified(positive(10_000))),
    }),
  ),
  cover: z.optional(z.enum(COVERS)),
  coverTool: z.optional(words(60)),
  /** Across the flats of the lug nuts (m). */
  socket: z.optional(specified(positive(0.1))),
  /** Where the key of the locking nuts is kept, or that there is none. */
  key: z.optional(words(60)),
});

const tiresSchema = z.strictObject({
  /** The size the placard asks for, as written on it: `ST225/75R15`. */
  size: z.optional(specified(words(24))),
  loadRange: z.optional(specified(z.enum(LOAD_RANGES))),
  /** The cold pressure the placard asks for (Pa). */
  pressure: z.optional(specified(positive(1_200_000))),
  /** The highest cold pressure molded on the wall (Pa). */
  maxPressure: z.optional(specified(positive(1_200_000))),
  /** What the most loaded tire carries, weighed (kg). */
  load: z.optional(specified(positive(10_000))),
});

/** Torques of bolts that are not lug nuts (N·m), each its maker's own. */
const torquesSchema = z.strictObject({
  /** Nuts of a backing plate. */
  plate: z.optional(specified(positive(1000))),
  caliper: z.optional(specified(positive(1000))),
  /** U-bolts, or the bracket bolts of a torsion axle. */
  axle: z.optional(specified(positive(1000))),
  /** Shackle, hanger and equalizer bolts. */
  joints: z.optional(specified(positive(1000))),
});

/** A rig as described by its owner; torque in N·m, lengths and distances in m, masses in kg, days in d. */
export const rigModelSchema = z.strictObject({
  name: words(40),
  kind: z.enum(KINDS),
  axles: z.array(axleSchema).check(z.minLength(1), z.maxLength(3)),
  wheels: wheelsSchema,
  tires: z.optional(tiresSchema),
  torques: z.optional(torquesSchema),
  breakaway: z.optional(
    z.strictObject({
      chemistry: z.optional(z.enum(CHEMISTRIES)),
      /** Whether law asks for it where the rig is towed, as its owner looked it up. */
      required: z.optional(z.boolean()),
    }),
  ),
  spares: whole(0, 2),
  /** What makes the pressure of hydraulic brakes. */
  actuator: z.optional(z.enum(ACTUATORS)),
  /** Between the two outer bolts of the equalizer (m). */
  equalizerSpacing: z.optional(specified(positive(2))),
  /** The pair printed with the suspension kit: equalizer and axle spacing (m). */
  kit: z.optional(
    z.strictObject({
      equalizer: z.optional(specified(positive(2))),
      spacing: z.optional(specified(positive(4))),
    }),
  ),
  /** The map of grease points of the suspension: how many a side, and whether a wheel must come off to reach one. */
  greasePoints: z.optional(
    z.strictObject({ aSide: z.optional(whole(0, 24)), wheelOff: z.optional(z.boolean()) }),
  ),
  /** Between neighboring axles (m). */
  axleSpacing: z.optional(specified(positive(4))),
  /** Rated gross weight of the trailer, GVWR (kg). */
  gvwr: z.optional(specified(positive(40_000))),
  lifting: z.optional(
    z.strictObject({
      point: z.optional(z.enum(LIFT_POINTS)),
      /** Height of the lifting point with the tires full (m). */
      height: z.optional(specified(positive(2))),
    }),
  ),
  /** Gear it has (true) or has not (false); what is left out nobody has looked for. */
  gear: z.optional(gearSchema),
  environment: z.optional(
    z.strictObject({
      roads: z.optional(z.enum(ROADS)),
      /** The water a boat is usually launched in. */
      water: z.optional(z.enum(WATERS)),
    }),
  ),
  /** What its owner looks at besides, each by a letter, and on which walk. */
  own: z.optional(z.record(shaped(/^[a-z]$/), z.strictObject({ name: words(60), on: z.enum(OWN_ON) }))),
  use: z.optional(z.enum(USES)),
  /** What can be ticketed where it is towed, as its owner looked it up: never known here. */
  law: z.optional(words(300)),
  /** How far its owner expects to tow it in a year (m). */
  yearly: z.optional(positive(1e9)),
  /** How miles come in: the trailer's own meter, or the length of each trip. */
  miles: z.enum(['meter', 'trips']),
  /** Grease by the fitting: the interval of the maker or of the grease, ahead of the house rule. */
  greaseEvery: z.optional(
    z.strictObject({
      distance: z.optional(specified(positive())),
      days: z.optional(specified(whole(1, 36_500))),
    }),
  ),
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

/** Reads a day written `2024-03-09`. */
export const daySchema = shaped(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/);
