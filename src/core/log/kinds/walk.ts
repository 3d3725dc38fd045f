import * as z from 'zod/mini';
import { code, figure, nonNegative, text, words, uuid } from '../../base';
import { isGear, isWheelEnd, placeSchema } from '../../rig';
import { ROUTINES, type RoutinePlace } from '../../rules';
import { defineKind } from '../define';
import { doneNow, restart, type JobDone } from '../last-done';
import { gradedSchema } from '../kept';
import { aroundSchema, readWith, takenSchema } from './reading';

/** The times at which one walks round a rig (handbook section 3). */
export const WALKS = ['hitch', 'first-stop', 'stop', 'home', 'twice', 'spring', 'layup', 'shop'] as const;
export type WalkId = (typeof WALKS)[number];

/** What stood against going before the walk began. */
const standing = z.union([
  z.strictObject({ finding: uuid() }),
  z.strictObject({
    routine: z.enum([...ROUTINES, 'lug-recheck']),
    place: z.union([placeSchema, z.literal('rig')]),
  }),
  z.strictObject({
    /** What does not agree in the rig, with what it rests on (SI; ages in y). */
    conflict: code(),
    place: z.union([placeSchema, z.literal('rig')]),
    have: z.optional(z.union([figure(), words(200)])),
    want: z.optional(z.union([figure(), words(200)])),
  }),
  z.strictObject({ open: z.union([placeSchema, z.literal('rig')]) }),
]);

/** Whether to go: what the rules come to, what the owner decided, until when, why, and where it was. */
const decision = z.strictObject({
  rule: z.enum(['clear', 'care', 'no']),
  go: z.enum(['clear', 'care', 'no']),
  until: z.optional(words(200)),
  /** Why its owner goes against the rule. */
  why: z.optional(words(300)),
  standing: z.optional(z.array(standing)),
  /** The reasons in words, as version 1 kept them. */
  worded: z.optional(z.array(words(300))),
  where: z.optional(words(80)),
});

/** Whether to go, as it is kept. */
export type GoDecision = z.infer<typeof decision>;

/** Version 1 kept every reason in words, before them the owner's own where it went against the rule. */
function walkToV2(body: unknown): unknown {
  const walk = body as { decision?: { rule: string; go: string; why: string[] } };
  if (!walk.decision) return walk;
  const { why, ...rest } = walk.decision;
  const own = rest.go === rest.rule ? [] : why.slice(0, 1);
  const worded = why.slice(own.length);
  return {
    ...walk,
    decision: {
      ...rest,
      ...(own[0] !== undefined && { why: own[0] }),
      ...(worded.length > 0 && { worded }),
    },
  };
}

const body = z.strictObject({
  walk: z.enum(WALKS),
  order: z.enum(['round', 'system']),
  /** Every item of the walk with what came of it: what was skipped was not seen. */
  looked: z.array(
    z.strictObject({
      look: code(),
      place: z.union([placeSchema, z.literal('rig')]),
      as: z.enum(['clear', 'not-right', 'skipped']),
    }),
  ),
  taken: z.array(takenSchema),
  conditions: z.array(gradedSchema),
  around: z.optional(aroundSchema),
  minutes: z.optional(nonNegative(1440)),
  decision: z.optional(decision),
  note: z.optional(text(2000)),
});

/** A walk round a rig. */
export type WalkBody = z.infer<typeof body>;

/** Looks that have to be seen at a place, all of them, before a routine counts as done there. */
const DONE_BY: readonly (readonly [
  JobDone['routine'],
  readonly string[],
  (place: RoutinePlace) => boolean,
])[] = [
  ['tire-look', ['tire', 'tread', 'valve'], () => true],
  ['hub-look', ['rock', 'spin'], isWheelEnd],
  ['lug-torque', ['torque'], isWheelEnd],
  ['gear-look', ['gear', 'chain', 'strap', 'weld', 'coupler', 'lamp'], isGear],
  ['lights', ['lights'], (place) => place === 'rig'],
];

/** Walks thorough enough that looking at a piece of gear is its yearly look. */
const THOROUGH: ReadonlySet<WalkId> = new Set(['spring', 'layup']);

function doneBy({ walk, looked, taken }: WalkBody): readonly JobDone[] {
  const seen = looked.filter(({ as }) => as !== 'skipped');
  const places = [...new Set(seen.map(({ place }) => place))];
  const at = (place: RoutinePlace) => seen.filter((one) => one.place === place).map(({ look }) => look);
  const jobs = DONE_BY.flatMap(([routine, looks, applies]) =>
    places.filter(applies).flatMap((place): JobDone[] => {
      const there = at(place);
      if (routine === 'gear-look')
        return THOROUGH.has(walk) && looks.some((look) => there.includes(look)) ? [{ routine, place }] : [];
      return looks.every((look) => there.includes(look)) ? [{ routine, place }] : [];
    }),
  );
  const wanted = looked.filter(({ look }) => look === 'pressure');
  const read = new Set(taken.filter(({ what }) => what === 'pressure').map(({ place }) => place));
  const all = wanted.length > 0 && wanted.every(({ place }) => read.has(place));
  return [
    ...jobs,
    ...(all ? [{ routine: 'pressures', place: 'rig' } as const] : []),
    ...(walk === 'hitch' ? [{ routine: 'walkaround', place: 'rig' } as const] : []),
  ];
}

/** A walk round a rig, with what was seen, read and decided. */
export const walk = defineKind({
  kind: 'walk',
  version: 2,
  body,
  group: 'walks',
  places: ({ looked, taken, conditions }) =>
    [...looked.filter(({ as }) => as !== 'skipped'), ...taken, ...conditions].map(({ place }) => place),
  corrected: 'elsewhere',
  upcasters: [walkToV2],
  apply: (rig, walk, entry, own) => ({
    ...readWith(rig, walk.taken, entry, walk.around),
    ...restart(rig, doneBy(walk), doneNow(rig, entry), own),
  }),
});
