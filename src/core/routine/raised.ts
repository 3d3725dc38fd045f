import { DAY_MS } from '../base';
import {
  cureOf,
  figuresAt,
  judgeGrade,
  judgeReading,
  judgeTireCode,
  pressureStands,
  readingEvidence,
} from '../judge';
import { partAt, type Evidence, type Found, type RigState } from '../log';
import { isWheelEnd, matesOf, type WheelEnd } from '../rig';
import { isJudged, type JudgedReading, type RoutinePlace, type Subject } from '../rules';
import { mixing, type Thickener } from '../figures';
import type { CardStep, Job } from './card';
import { isCured } from './cured';
import { isPaired } from './pairs';
import { did, type Run, type StepRecord } from './run';
import { BRANCHES, LAMPS } from './steps';

/** The rig as it is on record, where it is at hand: what is stamped on its parts outranks what is usual. */
export type PartsKnown = Pick<RigState, 'parts' | 'grease'> & Partial<Pick<RigState, 'lastDone'>>;

/** A step that was done, with what was written down at it, and which of the card's steps it was. */
export interface Noted {
  readonly step: CardStep;
  readonly place: RoutinePlace;
  readonly record: StepRecord;
  readonly index: number;
}

/** What a grade of a step is of: side and shoe go with it. */
export function gradedAt({ step, record }: Pick<Noted, 'step' | 'record'>, subject: Subject) {
  const { side, place } = step;
  const { shoe } = record;
  return {
    subject,
    grade: record.grades[subject] ?? '',
    ...(place === undefined && side !== undefined && { side }),
    ...(subject === 'lining' && shoe && { shoe }),
  };
}

/** What a grade of a step is evidence of: of the lamps, which. */
function evidenceAt(noted: Noted, subject: Subject) {
  const shows = subject === 'lamp' ? LAMPS[noted.step.step] : undefined;
  return { ...gradedAt(noted, subject), ...(shows && { shows }) };
}

const remedy = (what: Subject | JudgedReading, place: RoutinePlace, run: Run, grade?: string) => {
  const work = cureOf(what, place, run.model, run.card.house, grade);
  return work && { remedy: work };
};

function gradeFindings(run: Run, noted: Noted): readonly Found[] {
  const { step, place, record, index } = noted;
  const told = run.card.branches
    .filter((taken) => taken.place === step.place && taken.side === step.side)
    .map(({ branch }) => BRANCHES[branch].says);
  return step.subjects.flatMap((subject): Found[] => {
    if (told.includes(subject)) return [];
    const of = evidenceAt(noted, subject);
    const verdict = judgeGrade(subject, of.grade, run.card.house, (other) => record.grades[other])?.verdict;
    if (!verdict || verdict === 'clear') return [];
    const spare = step.step === 'look-spare';
    // What was seen of a spare goes on with it.
    if (!spare && isCured(run, { what: subject, grade: of.grade }, { place, side: of.side }, index))
      return [];
    const stands = spare ? (spareGoesTo(run) ?? place) : place;
    return [{ place: stands, verdict, of, ...remedy(subject, stands, run, of.grade) }];
  });
}

/** What a reading at a step was held against beside its rig: the other pad, and the steel in its figure. */
function besideOf({ step, record }: Noted, what: JudgedReading) {
  const number = (other: string) => {
    const value = record.readings[other];
    return typeof value === 'number' ? value : undefined;
  };
  return {
    ...(what === 'pad-inner' && { otherPad: number('pad-outer') }),
    ...(what === 'pad-outer' && { otherPad: number('pad-inner') }),
    ...(step.readings.some((one) => one.what === 'pad-plate') && { padPlate: number('pad-plate') }),
  };
}

/** What a tire was filled to at a wheel end on this card (Pa). */
const setAt = (run: Run, place: WheelEnd | undefined) =>
  place && run.records[`set-pressure ${place}`]?.readings['pressure-set'];

