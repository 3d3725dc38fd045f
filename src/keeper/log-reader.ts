import {
  emptyFold,
  extend,
  foldOrdered,
  isCurrent,
  orderEntries,
  readEntry,
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

/** Reads lines of the log; what this version wrote is taken at its word unless it is doubted. */
export function readRows(rows: readonly LogRow[], doubt = false): ReadRows {
  const entries: Entry[] = [];
  const lost: LostRow[] = [];
  for (const { seq, raw } of rows) {
    const entry = !doubt && isOurs(raw) ? raw : lift(raw);
    if (typeof entry === 'string') lost.push({ seq, why: entry });
    else entries.push(entry);
  }
  return { entries, lost };
}

/** A fold with more lines of the log. Where one of them brings it down every line is doubted, and the fold goes on without what is none. */
export function extendByRows(
  fold: Fold,
  rows: readonly LogRow[],
): { readonly fold: Fold; readonly lost: readonly LostRow[] } {
  const taken = readRows(rows);
  try {
    return { fold: extend(fold, taken.entries), lost: taken.lost };
  } catch {
    const doubted = readRows(rows, true);
    return { fold: extend(fold, doubted.entries), lost: doubted.lost };
  }
}

/** Every line of the log in its order, not folded. */
export function orderRows(rows: readonly LogRow[]): {
  readonly log: OrderedLog;
  readonly lost: readonly LostRow[];
} {
  const { entries, lost } = readRows(rows);
  return { log: orderEntries(entries), lost };
}

/** Every line of the log folded from nothing; `ordered` where that was done already. */
export function foldRows(
  rows: readonly LogRow[],
  ordered: ReturnType<typeof orderRows> = orderRows(rows),
): ReturnType<typeof extendByRows> {
  try {
    return { fold: foldOrdered(ordered.log), lost: ordered.lost };
  } catch {
    return extendByRows(emptyFold(), rows);
  }
}
