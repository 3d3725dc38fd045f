import { instantOf, msOf, type Instant } from '../base';
import type { Entry, EntryOf, Kind } from './entry';
import { targetOf } from './retractions';
import { REGISTRY } from './registry';

/** What the caller knows that the core does not: identity and the clock. */
export interface Stamp {
  /** A fresh UUIDv7. */
  readonly id: string;
  readonly rig: string;
  readonly happened: Instant;
  readonly recorded: Instant;
  /** The entry this one corrects. */
  readonly replaces?: string | undefined;
  /** The acts on its target that were known then. */
  readonly seen?: readonly string[] | undefined;
}

/** An entry of the current version. Throws ZodError where the body is not valid: callers check what people type first. */
export function makeEntry<K extends Kind>(kind: K, stamp: Stamp, body: EntryOf<K>['body']): Entry {
  const { replaces, seen, ...rest } = stamp;
  const def = REGISTRY[kind];
  return {
    ...rest,
    ...(replaces && { replaces }),
    ...(seen && seen.length > 0 && { seen }),
    kind,
    v: def.version,
    body: def.body.parse(body),
  } as Entry;
}

/** When an entry is recorded: now, or right after the newest that this device has seen where its clock stands behind that. */
export function recordedNow(newest: Instant | '' | undefined, now: Instant): Instant {
  return newest && msOf(newest) >= msOf(now) ? instantOf(msOf(newest) + 1) : now;
}

/** The ids of the acts on an entry that a log knows. */
export function actsOn(entries: readonly Entry[], target: string): readonly string[] {
  return entries.flatMap((entry) => (targetOf(entry) === target ? [entry.id] : []));
}

/** The entry that withdraws another, `seen` being the acts on it that are known; recorded by `recordedNow`. */
export function makeVoid(
  target: Pick<Entry, 'id' | 'rig'>,
  seen: readonly string[],
  id: string,
  recorded: Instant,
  reason?: string,
): Entry {
  const stamp = { id, rig: target.rig, happened: recorded, recorded, seen };
  return makeEntry('void', stamp, { target: target.id, ...(reason && { reason }) });
}
