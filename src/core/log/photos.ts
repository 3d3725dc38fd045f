import type { Entry } from './entry';

/** The pictures that some entries speak of: how many bytes each has, by its hash. */
export function photosIn(entries: readonly Entry[]): ReadonlyMap<string, number> {
  return new Map(
    entries.flatMap((one) => (one.kind === 'photo' ? [[one.body.hash, one.body.bytes] as const] : [])),
  );
}
