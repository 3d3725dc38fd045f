import { instantOf, msOf, type Instant } from '../base';
import { makeEntry, recordedAfter, type Entry, type EntryOf, type Kind } from '../log';

/** An entry about to be written; it happens now unless told otherwise. */
export type NewEntry = {
  [K in Kind]: {
    readonly kind: K;
    readonly body: EntryOf<K>['body'];
    readonly happened?: Instant;
    readonly replaces?: string;
    /** Its id, where another entry written with it speaks of it. */
    readonly id?: string;
  };
}[Kind];

/** Makes a fresh UUIDv7. */
export type NewId = () => string;

/** Drafts as entries of a rig, recorded now; `known` are those that they may act on. Throws ZodError where a body is not valid: pages check what people type first. */
export function stampEntries(
  known: readonly Entry[],
  rig: string,
  drafts: readonly NewEntry[],
  now: Instant,
  newId: NewId,
): readonly Entry[] {
  return drafts.map(({ kind, body, happened, replaces, id }) => {
    const target = replaces ?? (kind === 'void' ? body.target : undefined);
    const acted = target === undefined ? undefined : known.find((one) => one.id === target);
    const recorded = recordedAfter(acted, now);
    return makeEntry(kind, { id: id ?? newId(), rig, happened: happened ?? now, recorded, replaces }, body);
  });
}

/** Drafts a moment apart, so that they keep their order on every device: parts come after the work that fitted them, findings after both. */
export function inTurn(drafts: readonly NewEntry[], at: Instant): readonly NewEntry[] {
  return drafts.map((draft, tick) => ({ ...draft, happened: instantOf(msOf(at) + tick) }));
}
