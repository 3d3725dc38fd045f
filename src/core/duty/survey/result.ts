import type { Instant } from '../../base';
import type { Duty, DutyRoutine } from '../duty';
import type { Conflict } from '../../judge';
import { partAt, type FindingState, type RigState, type SurveyState } from '../../log';
import { factValue, missingFacts, type FactId, type RigModel } from '../../rig';
import { surveyItems, type SurveyItem } from './items';

/** An item with what came of it; undefined while nobody has been there. */
export interface Looked {
  readonly item: SurveyItem;
  readonly state: SurveyState | undefined;
}

/** How far a survey has come. */
export interface SurveyProgress {
  readonly items: readonly Looked[];
  readonly done: number;
  /** The first item nobody has been at. */
  readonly next: SurveyItem | undefined;
  readonly started: Instant | undefined;
}

/** What is known of an item without the survey: a fact told, a part on record. */
function knownOtherwise(rig: RigState, model: RigModel, item: SurveyItem): boolean {
  const { ask, place } = item;
  if (ask.as === 'fact') return factValue(model, ask.fact, ask.index) !== undefined;
  if (ask.as === 'part' && place !== 'rig') return partAt(rig, ask.part, place) !== undefined;
  return false;
}

/** How far the survey of a rig has come; facts told and parts on record before it count as looked at. */
export function surveyProgress(rig: RigState, model: RigModel): SurveyProgress {
  const items = surveyItems(model).map((item): Looked => {
    const state = rig.survey[item.key];
    if (state) return { item, state };
    const known = knownOtherwise(rig, model, item);
    return { item, state: known ? { at: rig.since ?? '', found: { as: 'reading' } } : undefined };
  });
  const own = Object.values(rig.survey).map((state) => state.at);
  return {
    items,
    done: items.filter(({ state }) => state !== undefined).length,
    next: items.find(({ state }) => state === undefined)?.item,
    started: own.sort()[0],
  };
}

/** What has to be done, or waits. */
export type SurveyTask =
  | { readonly kind: 'finding'; readonly finding: FindingState }
  | { readonly kind: 'conflict'; readonly conflict: Conflict }
  | { readonly kind: 'duty'; readonly duty: Duty }
  | { readonly kind: 'look'; readonly item: SurveyItem };

/** What a survey ends with: before the first tow, what can wait, and the numbers still missing. */
export interface SurveyResult {
  readonly before: readonly SurveyTask[];
  readonly wait: readonly SurveyTask[];
  readonly missing: readonly FactId[];
}

/** What the survey asks for itself, item by item, while nobody has a record of it. */
const ASKED_HERE: ReadonlySet<DutyRoutine> = new Set(['tire-look', 'tire-renew', 'hub-look', 'gear-look']);

/** What a first look comes to, from what was found, what is due, what does not agree, and what nobody has looked at. */
export function surveyResult(
  rig: RigState,
  model: RigModel,
  duties: readonly Duty[],
  conflicts: readonly Conflict[],
): SurveyResult {
  const { items } = surveyProgress(rig, model);
  const tasks: { readonly task: SurveyTask; readonly now: boolean }[] = [
    ...Object.values(rig.findings).map((finding) => ({
      task: { kind: 'finding', finding } as const,
      now: finding.verdict !== 'watch',
    })),
    ...conflicts.map((conflict) => ({
      task: { kind: 'conflict', conflict } as const,
      now: conflict.verdict !== 'watch',
    })),
    // Unknown history counts as due until someone has looked.
    ...duties
      .filter((duty) => duty.verdict !== 'clear' && duty.matter !== 'moment' && !duty.within)
      .filter(({ verdict, routine }) => verdict !== 'unknown' || !ASKED_HERE.has(routine))
      .map((duty) => ({ task: { kind: 'duty', duty } as const, now: duty.verdict !== 'soon' })),
    ...items
      .filter(({ state }) => state === undefined || state.found.as === 'not-looked')
      .map(({ item }) => ({ task: { kind: 'look', item } as const, now: item.critical })),
  ];
  return {
    before: tasks.filter((one) => one.now).map((one) => one.task),
    wait: tasks.filter((one) => !one.now).map((one) => one.task),
    missing: missingFacts(model),
  };
}
