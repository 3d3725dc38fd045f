import type { Instant } from '@/core/base';
import {
  makeEntry,
  makeVoid,
  recordedAfter,
  type Entry,
  type EntryOf,
  type Fold,
  type Kind,
} from '@/core/log';
import { newId } from './ids';

/** An entry about to be written; it happens now unless told otherwise. */
export type Draft = {
  [K in Kind]: {
    readonly kind: K;
    readonly body: EntryOf<K>['body'];
    readonly happened?: Instant;
    readonly replaces?: string;
    /** Its id, where another entry written with it speaks of it. */
    readonly id?: string;
  };
}[Kind];

/** Drafts as entries of a rig. Throws ZodError where a body is not valid: pages check what people type first. */
export function entriesOf(fold: Fold, rig: string, drafts: readonly Draft[], now: Instant): readonly Entry[] {
  return drafts.map(({ kind, body, happened, replaces, id }) => {
    const target = replaces ?? (kind === 'void' ? body.target : undefined);
    const acted = target === undefined ? undefined : fold.entries.find((one) => one.id === target);
    const recorded = recordedAfter(acted, now);
    return makeEntry(kind, { id: id ?? newId(), rig, happened: happened ?? now, recorded, replaces }, body);
  });
}

/** The entries that withdraw some others. */
export function voidsOf(
  entries: readonly Entry[],
  now: Instant,
  reason: string | undefined,
): readonly Entry[] {
  return entries.map((entry) => makeVoid(entry, newId(), now, reason));
}
