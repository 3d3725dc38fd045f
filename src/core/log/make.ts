import { instantOf, msOf, type Instant } from '../base';
import type { Entry, EntryOf, Kind } from './entry';
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
}

/** An entry of the current version. Throws ZodError where the body is not valid: callers check what people type first. */
export function makeEntry<K extends Kind>(kind: K, stamp: Stamp, body: EntryOf<K>['body']): Entry {
  const { replaces, ...rest } = stamp;
  const def = REGISTRY[kind];
  return {
    ...rest,
    ...(replaces && { replaces }),
    kind,
    v: def.version,
    body: def.body.parse(body),
  } as Entry;
}

/** When an act on an entry is recorded: now, or right after its target where that was recorded ahead of this clock; a later-written entry alone can act on an earlier. */
export function recordedAfter(target: Pick<Entry, 'recorded'> | undefined, now: Instant): Instant {
  return target && msOf(target.recorded) >= msOf(now) ? instantOf(msOf(target.recorded) + 1) : now;
}

/** The entry that withdraws another. */
export function makeVoid(target: Entry, id: string, now: Instant, reason?: string): Entry {
  const recorded = recordedAfter(target, now);
  const stamp = { id, rig: target.rig, happened: recorded, recorded };
  return makeEntry('void', stamp, { target: target.id, ...(reason && { reason }) });
}
