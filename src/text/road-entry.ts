import type { KitBody, TroubleBody } from '@/core/log';
import { formatMoney, type UnitSystem } from '@/core/base';
import type { EntryWords } from './entry-words';
import { placeName } from './gear';
import { KIT_WORDS } from './kit-words';
import { capital, list, measure, small } from './measure';
import { limitWords, ROLL_WORDS, TROUBLE_TITLES } from './road';

const OUTCOME_WORDS: Readonly<Record<TroubleBody['outcome'], string>> = {
  done: 'Put right there',
  bench: 'Worked on by its card',
  open: 'Left as it was',
};

/** Words without their full stop: lines are joined by one. */
const unstopped = (words: string) => words.replace(/\.+$/, '');

/** A trouble met, as the log tells it. */
export function troubleEntry(body: TroubleBody, system: UnitSystem): EntryWords {
  const { trouble, place, verdict, outcome, underWay, into, where, did, helped, minutes, cost } = body;
  const limit = limitWords(verdict, system);
  return {
    title: `${place === 'rig' ? 'Trouble' : placeName(place)}: ${small(TROUBLE_TITLES[trouble])}`,
    lines: [
      underWay ? [ROLL_WORDS[verdict.roll], limit].filter(Boolean).join(', ') : 'Found at home',
      OUTCOME_WORDS[outcome],
      ...(into === undefined ? [] : [`${measure(into, 'distance', system, 0)} into the trip`]),
      ...(where === undefined ? [] : [`Where: ${unstopped(where)}`]),
      ...(did === undefined ? [] : [unstopped(did)]),
      ...(helped === undefined ? [] : [`Helped: ${unstopped(helped)}`]),
      ...(minutes === undefined ? [] : [`${minutes} min`]),
      ...(cost === undefined ? [] : [`Cost ${formatMoney(cost)}`]),
    ],
  };
}

/** What came aboard and what is not, as the log tells it. */
export function kitEntry({ items, from, note }: KitBody): EntryWords {
  const named = (aboard: boolean) =>
    items.flatMap((one) => (one.aboard === aboard ? [small(KIT_WORDS[one.item])] : []));
  const [has, lacks] = [named(true), named(false)];
  const said = [
    ...(has.length > 0 ? [`aboard: ${list(has)}`] : []),
    ...(lacks.length > 0 ? [`${from === undefined ? 'not aboard' : 'used up'}: ${list(lacks)}`] : []),
  ];
  return { title: `Kit: ${said.join('; ')}`, lines: note ? [capital(note)] : [] };
}
