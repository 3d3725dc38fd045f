import { judgeRecheck, RECHECK_RESULTS, type RecheckResult } from '../judge';
import type { RigState } from '../log';
import { isWheelEnd, type WheelEnd } from '../rig';
import type { RoutinePlace } from '../rules';
import type { NewEntry } from './new-entry';
import { tellFinding, type Telling } from './finding';

/** What a wrench found at the nuts of a place. */
export interface Wrenched {
  readonly place: RoutinePlace;
  readonly result: RecheckResult;
}

/** What a grade of the nuts says of a recheck. */
export function resultOf(grade: string | undefined): RecheckResult {
  if (grade === undefined || grade === 'none') return 'held';
  return RECHECK_RESULTS.find((result) => result === grade) ?? 'loose';
}

/** The open rechecks that a wrench on the nuts answers, whoever held it and on which occasion; a wheel refitted since has its miles before it. */
export function answerRechecks(
  wrenched: readonly Wrenched[],
  refits: RigState['refits'],
  refitted: readonly RoutinePlace[] = [],
): readonly NewEntry[] {
  return wrenched.flatMap(({ place, result }): NewEntry[] =>
    isWheelEnd(place) && refits[place] && !refitted.includes(place)
      ? [{ kind: 'recheck', body: { place, result } }]
      : [],
  );
}

/** One recheck told by itself: its answer, and a finding where the nuts do not stay tight. */
export function recheckEntries(
  place: WheelEnd,
  result: RecheckResult,
  rig: Pick<RigState, 'refits' | 'findings'>,
  telling: Pick<Telling, 'closing' | 'from'> = {},
): readonly NewEntry[] {
  const judged = judgeRecheck(result, rig.refits[place]?.moves ?? 0);
  const grave = judged.verdict === 'due' || judged.verdict === 'stop' ? judged.verdict : undefined;
  return [
    ...answerRechecks([{ place, result }], rig.refits),
    ...(grave
      ? [
          tellFinding(
            { place, verdict: grave, of: { subject: 'lug-move', grade: result } },
            { rig, ...telling },
          ),
        ]
      : []),
  ];
}
