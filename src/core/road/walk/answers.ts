import { ONE_TEMPERATURE, pressureAt } from '../../figures';
import type { Instant, Verdict } from '../../base';
import {
  coldByRule,
  figuresAt,
  judgeGrade,
  judgeReading,
  judgeRecheck,
  judgeWarmPressure,
  morningPressure,
  pressureStands,
  readingEvidence,
  RECHECK_RESULTS,
  saysNothing,
  targetAt,
  type Beside,
  type Judgement,
  type PartFigures,
  type ReadingJudgement,
} from '../../judge';
import type { Evidence, InstrumentNamed, RigState, WalkBody, WalkId } from '../../log';
import { isSpare, isWheelEnd, matesOf, type RigModel } from '../../rig';
import { CRITERIA, type HouseRules, type RoutinePlace } from '../../rules';
import { itemsOf, type Walk, type WalkItem } from './walk';

/** What came of an item. A figure is in SI. */
export interface Answer {
  readonly as: 'clear' | 'not-right' | 'skipped';
  readonly grade?: string | undefined;
  readonly value?: number | undefined;
  readonly by?: 'gauge' | 'thermometer' | 'hand' | 'eye' | 'instrument' | undefined;
  /** Which instrument it was taken from. */
  readonly from?: InstrumentNamed | undefined;
  /** What a tire was filled to there and then (Pa). */
  readonly set?: number | undefined;
  /** In one's own words. */
  readonly words?: string | undefined;
}

/** Answers by the key of their item. */
export type Answers = Readonly<Record<string, Answer>>;

/** What is around: air (K), altitude (m), and whether the tires had rolled, with how warm they are (K). */
export interface Around {
  readonly air?: number | undefined;
  readonly altitude?: number | undefined;
  readonly tires?: 'cold' | 'warm' | undefined;
  readonly tireTemp?: number | undefined;
  /** Down a long grade just now: brakes warm their hubs. */
  readonly descent?: true | undefined;
  /** Where hubs are measured: a bare cap reads far too cold. */
  readonly hubAt?: 'painted' | 'bare-cap' | undefined;
}

/** Why something read was not judged: there is nothing to hold it against, or it says nothing as it was taken. */
export type Unjudged = 'hub-cold' | 'bare-cap' | 'no-target' | 'not-spun' | 'not-read';

/** An item with the verdict on it, what it rests on, and the rule. */
export interface Judged {
  readonly item: WalkItem;
  readonly answer: Answer;
  readonly verdict: Verdict | undefined;
  readonly unjudged?: Unjudged | undefined;
  readonly judgement?: Judgement | ReadingJudgement | undefined;
  readonly of?: Evidence | undefined;
  /** The verdict on a tire as it was left, where it was filled there and then. */
  readonly left?: Verdict | undefined;
  /** A pressure (Pa) as it was judged, cold, and what it comes to at the one temperature. */
  readonly cold?: number | undefined;
  readonly brought?: number | undefined;
}

/** What answers are judged with. */
export interface WalkContext {
  readonly rig: Pick<RigState, 'id' | 'parts' | 'refits' | 'read'>;
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly around: Around;
  /** Which walk it is: on some of them the tires have rolled as they are. */
  readonly walk?: WalkId | undefined;
  /** When it is walked; without it no figure is this morning's. */
  readonly at?: Instant | undefined;
}

/**
 * A pressure (Pa) as it would read cold in the air it is towed in: a cold one as it stands, a warm one brought back
 * from the tire's own heat. The placard's pressure is a cold one, whatever the weather.
 */
function coldPressure(value: number, { tires, tireTemp, altitude, air = ONE_TEMPERATURE }: Around): number {
  return tires === 'warm' && tireTemp !== undefined
    ? pressureAt(value, { temperature: tireTemp, altitude }, { temperature: air, altitude })
    : value;
}

/** The same pressure (Pa) at the one temperature that pressures are compared at; undefined where the air is not known. */
function broughtToOne(value: number, around: Around): number | undefined {
  const temperature = around.tires === 'warm' ? around.tireTemp : around.air;
  return temperature === undefined
    ? undefined
    : pressureAt(
        value,
        { temperature, altitude: around.altitude },
        { temperature: ONE_TEMPERATURE, altitude: around.altitude },
      );
}

