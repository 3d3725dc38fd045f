import type { PhotoSize } from '@/core/record';
import { msOf, type Instant } from '@/core/base';
import * as z from 'zod/mini';
import { WALKS, type WalkId } from '@/core/log';
import type { Answer, Answers, Around, WalkOrder } from '@/core/road';
import type { DraftDef } from '@/store';

/** A walk under way, as it lies on this device after every tap. */
export interface WalkDraft {
  readonly walk: WalkId;
  readonly order: WalkOrder;
  readonly started: Instant;
  /** What is around was told, and the walk has begun. */
  readonly begun: boolean;
  readonly around: Around;
  readonly answers: Answers;
  /** What it is towed on with, looked at on a stop: as it was, or worse; by its finding. */
  readonly looked?: Readonly<Record<string, 'same' | 'worse'>> | undefined;
  /** The zone in hand; past the last one it comes to its end. */
  readonly at: number;
  /** Pictures by the item they show. */
  readonly photos: readonly { readonly item: string; readonly photo: PhotoSize }[];
}

const figure = z.optional(z.number());

/** How a walk under way lies on this device. */
export const WALK_DRAFT: DraftDef<WalkDraft> = {
  version: 1,
  schema: z.object({
    walk: z.enum(WALKS),
    order: z.enum(['round', 'system']),
    started: z.string(),
    begun: z.boolean(),
    around: z.object({
      air: figure,
      altitude: figure,
      tires: z.optional(z.enum(['cold', 'warm'])),
      tireTemp: figure,
      descent: z.optional(z.literal(true)),
      hubAt: z.optional(z.enum(['painted', 'bare-cap'])),
    }),
    answers: z.record(
      z.string(),
      z.object({
        as: z.enum(['clear', 'not-right', 'skipped']),
        grade: z.optional(z.string()),
        value: figure,
        by: z.optional(z.enum(['gauge', 'thermometer', 'hand', 'eye', 'instrument'])),
        from: z.optional(z.object({ name: z.string(), simulated: z.optional(z.literal(true)) })),
        set: figure,
        words: z.optional(z.string()),
      }),
    ),
    looked: z.optional(z.record(z.string(), z.enum(['same', 'worse']))),
    at: z.int().check(z.minimum(0)),
    photos: z.array(
      z.object({
        item: z.string(),
        photo: z.object({ hash: z.string(), bytes: z.number(), width: z.number(), height: z.number() }),
      }),
    ),
  }),
};

/** A walk that begins. */
export function beginWalk(walk: WalkId, order: WalkOrder, started: Instant): WalkDraft {
  return { walk, order, started, begun: false, around: {}, answers: {}, at: 0, photos: [] };
}

/** So long (h) what was seen on a walk still holds of itself; after that whoever walks says whether it does. */
const HOLDS = 12;

/** True for a walk that is taken up without asking: the very one that is wanted, begun a few hours ago at most. */
export function goesOn(draft: WalkDraft, wanted: string | null, now: Instant): boolean {
  return draft.walk === wanted && msOf(now) - msOf(draft.started) <= HOLDS * 3_600_000;
}

/** A walk with an item answered; undefined takes the answer back. */
export function answered(draft: WalkDraft, key: string, answer: Answer | undefined): WalkDraft {
  const answers = { ...draft.answers };
  if (answer) answers[key] = answer;
  else delete answers[key];
  return { ...draft, answers };
}

/** A walk with everything clear that nobody has answered of some items, a tire's pressure looked at but not read. */
export function allClear(draft: WalkDraft, keys: readonly string[]): WalkDraft {
  return keys
    .filter((key) => draft.answers[key] === undefined)
    .reduce((next, key) => answered(next, key, { as: 'clear', by: 'eye' }), draft);
}
