import * as z from 'zod/mini';
import { positive, words } from '../base';
import { LOAD_RANGES } from './kinds';
import { daySchema } from './model';
import { TIRE_CLASSES, type FactName, type PartKind } from './part';
import { specified } from './specified';

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
} as const satisfies { readonly [K in PartKind]: Readonly<Record<FactName<K>, z.ZodMiniType>> };

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
