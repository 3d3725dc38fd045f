import * as z from 'zod/mini';
import { moment, nonNegative, positive } from '../base';

/** Reads how far (m), how fast (m/s) and until when a rig may be towed with something that is not right. */
export const limitSchema = z.strictObject({
  roll: z.enum(['care', 'creep']),
  distance: positive(1e8),
  speed: z.optional(positive(100)),
  looks: z.optional(
    z.strictObject({
      at: z.array(positive(1e8)).check(z.maxLength(20)),
      every: z.optional(positive(1e8)),
    }),
  ),
  until: moment,
  /** How far into a trip that is not logged yet (m). */
  into: z.optional(nonNegative(1e8)),
});

/** A limit as it is told. */
export type ToldLimit = z.infer<typeof limitSchema>;
