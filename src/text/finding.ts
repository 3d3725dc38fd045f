import type { UnitSystem } from '@/core/quantity';
import type { RaisedFinding } from '@/core/routine';
import { stepName } from './steps/name';
import { gradeWords, SUBJECT_WORDS } from './grades';
import { measure } from './measure';
import { readingName } from './readings';
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
