import { gradeVerdict, type Basis, type HouseRules, type Subject } from '../rules';
import type { EndPlayWindow } from '../figures';
import type { Verdict } from '../base';

/** A verdict with the rule that led to it. */
export type Judgement =
  | {
      readonly verdict: Verdict;
      readonly rule: 'end-play-inside' | 'end-play-loose' | 'end-play-tight';
      readonly window: EndPlayWindow;
      readonly basis: Basis;
    }
  | {
      readonly verdict: Verdict;
      readonly rule: 'grade';
      readonly subject: Subject;
      readonly basis: 'house';
      /** A growl is worse in a hub that has play. */
      readonly with?: 'play';
    }
  | {
      readonly verdict: Verdict;
      readonly rule:
        | 'recheck-held'
        | 'recheck-moved'
        | 'recheck-moved-again'
        | 'recheck-over-half'
        | 'recheck-over-flat'
        | 'recheck-loose';
      readonly basis: 'house';
    };

/** What a lug torque recheck found: how far the nut that turned most came; `moved` is an old record, and nobody knows how far. */
export const RECHECK_RESULTS = ['held', 'half-flat', 'moved', 'over-half', 'over-flat', 'loose'] as const;
export type RecheckResult = (typeof RECHECK_RESULTS)[number];

const EPSILON = 1e-9;

/** End play (m) worked out from thread and turn beside its window: it tells where the hub is rocked with care, and makes nothing due by itself (handbook 6). */
export function judgeEndPlay(
  play: number,
  window: EndPlayWindow,
): Judgement & { readonly window: EndPlayWindow } {
  const basis = window.basis;
  if (play < window.min - EPSILON) return { verdict: 'watch', rule: 'end-play-tight', window, basis };
  if (play > window.max + EPSILON) return { verdict: 'watch', rule: 'end-play-loose', window, basis };
  return { verdict: 'clear', rule: 'end-play-inside', window, basis };
}

/** What else was graded at the same place and time, by subject. */
export type Beside = (subject: Subject) => string | undefined;

/** What a subject is judged together with: rock cannot see a tight bearing. */
const TOGETHER: Readonly<Partial<Record<Subject, Subject>>> = {
  rock: 'spin',
  spin: 'rock',
  'set-rock': 'set-spin',
  'set-spin': 'set-rock',
};

/**
 * The verdict of a graded condition by the schools of a house; undefined where the subject has no such grade. With
 * `beside`, what belongs together is judged together: no rock says nothing of a hub that nobody spun, and a growl
 * with play is due.
 */
export function judgeGrade(
  subject: Subject,
  grade: string,
  house?: Pick<HouseRules, 'lining'>,
  beside?: Beside,
): Judgement | undefined {
  const verdict = gradeVerdict(subject, grade, house);
  if (!verdict) return undefined;
  const judged = { verdict, rule: 'grade', subject, basis: 'house' } as const;
  const partner = TOGETHER[subject];
  if (!beside || !partner) return judged;
  const other = beside(partner);
  if (grade === 'none' && other === undefined) return undefined;
  if (grade === 'growl' && other !== undefined && other !== 'none')
    return { ...judged, verdict: 'due', with: 'play' };
  return judged;
}

/** A lug recheck (handbook 5): up to half a flat once is watched, again at the next look or further is due, over a flat or loose by hand is stop. */
export function judgeRecheck(result: RecheckResult, movesBefore: number): Judgement {
  const said = (verdict: Verdict, rule: Extract<Judgement, { rule: `recheck-${string}` }>['rule']) =>
    ({ verdict, rule, basis: 'house' }) as const;
  switch (result) {
    case 'held':
      return said('clear', 'recheck-held');
    case 'loose':
      return said('stop', 'recheck-loose');
    case 'over-flat':
      return said('stop', 'recheck-over-flat');
    case 'over-half':
      return said('due', 'recheck-over-half');
    case 'half-flat':
    case 'moved':
      return movesBefore > 0 ? said('due', 'recheck-moved-again') : said('watch', 'recheck-moved');
  }
}
