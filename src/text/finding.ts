import type { Evidence, FindingState, Found } from '@/core/log';
import type { Conflict, Trend } from '@/core/judge';
import { isJudged, type TorqueId } from '@/core/rules';
import type { UnitSystem } from '@/core/base';
import { isWheelEnd } from '@/core/rig';
import type { BranchId } from '@/core/routine';
import { BRANCH_WORDS } from './branches';
import { conflictWords } from './conflict';
import { circuitSaid, faultsWords, LAMPS_BY_FUNCTION, lampsFailedWords } from './fault-names';
import { gradeWords, SUBJECT_WORDS } from './grades';
import { readingHeld } from './judged';
import { overMate } from './heat';
import { capital, count, measure, small } from './measure';
import { readingValue } from './reading-value';
import { readingName } from './readings';
import { THICKENER_WORDS } from './rig';
import { workTitle } from './routines';
import { gradesFor } from './survey-conditions';
import { lookName } from './looks';
import { troubleEvidence } from './road';

/** What readings warn of over time, in a clause, with the figures it rests on. */
function trendSaid(
  { trend, figure, against }: Extract<Evidence, { trend: string }>,
  system: UnitSystem,
): string {
  const kind = trend as Trend['kind'];
  switch (kind) {
    case 'leak':
      return figure === undefined
        ? 'loses pressure from reading to reading'
        : `loses ${measure(figure, 'pressure', system, 1)} a month`;
    case 'heat':
      return figure === undefined || against === undefined
        ? 'hub runs warmer over its mate than it used to'
        : `hub runs ${overMate(figure, system)} lately, ${overMate(against, system)} before`;
    case 'nuts':
      return figure === undefined || against === undefined
        ? 'lug nuts do not stay tight'
        : `a nut moved at ${figure} of the last ${against} looks`;
    case 'strokes':
      return figure === undefined
        ? 'takes more grease than its mates'
        : `took ${count(figure, 'stroke')}${against === undefined ? '' : `, ${against} before`}`;
    case 'play':
      return 'end play grows from one measurement to the next';
    case 'wear':
      return 'wears down before its time';
    default:
      return 'its readings over time';
  }
}

/** Bolts by what they hold. */
export const BOLT_WORDS: Record<TorqueId, string> = {
  lug: 'lug nuts',
  adapter: 'adapter nuts',
  plate: 'backing plate nuts',
  caliper: 'caliper bolts',
  axle: 'axle bolts',
  joints: 'spring joints',
};

const SHOE_WORDS = { front: ', front shoe', rear: ', rear shoe', both: ', both shoes' } as const;

/** Where at its place it is: which side of the suspension, which shoe. A wheel end has a side of its own; what was told beside it is the side that was chocked. */
export function whereWords({
  place,
  side: told,
  shoe,
}: {
  readonly place?: string | undefined;
  readonly side?: 'L' | 'R' | undefined;
  readonly shoe?: 'front' | 'rear' | 'both' | undefined;
}): string {
  const side = place !== undefined && isWheelEnd(place) ? undefined : told;
  return `${side ? `, ${side === 'L' ? 'left' : 'right'} side` : ''}${shoe ? SHOE_WORDS[shoe] : ''}`;
}

