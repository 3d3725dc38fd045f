import type { Instant } from '@/core/base';
import type { LogEnd, YardState } from '@/core/log';

/** A yard as far as it is known without its entries. */
export interface Standing {
  readonly state: YardState;
  readonly end: LogEnd;
  readonly count: number;
  /** When its newest entry was written down; empty while there is none. */
  readonly newest: Instant | '';
  /** The place up to which the log has been read. */
  readonly seq: number;
}

/** The yard as it was last worked out, so that opening waits for no fold. */
export interface Checkpoint extends Standing {
  /** What worked it out: a state of another version says nothing to this one. */
  readonly version: string;
}

/** A stored checkpoint where it is one of this version; anything else is none. */
export function readCheckpoint(raw: unknown, version: string): Checkpoint | undefined {
  const found = raw as Partial<Checkpoint> | undefined;
  return found?.version === version && found.state && found.end ? (found as Checkpoint) : undefined;
}
