import { DAY_MS, msOf, type Instant } from '../../base';
import { partAt, replayRig, rolledBy, type Entry, type EntryOf, type Fold, type RigState } from '../../log';
import type { Place } from '../../rig';
import type { RoutinePlace, WorkId } from '../../rules';

/** A figure read at a place (SI), with all that was around it. */
export interface Point {
  readonly entry: string;
  readonly at: Instant;
  /** Days since 1970, for arithmetic. */
  readonly day: number;
  /** What the rig had rolled by then (m). */
  readonly distance: number;
  readonly value: number;
  /** Of the air (K), and how high it was (m), where that was written down. */
  readonly air?: number | undefined;
  readonly altitude?: number | undefined;
  readonly tires?: 'cold' | 'warm' | undefined;
  /** How warm the tire was (K), where that was measured. */
  readonly tireTemp?: number | undefined;
  /** The tire it was read on, and what that had rolled (m). */
  readonly tire?: string | undefined;
  readonly rolled?: number | undefined;
}

/** Work done at a place. */
export interface WorkDone {
  readonly entry: string;
  readonly at: Instant;
  readonly day: number;
  readonly distance: number;
  readonly routine: WorkId;
  readonly place: RoutinePlace;
}

/** A look at lugs after a refit. */
export interface RecheckPoint {
  readonly at: Instant;
  readonly day: number;
  readonly result: EntryOf<'recheck'>['body']['result'];
}

/** Everything ever read of one rig. */
export interface History {
  /** By what was read and where: `pressure@1L`. */
  readonly points: Readonly<Record<string, readonly Point[]>>;
  /** The tire at each place now, and what was read of each, wherever it sat: `pressure#id`. */
  readonly tires: Readonly<Record<string, string>>;
  readonly ofTires: Readonly<Record<string, readonly Point[]>>;
  readonly works: readonly WorkDone[];
  readonly rechecks: Readonly<Record<string, readonly RecheckPoint[]>>;
}

const dayOf = (at: Instant) => msOf(at) / DAY_MS;

interface Taken {
  readonly place: RoutinePlace;
  readonly what: string;
  readonly value: number | string;
}

function takenIn(entry: Entry): readonly Taken[] {
  if (entry.kind === 'work') return entry.body.readings;
  return entry.kind === 'walk' || entry.kind === 'reading' ? entry.body.taken : [];
}

const ON_A_TIRE = /^(tread|pressure)/;

function tireAt(rig: RigState, place: RoutinePlace, what: string): Pick<Point, 'tire' | 'rolled'> {
  const tire = ON_A_TIRE.test(what) && place !== 'rig' ? partAt(rig, 'tire', place) : undefined;
  return tire ? { tire: tire.id, rolled: rolledBy(rig, tire) } : {};
}

/** Everything read of a rig, in order, with how far it and its tires had rolled. */
export function historyOfReadings(fold: Pick<Fold, 'entries' | 'retracted'>, rig: string): History {
  const points: Record<string, Point[]> = {};
  const rechecks: Record<string, RecheckPoint[]> = {};
  const works: WorkDone[] = [];
  const ofTires: Record<string, Point[]> = {};
  let last: RigState | undefined;
  replayRig(fold, rig, (entry, after) => {
    const { id, happened: at } = entry;
    last = after;
    const day = dayOf(at);
    const { distance } = after;
    if (entry.kind === 'recheck')
      (rechecks[entry.body.place] ??= []).push({ at, day, result: entry.body.result });
    if (entry.kind === 'work')
      for (const { routine, place } of entry.body.jobs)
        works.push({ entry: id, at, day, distance, routine, place });
    const around = entry.kind === 'walk' || entry.kind === 'reading' ? entry.body.around : undefined;
    for (const { place, what, value } of takenIn(entry)) {
      if (typeof value !== 'number') continue;
      const point: Point = {
        entry: id,
        at,
        day,
        distance,
        value,
        air: around?.air,
        altitude: around?.altitude,
        tires: around?.tires,
        tireTemp: around?.tireTemp,
        ...tireAt(after, place, what),
      };
      (points[`${what}@${place}`] ??= []).push(point);
      if (point.tire !== undefined) (ofTires[`${what}#${point.tire}`] ??= []).push(point);
    }
  });
  const tires = Object.fromEntries(
    Object.values(last?.parts ?? {}).flatMap((part) =>
      part.kind === 'tire' && part.at !== 'shelf' && part.at !== 'gone' ? [[part.at, part.id]] : [],
    ),
  );
  return { points, tires, ofTires, works, rechecks };
}

/** What was read of a thing at a place; of a tire what was read of that very tire, wherever it sat. Empty where nothing was. */
export function pointsOf(history: History, what: string, place: Place): readonly Point[] {
  const here = history.points[`${what}@${place}`] ?? [];
  const tire = ON_A_TIRE.test(what) ? history.tires[place] : undefined;
  if (tire === undefined) return here;
  // What was read here before anybody told which tire it was may well be its own.
  const unnamed = here.filter((point) => point.tire === undefined);
  return [...unnamed, ...(history.ofTires[`${what}#${tire}`] ?? [])].sort((a, b) => a.day - b.day);
}
