import { type Instant, unitFor, type ParseProblem, type UnitSystem } from '@/core/base';
import type { ArchiveProblem, MergeProblem } from '@/core/exchange';
import type { TripProblem } from '@/core/judge';
import type { AmendProblem, CompileProblem, TapProblem } from '@/core/routine';
import { day } from './dates';
import { FACT_WORDS } from './facts';
import { placeName } from './gear';
import { ROUTINE_WORDS } from './routines';
import { list, measure } from './measure';
import { READING_WORDS } from './readings';
import { SUBJECT_WORDS } from './grades';

/** Why a typed quantity was not understood. */
export function parseWords(problem: ParseProblem, system: UnitSystem): string {
  switch (problem.code) {
    case 'empty':
      return 'A figure is missing here.';
    case 'not-a-number':
      return 'This is not a number. Figures such as 110, 2.5 or 2 1/4 are understood.';
    case 'unknown-unit':
      return `The unit “${problem.typed}” is not known here.`;
    case 'wrong-unit':
      return `This is measured in ${unitFor(problem.wanted, system)}, not in ${problem.typed}.`;
  }
}

/** What is wrong with a trip as typed. */
export function tripWords(
  problem: TripProblem,
  lastReading: number | undefined,
  system: UnitSystem,
  now: Instant = problem.other ?? '',
): string {
  const other = problem.other ? day(problem.other, now) : '';
  const last = lastReading === undefined ? '' : measure(lastReading, 'distance', system);
  const WORDS: Record<`${TripProblem['field']} ${TripProblem['code']}`, string> | Record<string, string> = {
    'distance negative': 'Miles cannot be negative.',
    'distance absurd': 'That is farther than once around the Earth.',
    'distance long': 'That is very far for one trip. If it is right, log it again to confirm.',
    'launches negative': 'Launches cannot be negative.',
    'launches not-whole': 'Launches are whole numbers.',
    'launches absurd': 'That is more launches than a trip can hold.',
    'launches many': 'That is many launches for one trip. If it is right, log it again to confirm.',
    'reading negative': 'A meter cannot read below zero.',
    'reading backwards': `The meter read ${last} before: it cannot run backward. A typing error, or another meter?`,
    'started begins-after': 'It starts after it ends: one of the two days is wrong.',
    'started overlap': `It overlaps the trip logged for ${other}. If both are right, log it again to confirm.`,
    'happened overlap': `It overlaps the trip logged for ${other}. If both are right, log it again to confirm.`,
    'vehicle backwards': 'Home again, the tow vehicle reads less than it did going out.',
    'vehicle vehicle-overlap': `These readings overlap those of the trip of ${other}. If it was another vehicle, log it again to confirm.`,
    'vehicle vehicle-order': `These readings do not follow in order on the trip of ${other}. If it was another vehicle, log it again to confirm.`,
    'happened future': 'That day has not come yet. A trip is logged once it is over.',
  };
  return (WORDS as Record<string, string>)[`${problem.field} ${problem.code}`] ?? 'This cannot be right.';
}

