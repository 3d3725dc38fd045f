import type { TripOnRecord } from '@/core/judge';
import { foldEntries, type Entry, type EntryOf, type Fold, type RigState } from '@/core/log';
import type { TirePlace } from '@/core/rig';

/** A log in its order and what of it no longer counts. */
type Counted = Pick<Fold, 'entries' | 'dead'>;

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
    if (entry?.rig === rig && !fold.dead.has(entry.id) && match(entry)) found.push(entry);
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
  return fold.entries.flatMap((entry) =>
    entry.kind === 'trip' &&
    entry.rig === rig &&
    (entry.happened >= since || (vehicles && entry.body.vehicle !== undefined)) &&
    !fold.dead.has(entry.id)
      ? [{ happened: entry.happened, started: entry.body.started, vehicle: entry.body.vehicle }]
      : [],
  );
}

/** How the rig of an entry stood before it, or before the day it is moved to; the entry itself left out. */
export function stateBefore(fold: Fold, entry: Entry, happened?: string): RigState | undefined {
  const at = fold.entries.findIndex((one) => one.id === entry.id);
  const counts = (one: Entry) => one.id !== entry.id && !fold.dead.has(one.id);
  const earlier =
    happened === undefined
      ? fold.entries.slice(0, at).filter(counts)
      : fold.entries.filter((one) => one.happened < happened && counts(one));
  return foldEntries(earlier.filter((one) => one.rig === entry.rig)).state.rigs[entry.rig];
}

/** True where an entry speaks of a place. */
function speaksOf(entry: Entry, place: TirePlace): boolean {
  switch (entry.kind) {
    case 'work':
      return entry.body.jobs.some((job) => job.place === place);
    case 'walk':
      return [...entry.body.taken, ...entry.body.conditions].some((one) => one.place === place);
    case 'reading':
      return entry.body.taken.some((one) => one.place === place);
    case 'recheck':
    case 'finding.opened':
    case 'opinion':
      return entry.body.place === place;
    case 'part.fitted':
      return entry.body.to === place;
    case 'part.moved':
      return entry.body.moves.some((move) => move.to === place);
    case 'event':
      return (entry.body.places as readonly string[]).includes(place);
    default:
      return false;
  }
}

/** The last entries that speak of a place, the newest first. */
export function latelyAt(fold: Fold, rig: string, place: TirePlace, most: number): readonly Entry[] {
  return lastOf(fold, rig, most, (entry): entry is Entry => speaksOf(entry, place));
}

/** The pictures taken of a place, the oldest first. */
export function photosAt(fold: Fold, rig: string, place: TirePlace): readonly EntryOf<'photo'>[] {
  return fold.entries.flatMap((entry) =>
    entry.kind === 'photo' && entry.rig === rig && entry.body.place === place && !fold.dead.has(entry.id)
      ? [entry]
      : [],
  );
}
