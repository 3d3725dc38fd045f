import type { Entry } from './entry';

type Key = Pick<Entry, 'happened' | 'recorded' | 'id'>;

/** The one order of the log: by when it happened, then when it was written down, then id. */
export function compareEntries(a: Key, b: Key): number {
  if (a.happened !== b.happened) return a.happened < b.happened ? -1 : 1;
  return compareWritten(a, b);
}

/** The order in which entries were written down. */
export function compareWritten(a: Pick<Key, 'recorded' | 'id'>, b: Pick<Key, 'recorded' | 'id'>): number {
  if (a.recorded !== b.recorded) return a.recorded < b.recorded ? -1 : 1;
  if (a.id === b.id) return 0;
  return a.id < b.id ? -1 : 1;
}