/** Why a step could not be closed. */
export function tapWords(problem: TapProblem | { code: 'no-run' }): string {
  switch (problem.code) {
    case 'reading-missing':
      return `Write this down first: ${READING_WORDS[problem.what].label.toLowerCase()}.`;
    case 'grade-missing':
      return `Choose what you saw first: ${SUBJECT_WORDS[problem.subject].ask.toLowerCase()}.`;
    case 'torque-missing':
      return 'The torque is not known: enter it above, with where it came from.';
    case 'hub-missing':
      return 'Say first what hub it is and what locks its nut: the card goes on by it.';
    case 'not-square':
      return 'The two distances are farther apart than this step allows: shift the axle, then measure both again.';
    case 'worn-goes-back':
      return 'These bearings were graded due or worse: they do not go back in. Say which are replaced.';
    case 'over-maximum':
      return 'That is more than the tire, wheel or valve is good for: fill to no more than the lowest of the three.';
    case 'reading-absurd':
      return `This cannot be right: ${READING_WORDS[problem.what].label.toLowerCase()}. Check the figure and its unit.`;
    case 'wrong-hand':
      return `This side takes a ${problem.wanted} plate. The other one looks right here and hardly brakes: do not mount it.`;
    case 'count-off':
      return `There are ${problem.expected} studs. Every one gets its nut before the wheel goes on; if one cannot, report it.`;
    case 'reason-missing':
      return 'Say why it is left out: it goes in the log.';
    case 'no-way-on':
      return 'What you graded needs other work first, and it cannot follow from here. Pause this job and lay it out again.';
    case 'not-optional':
      return 'This step cannot be left out.';
    case 'not-this-step':
      return 'Another tab has gone on with this card. This one has caught up.';
    case 'finished':
    case 'no-run':
      return 'This card is closed already.';
  }
}

/** Why no card could be made. */
export function compileWords(problem: CompileProblem): string {
  switch (problem.code) {
    case 'no-jobs':
      return 'There is nothing to do on this card.';
    case 'no-such-place':
      return `This rig has no ${problem.place}.`;
    case 'hub-stays-shut':
      return `The hub of ${problem.place} stays shut: its maker or a shop services it.`;
    case 'not-here':
      return `${ROUTINE_WORDS[problem.work].title}: not at ${problem.place === 'rig' ? 'this rig' : placeName(problem.place)}, which has nothing to do it on.`;
    case 'no-card':
      return `${ROUTINE_WORDS[problem.work].title} is a walk, not work on the bench.`;
    case 'two-schools':
      return `${ROUTINE_WORDS[problem.works[0]].title} and ${ROUTINE_WORDS[problem.works[1]].title.toLowerCase()} at ${placeName(problem.place)} are two ways to do one thing: choose one.`;
    case 'both-sides':
      return `${problem.place} and ${problem.with} are on two sides, which are never both up: change along one side, or through the spare.`;
    case 'not-known':
      return `Before ${problem.place} is opened, this has to be known of its axle: ${list(problem.facts.map((fact) => FACT_WORDS[fact].label.toLowerCase()))}.`;
    case 'bare-spindle':
      return `A bare spindle at ${placeName(problem.place)} has no wheel and no brake to work on: build its hub on a card of its own.`;
    case 'two-axles':
      return `One axle at a time: ${placeName(problem.place)} belongs to another one. Finish the first.`;
    case 'twice':
      return `${placeName(problem.place)} is on the card twice for the same work.`;
    case 'deadlock':
      return 'No safe order could be found for this card, so it is not shown.';
  }
}

/** Why a card in hand could not be laid out anew. */
export function amendWords(problem: AmendProblem): string {
  return problem.code === 'unsafe'
    ? `From here there is no safe order for it (${problem.why}). Finish this card, or leave it with its reason.`
    : compileWords(problem);
}

/** Why a file was refused. */
export function archiveWords(problem: ArchiveProblem | MergeProblem): string {
  switch (problem.code) {
    case 'not-a-zip':
      return 'This file is not an archive, or it was cut off on its way here.';
    case 'not-ours':
      return `This is not a Yardline archive: ${problem.detail}.`;
    case 'newer':
      return `This archive was written by a newer Yardline (${problem.detail}). Update this one first.`;
    case 'too-large':
      return 'Unpacked, this archive would be larger than any log. It was not opened.';
    case 'missing-file':
      return `The archive is incomplete: ${problem.file} is not in it.`;
    case 'damaged':
      return `The archive is damaged: in ${problem.file}, ${problem.detail}.`;
    case 'bad-line':
      return `Line ${problem.line} of the log cannot be read${problem.field ? ` (${problem.field})` : ''}: ${problem.detail}.`;
    case 'conflict':
      return `Entry ${problem.id} is here already with different contents. One of the two was altered; nothing was brought in.`;
  }
}
