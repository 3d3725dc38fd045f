import { instantOf, msOf, type Instant } from '../base';
import { actsOn, makeEntry, recordedNow, type Entry, type EntryOf, type Kind } from '../log';

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

/** What of the log its new entries rest on: those that they may act on, and when the newest one was recorded. */
export interface LogKnown {
  readonly entries: readonly Entry[];
  readonly newest: Instant | '';
}

/** New entries stamped as entries of a rig, recorded now, never behind what is known. Throws ZodError where a body is not valid: pages check what people type first. */
export function stampEntries(
  known: LogKnown,
  rig: string,
  drafts: readonly NewEntry[],
  now: Instant,
  newId: NewId,
): readonly Entry[] {
  const recorded = recordedNow(known.newest, now);
  return drafts.map(({ kind, body, happened, replaces, id }) => {
    const target = replaces ?? (kind === 'void' ? body.target : undefined);
    const seen = target === undefined ? [] : actsOn(known.entries, target);
    return makeEntry(
      kind,
      { id: id ?? newId(), rig, happened: happened ?? now, recorded, replaces, seen },
      body,
    );
  });
}

/** New entries a moment apart, so that they keep their order on every device: parts come after the work that fitted them, findings after both. */
export function inTurn(drafts: readonly NewEntry[], at: Instant): readonly NewEntry[] {
  return drafts.map((draft, tick) => ({ ...draft, happened: instantOf(msOf(at) + tick) }));
}