/** What a finding rests on, in a clause. */
function evidenceWords(of: Evidence, system: UnitSystem): string {
  if ('subject' in of) {
    if (!of.lamps)
      return `${of.shows ? LAMPS_BY_FUNCTION[of.shows] : SUBJECT_WORDS[of.subject].name}${whereWords(of)}: ${small(gradeWords(of.subject, of.grade, system))}`;
    const likely = of.faults && of.faults.length > 0 ? `; likely ${small(faultsWords(of.faults))}` : '';
    return `${lampsFailedWords(of.lamps)} failed${likely}`;
  }
  if ('what' in of) {
    const name = of.what === 'pressure' ? 'pressure' : small(readingName(of.what));
    const said =
      isJudged(of.what) && of.held
        ? readingHeld(of.value, { what: of.what, ...of.held }, system)
        : readingValue(of.what, of.value, system);
    if (of.set === undefined) return `${name} ${said}`;
    return `${name} was ${said}; ${of.set < of.value ? 'let down' : 'filled'} to ${readingValue(of.what, of.set, system)}`;
  }
  if ('trend' in of) return trendSaid(of, system);
  if ('endPlay' in of) {
    const { min, max } = of.window;
    const window = `${measure(min, 'length', system)} to ${measure(max, 'length', system)}`;
    return `nut left at ${measure(of.endPlay, 'length', system)} end play, outside ${window}`;
  }
  if ('amps' in of) return `brake circuit ${of.amps} A: ${small(circuitSaid(of.circuit, of.pull, of.of))}`;
  if ('branch' in of) return BRANCH_WORDS[of.branch as BranchId]?.kept ?? of.branch;
  if ('leftAt' in of) return `work left at \u201c${of.leftAt.replaceAll('-', ' ')}\u201d`;
  if ('grease' in of)
    return `${small(THICKENER_WORDS[of.grease])} was pumped onto ${small(THICKENER_WORDS[of.onto])}: they do not mix, clean the hub out and repack it`;
  if ('tire' in of)
    return `the tire that came off ${of.cameOff} is ${of.tire === 'flat' ? 'flat or damaged' : 'worn out'}: no spare until it is repaired or replaced`;
  if ('tireCode' in of)
    return conflictWords({ code: of.tireCode as Conflict['code'], have: of.have, want: of.want }, system)
      .title;
  if ('undone' in of) return `${small(workTitle(of.undone))} still to do here`;
  if ('torque' in of) return `${BOLT_WORDS[of.torque]}: torque not set`;
  if ('square' in of)
    return `axle out of square: ${measure(of.square[0], 'length', system)} left, ${measure(of.square[1], 'length', system)} right`;
  if ('guess' in of) return `torqued to a guess, ${measure(of.guess, 'torque', system)}: torque to figure`;
  if ('trouble' in of) return troubleEvidence(of);
  if ('notRight' in of) return `${small(lookName(of.notRight))}: not right`;
  return small(gradesFor(of.condition as Parameters<typeof gradesFor>[0])[of.judged]);
}

/** A finding in a clause: in your own words, or by what it rests on, with what was said beside it. */
export function findingWords(
  { text, note, of }: Pick<FindingState | Found, 'text' | 'note' | 'of'>,
  system: UnitSystem,
): string {
  const said = text ?? (of ? evidenceWords(of, system) : 'not right');
  return note ? `${said}. ${note}` : said;
}

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
export const ESCALATED_WORDS = {
  'came-back': 'One step worse: it came back within a season after it was put right.',
  'seen-again': 'One step worse: it was there at two looks of one season.',
} as const;

/** What a finding rests on, and the rule behind it. */
export function evidenceAndSource(
  of: Evidence | undefined,
  system: UnitSystem,
): { readonly said: string; readonly source: string } | undefined {
  if (!of) return undefined;
  if ('subject' in of)
    return {
      said: `${capital(of.shows ? LAMPS_BY_FUNCTION[of.shows] : SUBJECT_WORDS[of.subject].name)}${whereWords(of)}: ${small(gradeWords(of.subject, of.grade, system))}.`,
      source: 'Graded by look or feel; trade default',
    };
  if ('what' in of)
    return {
      said: `${capital(readingName(of.what))}: ${readingValue(of.what, of.value, system)}.`,
      source: 'A reading held against its figure',
    };
  if ('trend' in of)
    return { said: 'Seen in its readings over time.', source: 'A trend, before its plain limit' };
  if ('endPlay' in of || 'amps' in of)
    return { said: `${capital(evidenceWords(of, system))}.`, source: 'A reading held against its figure' };
  return undefined;
}
