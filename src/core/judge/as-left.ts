import { isDrivenLow } from '../log';
import { worse, type Verdict } from '../base';
import { readingEvidence, type ReadingJudgement } from './reading';

/** How a tire was found, and what it was filled to or let down to there and then. */
export interface AsFound {
  readonly judgement: ReadingJudgement;
  /** As it was read (Pa). */
  readonly value: number;
  /** The verdict on it as it was left; undefined where nobody touched it. */
  readonly left: Verdict | undefined;
}

/**
 * How a tire stands as it was left (handbook 5): one that lost air and has it back is watched until it is read again;
 * one that was driven far too low stays what it is until its inside was looked at; one that ran hot is not put right by air.
 */
export function pressureStands({ judgement, value, left }: AsFound): Verdict {
  const { verdict, against, by, cold = value } = judgement;
  if (left === undefined) return verdict;
  if (by === 'rise' || isDrivenLow(readingEvidence(judgement, 'pressure', value)))
    return worse(left, verdict);
  const low = by === 'mate' || (by !== 'maximum' && cold < against);
  return low && verdict !== 'clear' ? worse(left, verdict === 'watch' ? 'clear' : 'watch') : left;
}
