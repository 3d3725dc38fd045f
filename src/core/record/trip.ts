import { instantOf, msOf, type Instant } from '../base';
import { workOf, type RigState, type TripBody } from '../log';
import type { NewEntry } from './new-entry';

/** Half a day (ms): a day that is typed stands for its noon. */
const HALF_A_DAY = 12 * 3600_000;

/** When a trip counts: after the troubles of its day, so that their limits are used up by it and not begun after it. */
function afterTroubles(happened: Instant, { findings }: Pick<RigState, 'findings'>): Instant {
  const day = msOf(happened) + HALF_A_DAY;
  const last = Object.values(findings)
    .flatMap(({ limit, at }) => (limit && msOf(at) >= msOf(happened) && msOf(at) <= day ? [msOf(at)] : []))
    .reduce((latest, at) => Math.max(latest, at), -Infinity);
  return Number.isFinite(last) ? instantOf(last + 1) : happened;
}

/** A trip that was towed, and the rinse after its launches where it was told with it. */
export function tripEntries(
  body: TripBody,
  happened: Instant,
  rinsed: boolean,
  rig: Pick<RigState, 'findings'>,
): readonly NewEntry[] {
  const at = afterTroubles(happened, rig);
  return [
    { kind: 'trip', body, happened: at },
    ...(rinsed && body.launches > 0
      ? [{ kind: 'work' as const, happened: at, body: workOf([{ routine: 'rinse', place: 'rig' }]) }]
      : []),
  ];
}
