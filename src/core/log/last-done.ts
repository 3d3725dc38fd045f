import type { RoutineId, RoutinePlace, WorkId } from '../rules';
import { mine, type Applied, type Own } from './define';
import { partAt, rolledBy } from './parts';
import { doneKey, type LastDone, type PartState, type Pull, type RigState } from './state';

/** Slack (m) under which a limit counts as reached: rounding of typed miles. */
const SLACK = 1;

/** A routine done at a place. */
export interface JobDone {
  readonly routine: WorkId;
  readonly place: RoutinePlace;
}

/** The done that the meters of a rig leave at an entry. */
export function doneNow(rig: Pick<RigState, 'distance' | 'trips' | 'launches'>, entry: Applied): LastDone {
  const { distance, trips, launches } = rig;
  return { entry: entry.id, at: entry.happened, distance, distanceKnown: true, trips, launches };
}

/** Where the meters stood when a routine was last done at a place, asked for or by the way. */
export function lastDoneOf(
  rig: Pick<RigState, 'lastDone'>,
  routine: RoutineId,
  place: RoutinePlace,
): LastDone | undefined {
  return rig.lastDone[doneKey(routine, place)];
}

/** What is left of the pulls on a routine once it was done: of a chain of looks those whose miles are still to come. */
function pullsLeft(pulls: readonly Pull[], distance: number): readonly Pull[] | undefined {
  const left = pulls.filter((pull) => pull.chain && distance - pull.distance < pull.limit - SLACK);
  return left.length > 0 ? left : undefined;
}

type Restarted = Pick<RigState, 'lastDone' | 'pulls' | 'deferrals' | 'tireLooks'>;

function isEmpty(record: object): boolean {
  for (const _ in record) return false;
  return true;
}

/** What changes of a rig when routines are done: their meters start anew, and what pulled or put them off is gone. */
export function restart(
  rig: RigState,
  jobs: readonly JobDone[],
  done: LastDone,
  own?: Own,
): Partial<Restarted> & Pick<Restarted, 'lastDone'> {
  const lastDone = mine(rig.lastDone, own);
  // Nearly always nothing is pulled forward and nothing put off.
  const waits = !isEmpty(rig.pulls) || !isEmpty(rig.deferrals);
  const keys: string[] = [];
  // A look is at the tire, and goes where the tire goes.
  const tires: PartState[] = [];
  for (const { routine, place } of jobs) {
    lastDone[doneKey(routine, place)] = done;
    if (waits) keys.push(doneKey(routine, place));
    const tire = routine === 'tire-look' && place !== 'rig' ? partAt(rig, 'tire', place) : undefined;
    if (tire) tires.push(tire);
  }
  // Only what changes is handed back: a log of twenty years has thousands of these.
  const patch: { -readonly [K in keyof Restarted]?: Restarted[K] } & Pick<Restarted, 'lastDone'> = {
    lastDone,
  };
  const pulls = changed(rig.pulls, keys, (some) => pullsLeft(some, rig.distance));
  if (pulls !== rig.pulls) patch.pulls = pulls;
  const deferrals = changed(rig.deferrals, keys, () => undefined);
  if (deferrals !== rig.deferrals) patch.deferrals = deferrals;
  if (tires.length > 0) {
    const looks = tires.map((tire) => [tire.id, { ...done, distance: rolledBy(rig, tire) }]);
    patch.tireLooks = { ...rig.tireLooks, ...(Object.fromEntries(looks) as RigState['tireLooks']) };
  }
  return patch;
}

/** Some values changed by key, the empty ones dropped; the very same record where none is there, which is nearly always. */
function changed<T>(
  all: Readonly<Record<string, T>>,
  keys: readonly string[],
  next: (value: T) => T | undefined,
): Readonly<Record<string, T>> {
  const there = keys.filter((key) => key in all);
  if (there.length === 0) return all;
  const copy = { ...all };
  for (const key of there) {
    const value = copy[key];
    const kept = value === undefined ? undefined : next(value);
    if (kept === undefined) delete copy[key];
    else copy[key] = kept;
  }
  return copy;
}

/** A rig with some routines pulled forward by what happened. */
export function pulled(
  rig: Pick<RigState, 'pulls' | 'distance'>,
  jobs: readonly JobDone[],
  cause: Pull['cause'],
  limits: readonly number[],
  entry: Applied,
): RigState['pulls'] {
  const pulls = { ...rig.pulls };
  const chain = limits.length > 1;
  for (const { routine, place } of jobs) {
    const key = doneKey(routine, place);
    const made = limits.map((limit): Pull => ({
      cause,
      entry: entry.id,
      at: entry.happened,
      distance: rig.distance,
      limit,
      chain,
    }));
    pulls[key] = [...(pulls[key] ?? []).filter((pull) => pull.cause !== cause), ...made];
  }
  return pulls;
}
