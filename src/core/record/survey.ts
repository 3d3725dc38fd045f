import type { RigState, SurveyFound } from '../log';
import { gearDef, type RigModel } from '../rig';
import type { Verdict } from '../base';
import type { SurveyItem } from '../duty';
import type { NewEntry } from './new-entry';
import { tellFinding } from './finding';

/** One item of a first look as it was told. */
export function surveyEntry(
  { item, place }: Pick<SurveyItem, 'item' | 'place'>,
  found: SurveyFound,
): NewEntry {
  return { kind: 'survey', body: { item, place, found } };
}

/** A condition judged at the first look: gear that was not known is there now, and what is not clear is a finding. */
export function conditionEntries(
  item: SurveyItem,
  verdict: Verdict,
  words: string,
  { rig, model }: { readonly rig: Pick<RigState, 'findings'>; readonly model: Pick<RigModel, 'gear'> },
): readonly NewEntry[] {
  if (item.ask.as !== 'condition') return [];
  const { gear, condition } = item.ask;
  return [
    ...(gear && !gearDef(gear).always && model.gear?.[gear] === undefined
      ? [{ kind: 'rig.changed' as const, body: { changes: { [`gear.${gear}`]: true } } }]
      : []),
    surveyEntry(item, { as: 'condition', verdict, ...(words !== '' && { words }) }),
    ...(verdict === 'clear'
      ? []
      : [
          tellFinding(
            {
              place: item.place,
              verdict,
              of: { condition, judged: verdict },
              ...(words !== '' && { text: words }),
            },
            { rig },
          ),
        ]),
  ];
}
