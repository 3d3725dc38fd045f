import * as z from 'zod/mini';
import type { InstrumentNamed } from '@/core/log';
import type { Counting } from '@/core/road';
import type { DraftDef } from '@/store';

/** A trip under way, as far as it is this device's own: who looks at it, and what it counts. */
export interface WayDraft {
  /** The trip it is of. */
  readonly trip: string;
  /** Read-only while it rolls; a stop, or a passenger's word, opens it. */
  readonly leg: 'rolls' | 'stands' | 'passenger';
  readonly counting: Counting;
  /** What counted it beside the device's position. */
  readonly meter?: InstrumentNamed | undefined;
  /** The position is asked for while the screen is on. */
  readonly position?: boolean | undefined;
}

const counter = z.optional(z.object({ in: z.number(), told: z.number(), at: z.optional(z.string()) }));

/** How it lies on this device. */
export const WAY_DRAFT: DraftDef<WayDraft> = {
  version: 1,
  schema: z.object({
    trip: z.string(),
    leg: z.enum(['rolls', 'stands', 'passenger']),
    counting: z.object({
      from: z.optional(z.string()),
      position: counter,
      instrument: counter,
      rolled: z.optional(z.object({ before: z.number(), since: z.optional(z.string()) })),
    }),
    meter: z.optional(z.object({ name: z.string(), simulated: z.optional(z.literal(true)) })),
    position: z.optional(z.boolean()),
  }),
};

/** Where it is kept. */
export const wayKey = (rig: string): string => `way ${rig}`;

/** A trip that has just begun: it stands where it was hitched. */
export function beginWay(trip: string): WayDraft {
  return { trip, leg: 'stands', counting: { rolled: { before: 0 } } };
}

/** How far each counter has come in all (m). */
export function countedOf({
  counting: { position, instrument },
}: Pick<WayDraft, 'counting'>): Readonly<Partial<Record<'position' | 'instrument', number>>> {
  return {
    ...(position && position.in > 0 && { position: position.in }),
    ...(instrument && instrument.in > 0 && { instrument: instrument.in }),
  };
}
