import type { Grounds } from '@/core/log';
import type { UnitSystem } from '@/core/quantity';
import type { RaisedFinding } from '@/core/routine';
import { stepName } from './steps/name';
import { gradeWords, SUBJECT_WORDS } from './grades';
import { capital, measure, small } from './measure';
import { conflictWords } from './conflict';
import { THICKENER_WORDS } from './rig';
import { readingName } from './readings';
import { readingValue } from './reading-value';
import { readingAgainst, readingAmount } from './judged';

/** A finding that work left behind, in words for the log. */
export function raisedWords(finding: RaisedFinding, system: UnitSystem): string {
  switch (finding.cause) {
    case 'said':
      return finding.text;
    case 'grade':
      return `${SUBJECT_WORDS[finding.subject].name}: ${gradeWords(finding.subject, finding.grade).toLowerCase()}`;
    case 'reading':
      return `${readingName(finding.what)} ${readingAmount(finding.what, finding.value, system)}, ${readingAgainst(finding, system)}`;
    case 'mixed':
      return `${small(THICKENER_WORDS[finding.grease])} was pumped onto ${small(THICKENER_WORDS[finding.inside])}: they do not mix, clean the hub out and repack it`;
    case 'tire-code':
      return conflictWords(finding.conflict, system).title;
    case 'came-off':
      return `the tire that came off ${finding.from} is ${finding.why === 'flat' ? 'flat or damaged' : 'worn out'}: no spare until it is repaired or renewed`;
    case 'left':
      return `work left at “${stepName(finding.step)}”: ${finding.reason}`;
    case 'end-play': {
      const { min, max } = finding.window;
      const window = `${measure(min, 'length', system)} to ${measure(max, 'length', system)}`;
      return `nut left at ${measure(finding.play, 'length', system)} end play, outside ${window}`;
    }
  }
}

/** A lug recheck that was not clear, in words for the log. */
export const RECHECK_FINDING = {
  'recheck-moved-again': 'lug nuts moved at two looks in a row: find out why',
  'recheck-loose': 'a lug nut was loose by hand: look at studs and holes',
} as const;

const FORBIDS: Record<'watch' | 'due' | 'stop', string> = {
  watch: 'It may be towed. Look again at the first stop, and at every walk.',
  due: 'Put it right before the next trip.',
  stop: 'Do not tow until it is put right.',
};

/** What an open finding forbids. */
export function forbidsWords(verdict: 'watch' | 'due' | 'stop'): string {
  return FORBIDS[verdict];
}

/** Why a finding stands a step graver than it looks. */
export const RAISED_WORDS = {
  'came-back': 'One step graver: it came back within a season after it was put right.',
  'seen-again': 'One step graver: it was there at two looks of one season.',
} as const;

/** What a finding rests on, and the rule behind it. */
export function groundsWords(
  of: Grounds | undefined,
  system: UnitSystem,
): { readonly said: string; readonly source: string } | undefined {
  if (!of) return undefined;
  if ('subject' in of)
    return {
      said: `${capital(SUBJECT_WORDS[of.subject].name)}: ${gradeWords(of.subject, of.grade).toLowerCase()}.`,
      source: 'Graded by look or feel; trade default',
    };
  if ('what' in of)
    return {
      said: `${capital(readingName(of.what))}: ${readingValue(of.what, of.value, system)}.`,
      source: 'A reading held against its figure',
    };
  return { said: 'Seen in its readings over time.', source: 'A trend, before its plain limit' };
}