/** A pressure (Pa) in whatever state its tire is: cold as it stands, warm by the rules for tires that have rolled; with what it comes to cold. */
export function judgePressure(
  value: number,
  about: {
    readonly place: RoutinePlace;
    readonly model: RigModel;
    readonly house: Pick<HouseRules, 'pressure'>;
    readonly around: Around;
    /** The tire was driven as it was found. */
    readonly rolled?: boolean | undefined;
    readonly figures?: PartFigures | undefined;
    readonly morning?: number | undefined;
    readonly mate?: number | undefined;
  },
): { readonly cold: number; readonly judgement: ReadingJudgement | undefined } {
  const { place, model, house, around, rolled, morning, mate } = about;
  if (around.tires !== 'warm')
    return {
      cold: value,
      judgement: judgeReading('pressure', value, { model, place, house, rolled, ...about.figures }),
    };
  const cold = around.tireTemp === undefined ? coldByRule(value) : coldPressure(value, around);
  const target = targetAt(place, model, house);
  return { cold, judgement: judgeWarmPressure(value, { cold, target, morning, mate }) };
}

/** The best grade of an item: what one tap on it says. */
function cleanGrade({ subject }: Pick<WalkItem, 'subject'>): string {
  return Object.keys(CRITERIA[subject])[0] ?? '';
}

/** What was read of the same thing across the axle on this walk. */
function acrossRead({ look, place }: WalkItem, answers: Answers, model: RigModel): number | undefined {
  const across = isWheelEnd(place) ? matesOf(place, model).across : undefined;
  return across && answers[`${look}@${across}`]?.value;
}

function pressureJudged(
  item: WalkItem,
  answer: Answer,
  value: number,
  answers: Answers,
  context: WalkContext,
): Judged {
  const { model, house, around, rig, at } = context;
  const { cold, judgement } = judgePressure(value, {
    place: item.place,
    model,
    house,
    around,
    rolled: context.walk !== undefined && ROLLED.has(context.walk) && !isSpare(item.place),
    figures: figuresAt(rig, item.place),
    morning: morningPressure(rig.read, item.place, at),
    mate: acrossRead(item, answers, model),
  });
  return judgement
    ? {
        item,
        answer,
        verdict: judgement.verdict,
        judgement,
        of: {
          ...readingEvidence(judgement, 'pressure', value),
          ...(answer.set !== undefined && { set: answer.set }),
        },
        ...(answer.set !== undefined && { left: asLeft(answer.set, item.place, context) }),
        cold,
        brought: broughtToOne(value, around),
      }
    : { item, answer, verdict: undefined, unjudged: 'no-target', of: { what: 'pressure', value } };
}

function hubJudged(
  item: WalkItem,
  answer: Answer,
  value: number,
  answers: Answers,
  context: WalkContext,
): Judged {
  const { model, house, around } = context;
  const of: Evidence = { what: 'hub-temp', value };
  if (saysNothing(value, around.air)) return { item, answer, verdict: undefined, unjudged: 'hub-cold', of };
  const mate = acrossRead(item, answers, model);
  const judgement = judgeReading('hub-temp', value, {
    model,
    house,
    place: item.place,
    mate: mate !== undefined && !saysNothing(mate, around.air) ? mate : undefined,
    air: around.air,
    descent: around.descent,
  });
  // A bare cap reads far too cold: what is hot there is hot, what is cool may not be.
  if (around.hubAt === 'bare-cap' && judgement?.verdict === 'clear')
    return { item, answer, verdict: undefined, unjudged: 'bare-cap', of };
  return {
    item,
    answer,
    verdict: judgement?.verdict,
    judgement,
    of: judgement ? readingEvidence(judgement, 'hub-temp', value) : of,
  };
}

/** The verdict on a pressure (Pa) as it was left: as warm or cold as it was read, and by itself. */
function asLeft(
  set: number,
  place: RoutinePlace,
  { model, house, around, rig }: WalkContext,
): Verdict | undefined {
  const about = { place, model, house, around, figures: figuresAt(rig, place) };
  return judgePressure(set, about).judgement?.verdict;
}

/** Walks on which the tires were driven as they are found. */
const ROLLED: ReadonlySet<WalkId> = new Set(['first-stop', 'stop', 'home']);

/** What else was felt at the same hub on this walk, by subject. */
function besideItem({ place }: WalkItem, answers: Answers): Beside {
  return (subject) => {
    if (subject !== 'rock' && subject !== 'spin') return undefined;
    const answer = answers[`${subject}@${place}`];
    if (!answer || answer.as === 'skipped') return undefined;
    return answer.as === 'clear' ? cleanGrade({ subject }) : answer.grade;
  };
}

