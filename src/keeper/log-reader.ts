import {
  emptyFold,
  extend,
  foldOrdered,
  isCurrent,
  orderEntries,
  readEntry,
  withDays,
  type DayOf,
  type Entry,
  type Fold,
  type OrderedLog,
} from '@/core/log';
import type { LogRow } from './port';

/** A line of the log that cannot be read; it stays on disk as it is. */
export interface LostRow {
  readonly seq: number;
  readonly why: string;
}

/** Lines of the log as entries of this version, and those that are none. */
export interface ReadRows {
  readonly entries: readonly Entry[];
  readonly lost: readonly LostRow[];
}

function lift(raw: unknown): Entry | string {
  const read = readEntry(raw);
  return read.ok ? read.value : `${read.error.field}: ${read.error.detail}`;
}

/** True for what was written by this version and need not be read again by its schema; what came otherwise is. */
function isOurs(raw: unknown): raw is Entry {
  return typeof raw === 'object' && raw !== null && 'kind' in raw && 'v' in raw && isCurrent(raw as Entry);
}

/** Where days have to be added to entries from before they were kept: of the zone they were written in, as far as that is known. */
export type OldDays = DayOf | undefined;

/** Reads lines of the log; what this version wrote is taken at its word unless it is doubted. */
export function readRows(rows: readonly LogRow[], oldDays: OldDays, doubt = false): ReadRows {
  const entries: Entry[] = [];
  const lost: LostRow[] = [];
  for (const { seq, raw } of rows) {
    const entry = !doubt && isOurs(raw) ? raw : lift(raw);
    if (typeof entry === 'string') lost.push({ seq, why: entry });
    else entries.push(oldDays && !entry.days ? withDays(entry, oldDays) : entry);
  }
  return { entries, lost };
}

/** A fold with more lines of the log. Where one of them brings it down every line is doubted, and the fold goes on without what is none. */
export function extendByRows(
  fold: Fold,
  rows: readonly LogRow[],
  oldDays: OldDays,
): { readonly fold: Fold; readonly lost: readonly LostRow[] } {
  const taken = readRows(rows, oldDays);
  try {
    return { fold: extend(fold, taken.entries), lost: taken.lost };
  } catch {
    const doubted = readRows(rows, oldDays, true);
    return { fold: extend(fold, doubted.entries), lost: doubted.lost };
  }
}

/** Every line of the log in its order, not folded. */
export function orderRows(
  rows: readonly LogRow[],
  oldDays: OldDays,
): {
  readonly log: OrderedLog;
  readonly lost: readonly LostRow[];
} {
  const { entries, lost } = readRows(rows, oldDays);
  return { log: orderEntries(entries), lost };
}

/** Every line of the log folded from nothing; `ordered` where that was done already. */
export function foldRows(
  rows: readonly LogRow[],
  oldDays: OldDays,
  ordered: ReturnType<typeof orderRows> = orderRows(rows, oldDays),
): ReturnType<typeof extendByRows> {
  try {
    return { fold: foldOrdered(ordered.log), lost: ordered.lost };
  } catch {
    return extendByRows(emptyFold(), rows, oldDays);
  }
}
