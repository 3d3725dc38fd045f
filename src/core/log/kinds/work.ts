import * as z from 'zod/mini';
import { nonNegative, shaped, text } from '../../base';
import { placeSchema, wheelEndSchema } from '../../rig';
import { openRefits, refitsSchema } from '../refits';
import { ROUTINES, SUBJECTS, THICKENERS } from '../../rules';
import { defineKind, type Applied } from '../define';
import { markNow, restart } from '../marks';
import { partsAfterWork } from '../parts';
import type { Mark, RigState } from '../state';

const note = text(2000);
const routinePlaceSchema = z.union([placeSchema, z.literal('rig')]);

const body = z.strictObject({
  jobs: z
    .array(z.strictObject({ routine: z.enum(ROUTINES), place: routinePlaceSchema }))
    .check(z.minLength(1)),
  /** From the bench step by step, written down afterwards, or remembered from before the record. */
  from: z.enum(['bench', 'written', 'memory']),
  /** Minutes from first step to last, pauses included. */
  minutes: z.optional(nonNegative()),
  readings: z.array(
    z.strictObject({
      place: wheelEndSchema,
      what: shaped(/^[a-z][a-z-]*$/),
      /** SI for quantities; text for numbers read off parts. */
      value: z.union([z.number(), text(200)]),
    }),
  ),
  conditions: z.array(z.strictObject({ place: wheelEndSchema, subject: z.enum(SUBJECTS), grade: text(40) })),
  materials: z.array(
    z.strictObject({
      place: wheelEndSchema,
      grease: z.enum(THICKENERS),
      /** Mass used (kg). */
      mass: z.optional(nonNegative(10)),
    }),
  ),
  renewed: z.array(
    z.strictObject({ place: wheelEndSchema, part: z.enum(['inner-set', 'outer-set', 'seal', 'pin']) }),
  ),
  refits: refitsSchema,
  skipped: z.array(z.strictObject({ step: text(60), reason: note })),
  /** Miles towed between remembered work and the start of the record (m), where known. */
  distanceSince: z.optional(nonNegative()),
  note: z.optional(note),
});

/** Work that was done. */
export type WorkBody = z.infer<typeof body>;

/** Where the meters stood when the work was done; what is remembered from before the record says how far back. */
function markLeft(rig: RigState, work: WorkBody, entry: Applied): Mark {
  const now = markNow(rig, entry);
  if (work.from !== 'memory' || rig.since !== undefined) return now;
  return {
    ...now,
    distance: rig.distance - (work.distanceSince ?? 0),
    distanceKnown: work.distanceSince !== undefined,
  };
}

/** Work done on a rig: what restarts, what it leaves behind. Version 1 knew repacks and looks at hubs; version 2 every routine and place. */
export const work = defineKind({
  kind: 'work',
  version: 2,
  body,
  upcasters: [(body) => body],
  apply: (rig, work, entry) => {
    const grease = { ...rig.grease };
    for (const used of work.materials) grease[used.place] = used.grease;
    const endPlay = { ...rig.endPlay };
    for (const { place, what, value } of work.readings)
      if (what === 'end-play' && typeof value === 'number')
        endPlay[place] = { play: value, at: entry.happened };
    return {
      ...restart(rig, work.jobs, markLeft(rig, work, entry)),
      refits: openRefits(rig, work.refits, entry),
      grease,
      endPlay,
      parts: partsAfterWork(rig, work, entry),
    };
  },
});
