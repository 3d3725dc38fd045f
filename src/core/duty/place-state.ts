import type { RigState } from '../log';
import type { WheelEnd } from '../rig';
import type { Duty } from './duty';
import type { OpenWork } from './tow';

/** The mark of a place; what each looks like is the interface's. */
export type PlaceMark = 'clear' | 'soon' | 'unknown' | 'due' | 'stop';

/** How a wheel end stands, and the one thing behind it. */
export interface PlaceState {
  readonly place: WheelEnd;
  readonly mark: PlaceMark;
  readonly duty?: Duty;
  readonly finding?: string;
  readonly open?: OpenWork;
}

const WEIGHT: Record<PlaceMark, number> = { clear: 0, soon: 1, unknown: 2, due: 3, stop: 4 };
const OF_FINDING = { watch: 'soon', due: 'due', stop: 'stop' } as const;
const OF_DUTY = { clear: 'clear', soon: 'soon', unknown: 'unknown', due: 'due', overdue: 'due' } as const;

/** The state of one wheel end: the gravest of the work open at it, its findings and its duties. */
export function placeState(
  rig: RigState,
  place: WheelEnd,
  duties: readonly Duty[],
  open: readonly OpenWork[],
): PlaceState {
  const states: PlaceState[] = [
    ...open
      .filter((work) => work.place === place && work.unfit)
      .map((work) => ({ place, mark: 'stop' as const, open: work })),
    ...Object.values(rig.findings)
      .filter((finding) => finding.place === place)
      .map((finding) => ({ place, mark: OF_FINDING[finding.verdict], finding: finding.text })),
    ...duties
      .filter((duty) => duty.place === place)
      .map((duty) => ({ place, mark: OF_DUTY[duty.verdict], duty })),
  ];
  const worst = states.reduce<PlaceState | undefined>(
    (first, next) => (!first || WEIGHT[next.mark] > WEIGHT[first.mark] ? next : first),
    undefined,
  );
  return worst ?? { place, mark: 'unknown' };
}