/** The verdict on one answered item; undefined while nobody has answered. What was skipped has none. */
export function judgeItem(item: WalkItem, answers: Answers, context: WalkContext): Judged | undefined {
  const answer = answers[item.key];
  if (!answer) return undefined;
  if (answer.as === 'skipped') return { item, answer, verdict: undefined };
  if (answer.value !== undefined && item.reads === 'pressure')
    return pressureJudged(item, answer, answer.value, answers, context);
  if (answer.value !== undefined && item.reads === 'hub-temp')
    return hubJudged(item, answer, answer.value, answers, context);
  // Nobody held a gauge to it: that is not clear.
  if (item.reads === 'pressure' && answer.as === 'clear')
    return { item, answer, verdict: undefined, unjudged: 'not-read' };
  const grade = answer.as === 'clear' ? cleanGrade(item) : answer.grade;
  // Not right, and nobody has said how: it counts as due until they do.
  if (grade === undefined) return { item, answer, verdict: 'due' };
  const refit = isWheelEnd(item.place) ? context.rig.refits[item.place] : undefined;
  const moved = item.look === 'torque' ? RECHECK_RESULTS.find((result) => result === grade) : undefined;
  const judgement =
    moved && refit
      ? judgeRecheck(moved, refit.moves)
      : judgeGrade(item.subject, grade, context.house, besideItem(item, answers));
  // No rock says nothing of a hub that nobody spun.
  if (!judgement && item.subject === 'rock')
    return { item, answer, verdict: undefined, unjudged: 'not-spun', of: { subject: item.subject, grade } };
  return {
    item,
    answer,
    verdict: judgement?.verdict,
    judgement,
    of: { subject: item.subject, grade },
  };
}

/** How an item stands once the walk is on record: a tire that was filled as it was left. */
export function standsAs({
  verdict,
  left,
  answer,
  judgement,
}: Pick<Judged, 'verdict' | 'left' | 'answer' | 'judgement'>): Verdict | undefined {
  const { value } = answer;
  if (left === undefined || value === undefined || judgement?.rule !== 'reading') return verdict;
  return pressureStands({ judgement, value, left });
}

/** Every answered item of a walk with its verdict, in the order of the walk. */
export function judgeWalk(walk: Walk, answers: Answers, context: WalkContext): readonly Judged[] {
  return itemsOf(walk).flatMap((item) => {
    const judged = judgeItem(item, answers, { walk: walk.walk, ...context });
    return judged ? [judged] : [];
  });
}

/** The body of a walk's entry, without its decision: what was looked at, read and graded. */
export function walkBody(walk: Walk, answers: Answers, around: Around): WalkBody {
  const items = itemsOf(walk);
  const seen = items.map((item) => ({ item, answer: answers[item.key] ?? { as: 'skipped' as const } }));
  return {
    walk: walk.walk,
    order: walk.order,
    // Of the owner's own each has a name in its key: they all lie at the rig as a whole.
    looked: seen.map(({ item, answer }) => ({
      look: item.own ? (item.key.split('@')[0] ?? item.look) : item.look,
      place: item.place,
      as: answer.as,
    })),
    taken: seen.flatMap(({ item, answer }) =>
      answer.as === 'skipped' || !item.reads || answer.value === undefined
        ? []
        : [
            {
              place: item.place,
              what: item.reads,
              value: answer.value,
              ...(answer.by && { by: answer.by }),
              ...(answer.from && { from: answer.from }),
            },
            ...(answer.set === undefined
              ? []
              : [
                  {
                    place: item.place,
                    what: 'pressure-set' as const,
                    value: answer.set,
                    by: 'gauge' as const,
                  },
                ]),
          ],
    ),
    conditions: seen.flatMap(({ item, answer }) => {
      if (answer.as === 'skipped' || item.own || (item.reads && answer.value !== undefined)) return [];
      // A pressure nobody read is no grade of the valve.
      if (item.reads === 'pressure' && answer.as === 'clear') return [];
      const grade = answer.as === 'clear' ? cleanGrade(item) : answer.grade;
      return grade === undefined ? [] : [{ place: item.place, subject: item.subject, grade }];
    }),
    around: {
      ...(around.air !== undefined && { air: around.air }),
      ...(around.altitude !== undefined && { altitude: around.altitude }),
      ...(around.tires && { tires: around.tires }),
      ...(around.tireTemp !== undefined && { tireTemp: around.tireTemp }),
      ...(around.descent && { descent: around.descent }),
      ...(around.hubAt && { hubAt: around.hubAt }),
    },
  };
}
