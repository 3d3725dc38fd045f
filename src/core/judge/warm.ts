import { msOf, type Instant, worse, type Verdict } from '../base';
import type { RigState } from '../log';
import type { Place, Specified } from '../rig';
import { WARM, WARM_RISE } from '../rules';
import { pressureVerdict, type ReadingJudgement } from './reading';

/** What a pressure read on a tire that has rolled is held against (Pa). */
export interface WarmContext {
  /** As it would read cold; a tenth is taken off where nobody measured how warm the tire was. */
  readonly cold?: number | undefined;
  readonly target: Specified<number> | undefined;
  /** What it read cold this morning. */
  readonly morning?: number | undefined;
  /** What the tire across the axle reads at the same stop. */
  readonly mate?: number | undefined;
}

const EPSILON = 1e-6;

/** What a pressure comes to cold (Pa) where nobody measured how warm the tire was. */
export function coldByRule(warm: number): number {
  return warm * WARM.cold;
}

function riseVerdict(rise: number): Verdict {
  if (rise > WARM_RISE.stop + EPSILON) return 'stop';
  if (rise > WARM_RISE.due + EPSILON) return 'due';
  return rise >= WARM_RISE.watched - EPSILON ? 'watch' : 'clear';
}

/** A pressure (Pa) read warm (handbook 5): by its rise, by its mate and by what it comes to cold, never for being over; undefined where there is nothing to hold it against. */
export function judgeWarmPressure(value: number, about: WarmContext): ReadingJudgement | undefined {
  const { target, morning, mate, cold = coldByRule(value) } = about;
  const said = (verdict: Verdict, against: number, by: ReadingJudgement['by']): ReadingJudgement => ({
    verdict,
    rule: 'reading',
    what: 'pressure',
    against,
    basis: by === 'warm' && target ? target.source : 'house',
    by,
    ...(by === 'warm' && { cold }),
  });
  const judged = [
    ...(target ? [said(pressureVerdict(Math.min(1, cold / target.value)), target.value, 'warm')] : []),
    ...(morning ? [said(riseVerdict(value / morning - 1), morning, 'rise')] : []),
    ...(mate ? [said(value <= mate * WARM.underMate * (1 + EPSILON) ? 'due' : 'clear', mate, 'mate')] : []),
  ];
  return judged.reduce<ReadingJudgement | undefined>(
    (worst, one) => (worst && worse(worst.verdict, one.verdict) === worst.verdict ? worst : one),
    undefined,
  );
}

/** So long (ms) a cold figure is this morning's: one from before tells nothing of how a tire warmed today. */
const A_MORNING = 18 * 3_600_000;

/** What a tire last read cold (Pa), where that was earlier the same day. */
export function morningPressure(
  read: RigState['read'],
  place: Place | 'rig',
  at: Instant | undefined,
): number | undefined {
  const last = read[`pressure@${place}`];
  if (!last || last.warm || at === undefined) return undefined;
  const since = msOf(at) - msOf(last.at);
  return since >= 0 && since <= A_MORNING ? last.value : undefined;
}
