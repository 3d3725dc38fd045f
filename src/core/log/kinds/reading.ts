import * as z from 'zod/mini';
import { figure, text } from '../../base';
import { READING_IDS } from '../../rules';
import { defineKind, mine, type Applied, type Own } from '../define';
import { instrumentSchema, isKept, somewhereSchema } from '../kept';
import type { RigState } from '../state';

/** What a reading was taken with. */
const READING_TOOLS = [
  'gauge',
  'thermometer',
  'ruler',
  'dial',
  'meter',
  'hand',
  'eye',
  'instrument',
] as const;
export type ReadingTool = (typeof READING_TOOLS)[number];

/** One figure at a place, in SI, with what it was taken with. */
export const takenSchema = z
  .strictObject({
    place: somewhereSchema,
    what: z.enum(READING_IDS),
    value: z.number(),
    by: z.optional(z.enum(READING_TOOLS)),
    /** Which instrument, where it was none held by hand. */
    from: z.optional(instrumentSchema),
  })
  .check(isKept);

/** The air around readings: its temperature (K), how high it was (m), and whether the tires had rolled. */
export const aroundSchema = z.strictObject({
  air: z.optional(figure()),
  altitude: z.optional(figure()),
  /** Cold: parked three hours or under a mile. Warm pressures are not judged as they stand. */
  tires: z.optional(z.enum(['cold', 'warm'])),
  /** How warm a tire was (K), where that was measured. */
  tireTemp: z.optional(figure()),
  /** Down a long grade just now. */
  descent: z.optional(z.literal(true)),
  /** Where the hubs were measured: a bare cap reads far too cold. */
  hubAt: z.optional(z.enum(['painted', 'bare-cap'])),
});

/** What was last read where, with some more; the same record where there is nothing. */
export function readWith(
  rig: Pick<RigState, 'read'>,
  taken: readonly z.infer<typeof takenSchema>[],
  entry: Applied,
  around: z.infer<typeof aroundSchema> = {},
  own?: Own,
): Partial<Pick<RigState, 'read'>> {
  if (taken.length === 0) return {};
  const read = mine(rig.read, own);
  // What a tire was left at is what it holds from then on.
  for (const { place, what, value } of taken)
    read[`${what === 'pressure-set' ? 'pressure' : what}@${place}`] = {
      value,
      at: entry.happened,
      ...(around.tires === 'warm' && what === 'pressure' && { warm: true as const }),
    };
  return { read };
}

/** Figures read apart from any work or walk. */
export const reading = defineKind({
  kind: 'reading',
  version: 3,
  body: z.strictObject({
    taken: z.array(takenSchema).check(z.minLength(1), z.maxLength(200)),
    around: z.optional(aroundSchema),
    note: z.optional(text(2000)),
  }),
  group: 'walks',
  places: ({ taken }) => taken.map(({ place }) => place),
  corrected: 'elsewhere',
  upcasters: [(body) => body, (body) => body],
  apply: (rig, { taken, around }, entry, own) => readWith(rig, taken, entry, around, own),
});
