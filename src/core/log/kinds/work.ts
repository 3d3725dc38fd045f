import * as z from 'zod/mini';
import { code, nonNegative, text, whole } from '../../base';
import { isWheelEnd, SHELF_GRADES, wheelEndSchema } from '../../rig';
import { clearedBy } from '../cleared';
import { jobsSchema } from '../jobs';
import { gradedSchema, moneySchema, readSchema, somewhereSchema } from '../kept';
import { openRefits, refitsSchema, threadsAfter } from '../refits';
import { readingDef } from '../../rules';
import { THICKENERS } from '../../figures';
import { defineKind, mine, type Applied, type Own } from '../define';
import { doneNow, restart } from '../last-done';
import { partsAfterWork } from '../parts';
import type { LastDone, RigState } from '../state';

const note = text(2000);

const body = z.strictObject({
  jobs: jobsSchema,
  /** From the bench step by step, written down afterwards, or remembered from before the record. */
  from: z.enum(['bench', 'written', 'memory']),
  /** Minutes from first step to last, pauses included. */
  minutes: z.optional(nonNegative()),
  readings: z.array(readSchema),
  conditions: z.array(gradedSchema),
  materials: z.array(
    z.strictObject({
      place: wheelEndSchema,
      grease: z.enum(THICKENERS),
      /** Mass used (kg). */
      mass: z.optional(nonNegative(10)),
    }),
  ),
  renewed: z.array(
    z.strictObject({
      place: wheelEndSchema,
      part: z.enum(['inner-set', 'outer-set', 'seal', 'pin']),
      /** Kept as a spare, so good; thrown away where nothing is said. */
      kept: z.optional(z.enum(SHELF_GRADES)),
    }),
  ),
  refits: refitsSchema,
  /** What went otherwise than planned, and where. */
  branches: z.optional(
    z.array(
      z.strictObject({
        branch: code(),
        place: z.optional(somewhereSchema),
        side: z.optional(z.enum(['L', 'R'])),
      }),
    ),
  ),
  skipped: z.array(z.strictObject({ step: text(60), reason: note })),
  /** Miles towed between remembered work and the start of the record (m), where known. */
  distanceSince: z.optional(nonNegative()),
  /** How long each kind of step took (min, the mean of so many), where it was led step by step. */
  times: z.optional(
    z.array(z.strictObject({ act: code(), minutes: nonNegative(600), count: whole(1, 1000) })),
  ),
  /** Steps that one tap for their chapter closed; all others were tapped one by one. */
  byChapter: z.optional(z.array(text(60))),
  /** What it cost, in the owner's own money. */
  cost: z.optional(moneySchema),
  note: z.optional(note),
});

/** Work that was done. */
export type WorkBody = z.infer<typeof body>;

/** Where the meters stood when the work was done; what is remembered from before the record says how far back. */
function markLeft(rig: RigState, work: WorkBody, entry: Applied): LastDone {
  const now = doneNow(rig, entry);
  if (work.from !== 'memory' || rig.since !== undefined) return now;
  return {
    ...now,
    distance: rig.distance - (work.distanceSince ?? 0),
    distanceKnown: work.distanceSince !== undefined,
  };
}

/** What work tells of looks, readings and jobs. */
const toldBy = (work: WorkBody) => ({
  jobs: work.jobs,
  conditions: work.conditions,
  readings: work.readings,
  greased: work.materials,
  refitted: work.refits,
});

/** What was last read where, with the figures of some work; nothing where it brought none. */
function readAfter(
  rig: RigState,
  work: WorkBody,
  entry: Applied,
  own: Own | undefined,
): Partial<Pick<RigState, 'read'>> {
  const kept = work.readings.flatMap(({ place, what, value }) =>
    typeof value === 'number' && !readingDef(what).passing
      ? [[`${what === 'pressure-set' ? 'pressure' : what}@${place}`, { value, at: entry.happened }] as const]
      : [],
  );
  if (kept.length === 0) return {};
  const read = mine(rig.read, own);
  for (const [key, value] of kept) read[key] = value;
  return { read };
}

/** So many of the last cards are remembered for each kind of step: habits change. */
const REMEMBERED = 9;

const middle = (values: readonly number[]): number => {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length >> 1;
  return sorted.length % 2 === 1 ? (sorted[half] ?? 0) : ((sorted[half - 1] ?? 0) + (sorted[half] ?? 0)) / 2;
};

/** The owner's pace with some more steps in it. */
function paceAfter(pace: RigState['pace'], times: NonNullable<WorkBody['times']>): RigState['pace'] {
  const next = { ...pace };
  for (const { act, minutes, count } of times) {
    const before = next[act];
    const recent = [...(before?.recent ?? []), minutes].slice(-REMEMBERED);
    // The middle one of the last cards: one that was hurried through, or left lying, moves nothing.
    next[act] = { minutes: middle(recent), count: (before?.count ?? 0) + count, recent };
  }
  return next;
}

/** Work done on a rig: what restarts, what it leaves behind. Version 1 knew repacks and looks at hubs, version 2 every routine and place; version 3 repairs, readings anywhere, times and cost; version 4 sides, shoes, what went otherwise and where old parts went; version 5 what was closed by chapter. */
export const work = defineKind({
  kind: 'work',
  version: 6,
  body,
  group: 'work',
  places: ({ jobs, readings, conditions }) => [
    ...jobs.flatMap((job) => [job.place, ...(job.with ? [job.with] : [])]),
    ...[...readings, ...conditions].map(({ place }) => place),
  ],
  corrected: 'here',
  upcasters: [(body) => body, (body) => body, (body) => body, (body) => body, (body) => body],
  apply: (rig, work, entry, own) => {
    const grease = [
      ...work.materials.map(({ place, grease }) => [place, grease] as const),
      // What went in has no name: what was in there tells nothing any more.
      ...work.readings.flatMap(({ place, what, value }) =>
        what === 'grease' && value === 'not-printed' && isWheelEnd(place)
          ? [[place, undefined] as const]
          : [],
      ),
    ];
    const endPlay = work.readings.flatMap(({ place, what, value }) =>
      what === 'end-play' && typeof value === 'number' && isWheelEnd(place)
        ? [[place, { play: value, at: entry.happened }] as const]
        : [],
    );
    return {
      ...restart(rig, [...work.jobs, ...clearedBy(toldBy(work), rig.model)], markLeft(rig, work, entry), own),
      refits: openRefits(rig, work.refits, entry),
      threads: threadsAfter(rig, work.refits),
      ...(grease.length > 0 && { grease: { ...rig.grease, ...Object.fromEntries(grease) } }),
      ...(endPlay.length > 0 && { endPlay: { ...rig.endPlay, ...Object.fromEntries(endPlay) } }),
      parts: partsAfterWork(rig, work, entry, own),
      ...readAfter(rig, work, entry, own),
      ...(work.times && { pace: paceAfter(rig.pace, work.times) }),
    };
  },
});
