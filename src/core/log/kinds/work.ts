import * as z from 'zod/mini';
import { nonNegative, positive, shaped, text } from '../../base';
import { wheelEndSchema } from '../../rig';
import { ROUTINES, SUBJECTS, THICKENERS } from '../../rules';
import { defineKind } from '../define';
import { markKey, type Mark, type Refit, type RigState } from '../state';

const note = text(2000);

const body = z.strictObject({
  jobs: z.array(z.strictObject({ routine: z.enum(ROUTINES), place: wheelEndSchema })).check(z.minLength(1)),
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
  /** Wheels that were off and on again, with the cumulative distances (m) at which to recheck. */
  refits: z.array(
    z.strictObject({ place: wheelEndSchema, limits: z.array(positive()).check(z.minLength(1)) }),
  ),
  skipped: z.array(z.strictObject({ step: text(60), reason: note })),
  /** Miles towed between remembered work and the start of the record (m), where known. */
  distanceSince: z.optional(nonNegative()),
  note: z.optional(note),
});

/** Work that was done. */
export type WorkBody = z.infer<typeof body>;

function marksAfter(
  rig: RigState,
  work: WorkBody,
  entry: { id: string; happened: string },
): RigState['marks'] {
  const remembered = work.from === 'memory' && rig.since === undefined;
  const mark: Mark = {
    entry: entry.id,
    at: entry.happened,
    distance: rig.distance - (remembered ? (work.distanceSince ?? 0) : 0),
    distanceKnown: !remembered || work.distanceSince !== undefined,
    launches: rig.launches,
  };
  return {
    ...rig.marks,
    ...Object.fromEntries(work.jobs.map((job) => [markKey(job.routine, job.place), mark])),
  };
}

/** Work done on a rig: what restarts, what it leaves behind. */
export const work = defineKind({
  kind: 'work',
  version: 1,
  body,
  upcasters: [],
  apply: (rig, work, entry) => {
    const refits = { ...rig.refits };
    for (const { place, limits } of work.refits) {
      const refit: Refit = {
        entry: entry.id,
        at: entry.happened,
        distance: rig.distance,
        limits,
        checked: -1,
        moves: 0,
      };
      refits[place] = refit;
    }
    const grease = { ...rig.grease };
    for (const used of work.materials) grease[used.place] = used.grease;
    const endPlay = { ...rig.endPlay };
    for (const { place, what, value } of work.readings)
      if (what === 'end-play' && typeof value === 'number')
        endPlay[place] = { play: value, at: entry.happened };
    return { marks: marksAfter(rig, work, entry), refits, grease, endPlay };
  },
});
