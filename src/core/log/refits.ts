import * as z from 'zod/mini';
import { positive } from '../base';
import { wheelEndSchema } from '../rig';
import { THREAD_STATES } from '../rules';
import type { Applied } from './define';
import type { RigState } from './state';

/** Wheels that were off and on again, with the cumulative distances (m) at which to recheck. */
export const refitsSchema = z.array(
  z.strictObject({
    place: wheelEndSchema,
    limits: z.array(positive()).check(z.minLength(1)),
    /** How the stud threads were left. */
    threads: z.optional(z.enum(THREAD_STATES)),
  }),
);

/** The refits of a rig with those that an entry leaves behind. */
export function openRefits(
  rig: Pick<RigState, 'refits' | 'distance'>,
  made: z.infer<typeof refitsSchema> | undefined,
  entry: Applied,
): RigState['refits'] {
  if (!made || made.length === 0) return rig.refits;
  const refits = { ...rig.refits };
  for (const { place, limits } of made)
    refits[place] = {
      entry: entry.id,
      at: entry.happened,
      distance: rig.distance,
      limits,
      checked: -1,
      moves: 0,
    };
  return refits;
}

/** How the stud threads of a rig stand after refits; one that does not tell leaves them as they were. */
export function threadsAfter(
  rig: Pick<RigState, 'threads'>,
  made: z.infer<typeof refitsSchema>,
): RigState['threads'] {
  const told = made.flatMap(({ place, threads }) => (threads ? [[place, threads] as const] : []));
  return told.length > 0 ? { ...rig.threads, ...Object.fromEntries(told) } : rig.threads;
}
