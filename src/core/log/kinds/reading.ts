import * as z from 'zod/mini';
import { figure, msOf, text, type Instant } from '../../base';
import { READING_IDS, type RoutinePlace } from '../../rules';
import { clearedBy } from '../cleared';
import { defineKind, mine, type Applied, type Own } from '../define';
import { doneNow, restart, type JobDone } from '../last-done';
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

/** So long (ms) figures read one by one are one look: whoever goes round with a gauge writes each down where it was read. */
const ONE_LOOK = 12 * 3_600_000;

/** What figures clear together with those read a while before: each tire read by itself is the round of pressures. */
function clearedWith(
  rig: Pick<RigState, 'model'>,
  read: RigState['read'],
  taken: readonly z.infer<typeof takenSchema>[],
  at: Instant,
): readonly JobDone[] {
  if (!taken.some(({ what }) => what === 'pressure')) return [];
  const readings = Object.entries(read).flatMap(([key, last]) => {
    const [what, place] = key.split('@');
    const since = msOf(at) - msOf(last.at);
    return what === 'pressure' && place !== undefined && since >= 0 && since <= ONE_LOOK
      ? [{ place: place as RoutinePlace, what: 'pressure' as const }]
      : [];
  });
  return clearedBy({ jobs: [], conditions: [], readings }, rig.model);
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
  apply: (rig, { taken, around }, entry, own) => {
    const patch = readWith(rig, taken, entry, around, own);
    const done = clearedWith(rig, patch.read ?? rig.read, taken, entry.happened);
    return done.length > 0 ? { ...patch, ...restart(rig, done, doneNow(rig, entry), own) } : patch;
  },
});
