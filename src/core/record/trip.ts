import { instantOf, msOf, type Instant } from '../base';
import {
  workOf,
  type InstrumentNamed,
  type MilesBy,
  type RigState,
  type TripBody,
  type TripBegunBody,
} from '../log';
import type { RigModel } from '../rig';
import type { NewEntry } from './new-entry';

/** Half a day (ms): a day that is typed stands for its noon. */
const HALF_A_DAY = 12 * 3600_000;

/** When a trip counts: after the troubles of its day and all that was told of it on the way, so that their limits are used up by it and not begun after it. */
function afterItsDay(
  happened: Instant,
  { findings, underWay }: Pick<RigState, 'findings' | 'underWay'>,
): Instant {
  const day = msOf(happened) + HALF_A_DAY;
  const told = [
    ...Object.values(findings).flatMap(({ limit, at }) => (limit ? [at] : [])),
    ...(underWay ? [underWay.at, underWay.told, underWay.looked?.at ?? underWay.at] : []),
  ];
  const last = told
    .filter((at) => msOf(at) >= msOf(happened) && msOf(at) <= day)
    .reduce((latest, at) => Math.max(latest, msOf(at)), -Infinity);
  return Number.isFinite(last) ? instantOf(last + 1) : happened;
}

/** True where a trip that is told ends the one under way: not one of an earlier day. */
export function endsUnderWay({ underWay }: Pick<RigState, 'underWay'>, happened: Instant): boolean {
  return underWay !== undefined && msOf(happened) + HALF_A_DAY >= msOf(underWay.at);
}

/** A trip that was towed, and the rinse after its launches where it was told with it; it ends the one under way. */
export function tripEntries(
  body: TripBody,
  happened: Instant,
  rinsed: boolean,
  rig: Pick<RigState, 'findings' | 'underWay'>,
): readonly NewEntry[] {
  const at = afterItsDay(happened, rig);
  const ends = endsUnderWay(rig, happened);
  return [
    {
      kind: 'trip',
      body: { ...body, ...(ends && rig.underWay && !body.started && { started: rig.underWay.at }) },
      happened: at,
    },
    ...(rinsed && body.launches > 0
      ? [{ kind: 'work' as const, happened: at, body: workOf([{ routine: 'rinse', place: 'rig' }]) }]
      : []),
  ];
}

/** So long (ms) a hitching walk is the one before a trip. */
const BEFORE = 4 * 3600_000;

/** The hitching walk that a trip which begins now was begun after, of those on record; none where it was too long ago. */
export function walkBefore(
  walks: readonly { readonly id: string; readonly happened: Instant; readonly walk: string }[],
  now: Instant,
): string | undefined {
  return walks.find(
    ({ walk, happened }) => walk === 'hitch' && happened <= now && msOf(now) - msOf(happened) <= BEFORE,
  )?.id;
}

/** A trip that begins: how far it is meant to go (m), whether a launch is meant to come, and the walk before it. */
export function beginEntries(body: TripBegunBody): readonly NewEntry[] {
  return [{ kind: 'trip.begun', body }];
}

/** Miles told of a trip under way: how far it has come (m), and who says so. */
export function milesEntry(into: number, by: MilesBy, from?: InstrumentNamed): NewEntry {
  return { kind: 'trip.mark', body: { into, by, ...(from && { from }) } };
}

/** A launch at a ramp. */
export function launchEntry(model: Pick<RigModel, 'environment'>): NewEntry {
  const water = model.environment?.water;
  return { kind: 'trip.mark', body: { launches: 1, ...(water && { water }) } };
}
