import type { TripOnRecord } from '@/core/judge';
import {
  entriesOf,
  foldEntries,
  isAbout,
  type Entry,
  type EntryOf,
  type Fold,
  type RigState,
} from '@/core/log';
import type { TirePlace } from '@/core/rig';

/** A log in its order and what of it no longer counts. */
type Counted = Pick<Fold, 'entries' | 'retracted'>;

/** The last entries of a rig that count and match, the newest first. */
function lastOf<T extends Entry>(
  fold: Counted,
  rig: string,
  most: number,
  match: (entry: Entry) => entry is T,
): readonly T[] {
  const found: T[] = [];
  for (let i = fold.entries.length - 1; i >= 0 && found.length < most; i--) {
    const entry = fold.entries[i];
    if (entry?.rig === rig && !fold.retracted.has(entry.id) && match(entry)) found.push(entry);
  }
  return found;
}

/** The last things that happened to a rig, withdrawals aside. */
export function latelyOf(fold: Counted, rig: string, most: number): readonly Entry[] {
  return lastOf(fold, rig, most, (entry): entry is Entry => entry.kind !== 'void');
}

/** The last walks of a rig, the newest first. */
export function walksOf(fold: Counted, rig: string, most: number): readonly EntryOf<'walk'>[] {
  return lastOf(fold, rig, most, (entry): entry is EntryOf<'walk'> => entry.kind === 'walk');
}

/** Which trips another is held against: those that ended since a moment, and all with readings of the tow vehicle where it has such itself. */
export interface TripsWanted {
  readonly rig: string;
  readonly since: string;
  readonly vehicles: boolean;
}

/** The trips of a rig on record, withdrawn ones left out, that another is held against. */
export function tripsOnRecord(fold: Counted, { rig, since, vehicles }: TripsWanted): readonly TripOnRecord[] {
  return entriesOf(fold, rig, 'trip').flatMap((entry) =>
    entry.happened >= since || (vehicles && entry.body.vehicle !== undefined)
      ? [{ happened: entry.happened, started: entry.body.started, vehicle: entry.body.vehicle }]
      : [],
  );
}

/** How the rig of an entry stood before it, or before the day it is moved to; the entry itself left out. */
export function stateBefore(fold: Fold, entry: Entry, happened?: string): RigState | undefined {
  const at = fold.entries.findIndex((one) => one.id === entry.id);
  const counts = (one: Entry) => one.id !== entry.id && !fold.retracted.has(one.id);
  const earlier =
    happened === undefined
      ? fold.entries.slice(0, at).filter(counts)
      : fold.entries.filter((one) => one.happened < happened && counts(one));
  return foldEntries(earlier.filter((one) => one.rig === entry.rig)).state.rigs[entry.rig];
}

/** The last entries that speak of a place, the newest first. */
export function latelyAt(fold: Fold, rig: string, place: TirePlace, most: number): readonly Entry[] {
  const byId = new Map(fold.entries.map((entry) => [entry.id, entry]));
  return lastOf(fold, rig, most, (entry): entry is Entry => isAbout(entry, place, (id) => byId.get(id)));
}

/** The pictures taken of a place, the oldest first. */
export function photosAt(fold: Fold, rig: string, place: TirePlace): readonly EntryOf<'photo'>[] {
  return entriesOf(fold, rig, 'photo').filter(({ body }) => body.place === place);
}