/** Readings that are out of their limits; a pressure stands as it was left. */
function readingFindings(run: Run, rig: PartsKnown | undefined, noted: Noted): readonly Found[] {
  const { step, place, record, index } = noted;
  const { house } = run.card;
  const judged = (what: JudgedReading, value: number) =>
    judgeReading(what, value, {
      model: run.model,
      place,
      house,
      ...figuresAt(rig, place),
      ...besideOf(noted, what),
    });
  const left = record.readings['pressure-set'];
  const found = (what: JudgedReading, value: number): readonly Found[] => {
    const judgement = judged(what, value);
    if (!judgement || judgement.verdict === 'clear') return [];
    const { verdict } = judgement;
    return [{ place, verdict, of: readingEvidence(judgement, what, value), ...remedy(what, place, run) }];
  };
  const stands = step.step === 'look-spare' ? (spareGoesTo(run) ?? place) : place;
  const pressureFound = (value: number): readonly Found[] => {
    const judgement = judged('pressure', value);
    const set = step.step === 'look-spare' ? setAt(run, spareGoesTo(run)) : left;
    if (!judgement) return [];
    if (typeof set !== 'number') return found('pressure', value);
    const verdict = pressureStands({ judgement, value, left: judged('pressure', set)?.verdict });
    return verdict === 'clear'
      ? []
      : [
          {
            place: stands,
            verdict,
            of: { ...readingEvidence(judgement, 'pressure', value), set },
            ...remedy('pressure', stands, run),
          },
        ];
  };
  const stood = record.readings['pressure'];
  return [
    ...(typeof left === 'number' && typeof stood !== 'number' ? found('pressure', left) : []),
    ...step.readings.flatMap(({ what }): readonly Found[] => {
      const value = record.readings[what];
      if (!isJudged(what) || value === undefined) return [];
      // A meter that reads nothing: its coil is broken.
      if (value === 'open' && what === 'magnet-ohms')
        return isCured(run, { what }, { place }, index)
          ? []
          : [
              {
                place,
                verdict: 'due',
                of: { subject: 'magnet', grade: 'open' },
                ...remedy('magnet', place, run),
              },
            ];
      if (typeof value !== 'number') return [];
      if (what === 'pressure') return pressureFound(value);
      return isCured(run, { what }, { place }, index) ? [] : found(what, value);
    }),
  ];
}

/** Where what is written down at a step was read: the spare is looked at where it lies. */
export function readAt(step: CardStep): RoutinePlace {
  return step.step === 'look-spare' ? 'S1' : (step.place ?? 'rig');
}

/** The wheel end that the spare of a card goes to. */
export function spareGoesTo(run: Pick<Run, 'card'>): WheelEnd | undefined {
  const place = run.card.jobs.find(({ routine }) => routine === 'tire-change')?.place;
  return place !== undefined && isWheelEnd(place) ? place : undefined;
}

/** Two greases in one hub that was not opened: it is cleaned out before it is towed far (handbook 8.9). */
function greaseFindings(
  run: Run,
  rig: PartsKnown | undefined,
  { step, place, record }: Noted,
): readonly Found[] {
  const grease = record.readings['grease'] as Thickener | undefined;
  if (step.step !== 'pump' || !isWheelEnd(place) || !grease) return [];
  const inside = rig?.grease[place];
  if (!inside || mixing(inside, grease) !== 'not' || did(run, 'pack', place)) return [];
  return [{ place, verdict: 'due', of: { grease, onto: inside }, ...remedy('grease-back', place, run) }];
}

const digits = (dot: string) => dot.replace(/\D/g, '').slice(-4);

