import {
  gradeVerdict,
  type Basis,
  type EndPlayWindow,
  type HouseRules,
  type Subject,
  type Verdict,
} from '../rules';

/** A verdict with the rule that led to it. */
export type Judgement =
  | {
      readonly verdict: Verdict;
      readonly rule: 'end-play-inside' | 'end-play-loose' | 'end-play-tight';
      readonly window: EndPlayWindow;
      readonly basis: Basis;
    }
  | { readonly verdict: Verdict; readonly rule: 'grade'; readonly subject: Subject; readonly basis: 'house' }
  | {
      readonly verdict: Verdict;
      readonly rule: 'recheck-held' | 'recheck-moved' | 'recheck-moved-again' | 'recheck-loose';
      readonly basis: 'house';
    };

/** What a lug torque recheck found. */
export type RecheckResult = 'held' | 'moved' | 'loose';

const EPSILON = 1e-9;

/** End play (m) against its window: inside is clear, outside on either hand is due. */
export function judgeEndPlay(play: number, window: EndPlayWindow): Judgement {
  const basis = window.basis;
  if (play < window.min - EPSILON) return { verdict: 'due', rule: 'end-play-tight', window, basis };
  if (play > window.max + EPSILON) return { verdict: 'due', rule: 'end-play-loose', window, basis };
  return { verdict: 'clear', rule: 'end-play-inside', window, basis };
}

/** The verdict of a graded condition by the schools of a house; undefined where the subject has no such grade. */
export function judgeGrade(
  subject: Subject,
  grade: string,
  house?: Pick<HouseRules, 'lining'>,
): Judgement | undefined {
  const verdict = gradeVerdict(subject, grade, house);
  return verdict && { verdict, rule: 'grade', subject, basis: 'house' };
}

/** A lug recheck: a nut that moves once is watched, at two looks in a row it is due, loose by hand is stop. */
export function judgeRecheck(result: RecheckResult, movesBefore: number): Judgement {
  if (result === 'loose') return { verdict: 'stop', rule: 'recheck-loose', basis: 'house' };
  if (result === 'held') return { verdict: 'clear', rule: 'recheck-held', basis: 'house' };
  return movesBefore > 0
    ? { verdict: 'due', rule: 'recheck-moved-again', basis: 'house' }
    : { verdict: 'watch', rule: 'recheck-moved', basis: 'house' };
}
