import { msOf, type Instant } from '../base';
import type { RigModel } from '../rig';
import {
  checkpoints,
  intervalOf,
  seasonIn,
  SEASON_TIMES,
  type Checkpoint,
  type HouseRules,
  type SeasonDates,
  type SeasonTime,
} from '../rules';
import type { Duty, DutyRoutine } from './duty';

/** One routine of a chapter: its duties, and those that are done for this season. */
export interface SeasonItem {
  readonly routine: DutyRoutine;
  readonly duties: readonly Duty[];
  readonly done: readonly Duty[];
}

/** What one time of the season asks of a rig. */
export interface SeasonList {
  readonly time: SeasonTime;
  /** From when work counts for it, by when it is to be done, and when its time is over. */
  readonly opens: Instant;
  readonly at: Instant;
  readonly over: Instant;
  /** It can be worked on now. */
  readonly open: boolean;
  readonly items: readonly SeasonItem[];
}

/** The checkpoint that is being worked on, else the next one; with when its time is over. */
function current(
  season: SeasonDates,
  time: SeasonTime,
  now: Instant,
): (Checkpoint & { readonly over: Instant }) | undefined {
  const points = checkpoints(season, time, now).map((point) => ({ ...point, over: overOf(season, point) }));
  return (
    [...points].reverse().find((point) => point.opens <= now && now < point.over) ??
    points.find((point) => point.opens > now)
  );
}

function overOf(season: SeasonDates, point: Checkpoint): Instant {
  if (point.lapses) return point.lapses;
  const at = msOf(point.at);
  const year = new Date(at).getUTCFullYear();
  const holding = [year - 1, year]
    .map((one) => seasonIn(season, one))
    .find(({ start, end }) => start <= at && at < end);
  return holding ? new Date(holding.end).toISOString() : point.at;
}

/** What commissioning, the middle of the season and the lay-up ask of a rig, as the very duties it has. */
export function seasonLists(
  duties: readonly Duty[],
  about: { readonly model: RigModel; readonly house: HouseRules; readonly season: SeasonDates },
  now: Instant,
): readonly SeasonList[] {
  return SEASON_TIMES.flatMap((time): SeasonList[] => {
    const point = current(about.season, time, now);
    if (!point) return [];
    const groups = new Map<DutyRoutine, Duty[]>();
    for (const duty of duties) {
      if (duty.routine === 'lug-recheck') continue;
      if (!intervalOf(duty.routine, duty.place, about).seasons?.includes(time)) continue;
      groups.set(duty.routine, [...(groups.get(duty.routine) ?? []), duty]);
    }
    const items = [...groups].map(([routine, own]) => ({
      routine,
      duties: own,
      done: own.filter(
        (duty) => duty.from !== undefined && duty.from.entry !== '' && duty.from.at >= point.opens,
      ),
    }));
    const { opens, at, over } = point;
    return [{ time, opens, at, over, open: opens <= now, items }];
  });
}
