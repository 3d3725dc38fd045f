import { sameValue, type CivilDay, type Instant } from '@/core/base';
import type { LogEnd, RigState, YardState } from '@/core/log';
import { zoneMark } from './zone-mark';

/** A yard as far as it is known without its entries. */
export interface Standing {
  readonly state: YardState;
  readonly end: LogEnd;
  readonly count: number;
  /** When its newest entry was written down; empty while there is none. */
  readonly newest: Instant | '';
  /** The place up to which the log has been read. */
  readonly seq: number;
  /** The moments that were written down as another day than they are on this device. */
  readonly days: Readonly<Record<Instant, CivilDay>>;
}

/** The yard as it was last worked out, so that opening waits for no fold. */
export interface Checkpoint extends Standing {
  /** What worked it out: a state of another version says nothing to this one. */
  readonly version: string;
  /** Where this device stood: its days are of that zone. */
  readonly zone: string;
}

/** A stored checkpoint where it is one of this version; anything else is none. */
export function readCheckpoint(raw: unknown, version: string): Checkpoint | undefined {
  const found = raw as Partial<Checkpoint> | undefined;
  return found?.version === version && found.zone === zoneMark() && found.state && found.end && found.days
    ? (found as Checkpoint)
    : undefined;
}

/** A state as it was known, where another says the same: rigs that are the same stay the same objects; tells whether any differs. */
export function sameRigs(
  known: YardState,
  folded: YardState,
): { readonly state: YardState; readonly differs: boolean } {
  const rigs: Record<string, RigState> = {};
  let differs = Object.keys(known.rigs).length !== Object.keys(folded.rigs).length;
  for (const [id, rig] of Object.entries(folded.rigs)) {
    const was = known.rigs[id];
    const same = was !== undefined && sameValue(was, rig);
    rigs[id] = same ? was : rig;
    if (!same) differs = true;
  }
  return { state: differs ? { rigs } : known, differs };
}