/** The spare that went on and the tire that came off: neither is passed over. */
function tireFindings(
  run: Run,
  rig: PartsKnown | undefined,
  { step, place, record }: Noted,
): readonly Found[] {
  const to = spareGoesTo(run);
  const why = record.readings['came-off'];
  const changed = run.card.jobs.some((job) => job.routine === 'tire-change' && job.place === place);
  if (step.step === 'swap-tire' && changed && isWheelEnd(place) && (why === 'flat' || why === 'worn'))
    return [{ place: 'S1', verdict: 'due', of: { tire: why, cameOff: place }, remedy: 'tire-renew' }];
  const dot = record.readings['dot'];
  if (step.step !== 'look-spare' || to === undefined || typeof dot !== 'string' || dot === '') return [];
  const onRecord = rig && partAt(rig, 'tire', 'S1')?.facts['dot']?.value;
  if (onRecord !== undefined)
    // A tire on record is reviewed by its own code; another code is another tire.
    return digits(String(onRecord)) === digits(dot)
      ? []
      : [
          {
            place: to,
            verdict: 'due',
            of: { tireCode: 'tire-code-differs', have: digits(dot), want: digits(String(onRecord)) },
          },
        ];
  const { model } = run;
  const conflict = judgeTireCode(dot, to, { model, house: run.card.house, now: record.at });
  const { have, want } = conflict ?? {};
  return conflict && conflict.verdict !== 'watch'
    ? [{ place: to, verdict: conflict.verdict, of: { tireCode: conflict.code, have, want } }]
    : [];
}

/** Bolts that were passed over without a figure: each stays open, and is a stop. */
function unsetFindings({ card }: Run, { step, place, record }: Noted): readonly Found[] {
  if (record.state !== 'done') return [];
  const of: Evidence | undefined =
    step.torque && step.torque.value === undefined
      ? { torque: step.torque.of }
      : step.round?.share === 1 && step.round.torque === undefined && step.round.number === step.round.of
        ? { torque: 'lug' }
        : undefined;
  return of && card.unset ? [{ place, verdict: 'stop', of }] : [];
}

/** The steps of a run that were done. */
export function notedIn(run: Run): readonly Noted[] {
  return run.card.steps.flatMap((step, index): Noted[] => {
    const record = run.records[step.key];
    return record && record.state === 'done' ? [{ step, place: readAt(step), record, index }] : [];
  });
}

/** What was reported by hand or by a branch, with the work that puts it right. */
function saidFindings(run: Run): readonly Found[] {
  return run.findings.map((said): Found => {
    const branch = run.card.branches.find(
      ({ branch, place }) =>
        (place ?? 'rig') === said.place && BRANCHES[branch].finding?.verdict === said.verdict,
    );
    const work = branch && BRANCHES[branch.branch].finding?.remedy;
    return { ...said, ...(work && { remedy: work }) };
  });
}

/** Half a year (ms): what the other side of an axle had since then is of one age with it. */
const OF_ONE_AGE = 183 * DAY_MS;

/** Where the other side of an axle was left as it was: brakes, drums and tires go in pairs (handbook 4.4 and 4.7). */
export function sidesLeft(
  run: Pick<Run, 'model' | 'card' | 'touched'>,
  jobs: readonly Job[],
  rig: Partial<Pick<RigState, 'lastDone'>> | undefined,
): readonly Job[] {
  return jobs.flatMap((job): readonly Job[] => {
    if (!isPaired(run.model, job) || !isWheelEnd(job.place)) return [];
    const place = matesOf(job.place, run.model).across;
    const also = run.card.jobs.some((one) => one.routine === job.routine && one.place === place);
    const before = rig?.lastDone?.[`${job.routine}@${place}`];
    const lately = before && Date.parse(run.touched) - Date.parse(before.at) < OF_ONE_AGE;
    return place &&
      !(also && jobs.some((one) => one.routine === job.routine && one.place === place)) &&
      !lately
      ? [{ routine: job.routine, place }]
      : [];
  });
}

/** Everything a run found that is not right and that its own work did not put right. */
export function findingsOf(run: Run, rig: PartsKnown | undefined): readonly Found[] {
  const noted = notedIn(run);
  return [
    ...noted.flatMap((one) => [
      ...readingFindings(run, rig, one),
      ...gradeFindings(run, one),
      ...greaseFindings(run, rig, one),
      ...tireFindings(run, rig, one),
      ...unsetFindings(run, one),
    ]),
    ...saidFindings(run),
  ];
}

/** Work that was left undone at a place, as it stays open: of a brake it is due, a tire is kept in mind. */
export function undoneFinding({ routine, place }: Job): Found {
  return {
    place,
    verdict: routine === 'tire-renew' ? 'watch' : 'due',
    of: { undone: routine },
    remedy: routine,
  };
}
