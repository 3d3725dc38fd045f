import type { CivilDay, Instant } from '@/core/base';
import type { LogEnd, RigState } from '@/core/log';
import type { StoredRun } from '@/core/routine';

/** What is known of the log without its entries. */
export interface LogFacts {
  /** Rises with each change of the log; what was asked of an older one is asked again. */
  readonly rev: number;
  readonly count: number;
  /** When its newest entry was written down; empty while there is none. */
  readonly newest: Instant | '';
  readonly end: LogEnd;
  /** The moments that were written down as another day than they are on this device. */
  readonly days: Readonly<Record<Instant, CivilDay>>;
}

/** An entry that this version cannot read, and whether a newer one wrote it. */
export interface UnreadTold {
  readonly id: string;
  readonly rig: string;
  readonly newer: boolean;
  readonly why: string;
}

/** What lies on this device and cannot be read by this version; it stays as it is. */
export interface Lost {
  /** How many entries, and the first of those that say which they are. */
  readonly entries: number;
  readonly unread: readonly UnreadTold[];
  readonly cards: number;
  /** The first of them in words. */
  readonly why: string;
}

/** What a page is told of its yard: all of it once, then what has changed. */
export interface Shown {
  /** Rigs that are new or have changed. */
  readonly rigs: Readonly<Record<string, RigState>>;
  /** Rigs that are no more. */
  readonly gone: readonly string[];
  readonly runs: readonly StoredRun[] | undefined;
  /** When an archive was last saved from this device. */
  readonly archived: Instant | undefined;
  readonly log: LogFacts;
  readonly lost: Lost | undefined;
}
