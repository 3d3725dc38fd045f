import type { Station, SurveyItem } from '@/core/duty';
import type { RigModel } from '@/core/rig';
import { FACT_WORDS } from './facts';
import { FACT_HELP } from './fact-help';
import { placeName, placeWords } from './gear';
import { GEAR_LOOKS } from './gear-looks';
import { capital } from './measure';
import { PART_WORDS } from './parts';
import { CONDITIONS } from './survey-conditions';

export const STATION_WORDS: Record<Station, string> = {
  plate: 'The placard and the manual',
  tow: 'The tow vehicle',
  tongue: 'The tongue',
  body: 'The body',
  left: 'Left side, front to back',
  back: 'The back',
  right: 'Right side, back to front',
  spares: 'The spares',
  raised: 'Each wheel raised',
};

/** An item of a survey: what it is, where, and what to look at. */
export function surveyItemWords(
  item: SurveyItem,
  model: RigModel,
): { readonly title: string; readonly look: string } {
  const { ask, place } = item;
  switch (ask.as) {
    case 'fact':
      return {
        title: FACT_WORDS[ask.fact].label,
        look: FACT_HELP[ask.fact].hint ?? capital(`unlocks ${FACT_HELP[ask.fact].unlocks}.`),
      };
    case 'part':
      return {
        title: capital(`${PART_WORDS[ask.part].one}, ${placeWords(place, model)}`),
        look:
          ask.part === 'tire'
            ? 'Size, load range and DOT date, off the wall. Photograph it: the inner wall often has the date.'
            : 'Its date or number. Photograph it.',
      };
    case 'condition':
      if (ask.gear) return { title: placeName(ask.gear), look: `${capital(GEAR_LOOKS[ask.gear])}.` };
      return ask.condition === 'gear'
        ? { title: 'Gear', look: '' }
        : {
            title: `${CONDITIONS[ask.condition].name}, ${placeWords(place, model)}`,
            look: CONDITIONS[ask.condition].look,
          };
  }
}

/** An item of a survey in a clause, for lists: `tire wall and tread of 1L`. */
export function surveyItemShort(item: SurveyItem, model: RigModel): string {
  return surveyItemWords(item, model).title;
}
