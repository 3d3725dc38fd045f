import type { Conflict } from '../judge';
import type { FindingState, RigState } from '../log';
import type { Place } from '../rig';
import { MARK_SCALE, markOfDuty, markOfVerdict, type PlaceMark } from '../base';
import type { Duty } from './duty';
import type { OpenWork } from './tow';

/** How a place stands, and the one thing behind it. */
export interface PlaceState<P extends Place = Place> {
  readonly place: P;
  readonly mark: PlaceMark;
  readonly duty?: Duty;
  readonly finding?: FindingState;
  readonly conflict?: Conflict;
  readonly open?: OpenWork;
}

/** The state of one place: the gravest of the work open at it, its findings, what does not agree there, and its duties. */
export function placeState<P extends Place>(
  rig: RigState,
  place: P,
  duties: readonly Duty[],
  open: readonly OpenWork[],
  conflicts: readonly Conflict[] = [],
): PlaceState<P> {
  const own = duties.filter((duty) => duty.place === place);
  const waits = (duty: Duty) =>
    duty.verdict === 'unknown' && (duty.matter !== 'safety' || duty.reason === 'no-figure');
  const states: PlaceState<P>[] = [
    ...open
      .filter((work) => work.place === place && work.unfit)
      .map((work) => ({ place, mark: 'stop' as const, open: work })),
    ...Object.values(rig.findings)
      .filter((finding) => finding.place === place)
      .map((finding) => ({ place, mark: markOfVerdict(finding.verdict), finding })),
    ...conflicts
      .filter((conflict) => conflict.place === place)
      .map((conflict) => ({ place, mark: markOfVerdict(conflict.verdict), conflict })),
    ...own.filter((duty) => !waits(duty)).map((duty) => ({ place, mark: markOfDuty(duty.verdict), duty })),
  ];
  // Upkeep that nobody has a record of is worth a word only where there is nothing else to say.
  if (states.length === 0)
    states.push(...own.map((duty) => ({ place, mark: markOfDuty(duty.verdict), duty })));
  const worst = states.reduce<PlaceState<P> | undefined>(
    (first, next) => (!first || MARK_SCALE.rank(next.mark) > MARK_SCALE.rank(first.mark) ? next : first),
    undefined,
  );
  return worst ?? { place, mark: 'unknown' };
}
