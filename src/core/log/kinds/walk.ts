import * as z from 'zod/mini';
import { code, figure, nonNegative, text, words, uuid, type Instant } from '../../base';
import { isGear, isWheelEnd, placeSchema, type RigModel } from '../../rig';
import { ROUTINES, type Subject } from '../../rules';
import { clearedBy } from '../cleared';
import { defineKind, mine, type Own } from '../define';
import { doneNow, restart, type JobDone } from '../last-done';
import { gradedSchema } from '../kept';
import type { RigState, UnderWay } from '../state';
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

/** What the looks of a walk grade, as far as a routine stands for them; whether it was right or not, it was looked at. */
const LOOK_GRADES: Readonly<Record<string, Subject>> = {
  tire: 'tire-wall',
  tread: 'tread',
  valve: 'valve',
  rock: 'rock',
  spin: 'spin',
  pivot: 'pivot',
};
const OF_GEAR: ReadonlySet<string> = new Set(['gear', 'chain', 'strap', 'weld', 'coupler', 'lamp']);

/** Walks thorough enough that looking at a piece of gear is its yearly look. */
const THOROUGH: ReadonlySet<WalkId> = new Set(['spring', 'layup']);

/** What a walk is by itself, and what a wrench on the nuts and lamps tried are. */
function jobsOf({ walk, looked }: WalkBody): readonly JobDone[] {
  return looked.flatMap(({ look, place, as }): JobDone[] => {
    if (as === 'skipped') return [];
    if (look === 'torque' && isWheelEnd(place)) return [{ routine: 'lug-torque', place }];
    if (look === 'lights' && place === 'rig') return [{ routine: 'lights', place }];
    return isGear(place) && OF_GEAR.has(look) && THOROUGH.has(walk) ? [{ routine: 'gear-look', place }] : [];
  });
}

function doneBy(body: WalkBody, model: RigModel | undefined): readonly JobDone[] {
  const { walk, looked, taken, conditions } = body;
  const jobs = jobsOf(body);
  const told = {
    jobs,
    conditions: [
      ...conditions,
      ...looked.flatMap(({ look, place, as }) => {
        const subject = as === 'skipped' ? undefined : LOOK_GRADES[look];
        return subject ? [{ place, subject }] : [];
      }),
    ],
    readings: taken,
  };
  return [
    ...jobs,
    ...clearedBy(told, model),
    ...(walk === 'hitch' ? [{ routine: 'walkaround', place: 'rig' } as const] : []),
  ];
}

/** What was last seen on a short walk, which is not its yearly look, with the gear of this one; nothing where there is none. */
function glances(
  rig: Pick<RigState, 'glanced'>,
  { walk, looked }: WalkBody,
  at: Instant,
  own: Own | undefined,
): Partial<Pick<RigState, 'glanced'>> {
  if (THOROUGH.has(walk)) return {};
  const seen = { walk, at };
  let glanced: Record<string, typeof seen> | undefined;
  for (const { look, place, as } of looked)
    if (as !== 'skipped' && OF_GEAR.has(look) && isGear(place))
      (glanced ??= mine(rig.glanced, own) as Record<string, typeof seen>)[place] = seen;
  return glanced ? { glanced } : {};
}

/** Walks that are a look under way. */
const UNDER_WAY: ReadonlySet<WalkId> = new Set(['first-stop', 'stop']);

/** A trip under way with its last look: the miles to the next one are counted from it. */
function stoppedFor(underWay: UnderWay, walk: WalkId, at: Instant): Partial<Pick<RigState, 'underWay'>> {
  return UNDER_WAY.has(walk) ? { underWay: { ...underWay, looked: { at, into: underWay.into } } } : {};
}

/** A walk round a rig, with what was seen, read and decided. */
export const walk = defineKind({
  kind: 'walk',
  version: 4,
  body,
  group: 'walks',
  places: ({ looked, taken, conditions }) =>
    [...looked.filter(({ as }) => as !== 'skipped'), ...taken, ...conditions].map(({ place }) => place),
  corrected: 'elsewhere',
  upcasters: [walkToV2, (body) => body, (body) => body],
  apply: (rig, walk, entry, own) => ({
    ...readWith(rig, walk.taken, entry, walk.around, own),
    ...restart(rig, doneBy(walk, rig.model), doneNow(rig, entry), own),
    ...glances(rig, walk, entry.happened, own),
    ...(rig.underWay && stoppedFor(rig.underWay, walk.walk, entry.happened)),
  }),
});
