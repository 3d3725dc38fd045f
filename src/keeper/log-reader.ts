import { ok } from '@/core/base';
import {
  emptyFold,
  extend,
  foldOrdered,
  isCurrent,
  orderEntries,
  readEntry,
  unreadEntry,
  withDays,
  type DayOf,
  type Entry,
  type EntryProblem,
  type Fold,
  type OrderedLog,
  type UnreadEntry,
} from '@/core/log';
import type { LogRow } from './port';

/** A line of the log that cannot be read; it stays on disk as it is. */
export interface LostRow {
  readonly seq: number;
  readonly why: string;
  /** What is told of it, where it says which entry it is. */
  readonly unread: UnreadEntry | undefined;
}

/** Lines of the log as entries of this version, and those that are none. */
export interface ReadRows {
  readonly entries: readonly Entry[];
  readonly lost: readonly LostRow[];
}

function lost(seq: number, raw: unknown, why: EntryProblem): LostRow {
  return { seq, why: `${why.field}: ${why.detail}`, unread: unreadEntry(raw, why) };
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
  const unread: LostRow[] = [];
  for (const { seq, raw } of rows) {
    const read = !doubt && isOurs(raw) ? ok(raw) : readEntry(raw);
    if (!read.ok) unread.push(lost(seq, raw, read.error));
    else entries.push(oldDays && !read.value.days ? withDays(read.value, oldDays) : read.value);
  }
  return { entries, lost: unread };
}

/** A fold with more lines of the log. Where one of them brings it down every line is doubted, and the fold goes on without what is none. */
export function extendByRows(
  fold: Fold,
  rows: readonly LogRow[],
  oldDays: OldDays,
): ReadRows & { readonly fold: Fold } {
  const taken = readRows(rows, oldDays);
  try {
    return { ...taken, fold: extend(fold, taken.entries) };
  } catch {
    const doubted = readRows(rows, oldDays, true);
    return { ...doubted, fold: extend(fold, doubted.entries) };
  }
}

/** Every line of the log in its order, not folded. */
export function orderRows(
  rows: readonly LogRow[],
  oldDays: OldDays,
  doubt = false,
): {
  readonly log: OrderedLog;
  readonly lost: readonly LostRow[];
} {
  const { entries, lost } = readRows(rows, oldDays, doubt);
  return { log: orderEntries(entries), lost };
}

/** Every line of the log folded from nothing; `ordered` where that was done already. */
export function foldRows(
  rows: readonly LogRow[],
  oldDays: OldDays,
  ordered: ReturnType<typeof orderRows> = orderRows(rows, oldDays),
): ReturnType<typeof extendByRows> {
  try {
    return { fold: foldOrdered(ordered.log), entries: ordered.log.entries, lost: ordered.lost };
  } catch {
    return extendByRows(emptyFold(), rows, oldDays);
  }
}
