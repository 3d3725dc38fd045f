import type { Instant } from '@/core/base';
import type { WalkId } from '@/core/log';
import type { Answer, Answers, Around, WalkOrder } from '@/core/walk';
import type { PhotoSize } from '@/features/common';

/** A walk under way, as it lies on this device after every tap. */
export interface WalkDraft {
  readonly walk: WalkId;
  readonly order: WalkOrder;
  readonly started: Instant;
  /** What is around was told, and the walk has begun. */
  readonly begun: boolean;
  readonly around: Around;
  readonly answers: Answers;
  /** The zone in hand; past the last one it comes to its end. */
  readonly at: number;
  /** Pictures by the item they show. */
  readonly photos: readonly { readonly item: string; readonly photo: PhotoSize }[];
}

/** A walk that begins. */
export function beginWalk(walk: WalkId, order: WalkOrder, started: Instant): WalkDraft {
  return { walk, order, started, begun: false, around: {}, answers: {}, at: 0, photos: [] };
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
