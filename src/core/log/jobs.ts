import * as z from 'zod/mini';
import { placeSchema } from '../rig';
import { WORKS } from '../rules';

/** Jobs as the log keeps them: a routine or repair, and where. */
export const jobsSchema = z
  .array(
    z.strictObject({
      routine: z.enum(WORKS),
      place: z.union([placeSchema, z.literal('rig')]),
      /** The other of two places that changed with each other. */
      with: z.optional(placeSchema),
    }),
  )
  .check(z.minLength(1));
