import type { RigState } from '@/core/log';
import { unitFor, type UnitSystem } from '@/core/base';
import type { RigModel } from '@/core/rig';
import type { Card, CardStep } from '@/core/routine';
import { axleAt, gradesOf, READINGS, type ReadingId } from '@/core/rules';
import { dayInFull, minutes } from '../dates';
import { gradeWords, SUBJECT_WORDS } from '../grades';
import { layOut, type Item } from '../lay-out';
import { count } from '../measure';
import { HAND_WORDS, READING_WORDS, RENEWED_WORDS } from '../readings';
import { THICKENER_WORDS } from '../rig';
import { jobsTitle } from '../routines';
import { PHASE_WORDS, stepWords } from '../steps';
import type { Block, Paper } from './paper';

/** What can be ticked for a reading that is chosen, not written. */
export function readingOptions(what: ReadingId): readonly string[] {
  if (what === 'hand') return Object.values(HAND_WORDS);
  if (what === 'renewed') return Object.values(RENEWED_WORDS);
  return what === 'grease' ? Object.values(THICKENER_WORDS) : [];
}

/** The unit that goes behind what is written for a reading. */
export function readingUnit(what: ReadingId, system: UnitSystem): string {
  const def = READINGS[what];
  if (def.as === 'quantity') return unitFor(def.of, system);
  return def.as === 'number' ? def.unit : (READING_WORDS[what].unit ?? '');
}

/** Words to be ticked, one after the other. */
const ticks = (words: readonly string[]) => words.map((word) => `[  ] ${word}`).join('     ');

function asked(step: CardStep, model: RigModel, system: UnitSystem): readonly Block[] {
  const braked = step.place === undefined || axleAt(model, step.place)?.brake !== 'none';
  return [
    ...step.subjects.map((subject): Block => ({
      as: 'text',
      text: `${SUBJECT_WORDS[subject].ask}:  ${ticks(gradesOf(subject, braked).map((grade) => gradeWords(subject, grade, system)))}`,
    })),
    ...step.readings.map(({ what }): Block =>
      READINGS[what].as === 'choice'
        ? { as: 'text', text: `${READING_WORDS[what].label}:  ${ticks(readingOptions(what))}` }
        : { as: 'box', text: READING_WORDS[what].label, write: readingUnit(what, system) },
    ),
  ];
}

const item = ({ name, note }: Item) => (note ? `${name}, ${note}` : name);

function laidOut(name: string, items: readonly Item[]): readonly Block[] {
  return items.length === 0
    ? []
    : [{ as: 'sub', text: name }, ...items.map((one): Block => ({ as: 'box', text: item(one) }))];
}

/** The job card on paper: what to lay out, every step with what to tick and write, in the one safe order. */
export function jobCard(
  card: Card,
  model: RigModel,
  rig: RigState,
  system: UnitSystem,
  printed: string,
): Paper {
  const items = layOut(card, model, rig, card.house, system);
  const total = Math.round(card.steps.reduce((sum, step) => sum + step.minutes, 0));
  return {
    title: jobsTitle(card.jobs),
    about: [
      `${model.name}: ${count(card.steps.length, 'step')}, about ${minutes(total)}. Printed ${dayInFull(printed)}.`,
      'Date ______________   By ______________   Miles ______________   Begun ______   Done ______',
    ],
    foot: `${model.name}: job card`,
    blocks: [
      ...laidOut('Parts', items.parts),
      ...laidOut('Used up', items.used),
      ...laidOut('Tools', items.tools),
      ...card.steps.flatMap((step, i): readonly Block[] => {
        const words = stepWords(step, model, card, system);
        return [
          ...(step.phase === card.steps[i - 1]?.phase
            ? []
            : [{ as: 'head' as const, text: PHASE_WORDS[step.phase] }]),
          {
            as: 'box',
            text: `${i + 1}  ${words.title}${step.optional ? ' (may be left out; why: ____________)' : ''}`,
          },
          { as: 'text', text: words.how },
          ...(words.caution
            ? [{ as: 'text' as const, text: `Careful: ${words.caution}`, strong: true as const }]
            : []),
          ...asked(step, model, system),
        ];
      }),
      { as: 'sub', text: 'Found, not right, still to do' },
      { as: 'text', text: '\n\n\n' },
      {
        as: 'text',
        text: 'Nothing left over: no nut, pin, cap or plug in the tray. Typed in on the Bench, the duties restart and the rechecks open.',
        strong: true,
      },
    ],
  };
}
