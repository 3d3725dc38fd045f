import { cureOf, figuresAt, judgeReading, judgeTireCode } from '../judge';
import { partAt, type Found, type RigState } from '../log';
import { isWheelEnd, type WheelEnd } from '../rig';
import {
  gradeVerdict,
  mixing,
  type RoutinePlace,
  type Subject,
  type Thickener,
  type Verdict,
  isJudged,
  type JudgedReading,
} from '../rules';
import type { CardStep } from './card';
import { nutPlay } from './nut-play';
import type { Run, StepRecord } from './run';
import { BRANCHES, type Act } from './steps';

/** Bad grades that the work itself puts right, by the step that does: the grease is gone, the seal is new, the nut is set again. */
const CURED: Readonly<Record<Subject, readonly Act[]>> = {
  rock: ['nut-set'],
  spin: ['pack'],
  'old-grease': ['pack'],
  seal: ['seal-in'],
  drum: ['match-hub'],
  lining: ['shoes-on', 'plate-on'],
  magnet: ['magnet-in', 'plate-on'],
  contacts: ['clean-contacts'],
  'tire-wall': ['swap-tire'],
  tread: ['swap-tire'],
  threads: ['renew-stud'],
  eye: ['renew-spring'],
  // By hand where it is found, or not by this work.
  rollers: [],
  spindle: [],
  'set-rock': [],
  'set-spin': [],
  pads: [],
  flange: [],
  'grease-back': [],
  'lug-move': [],
  fixing: [],
  pivot: [],
  hanger: [],
  lamp: [],
  breakaway: [],
  gear: [],
  oil: [],
  drag: [],
  'brake-test': [],
  'hub-hand': [],
  cap: [],
  valve: [],
  wear: [],
  weld: [],
  strap: [],
  chain: [],
  coupler: [],
};

/** What was renewed at a wheel end beside the seal. */
export function renewedIn(run: Run, place: WheelEnd): 'none' | 'inner' | 'outer' | 'both' {
  if (run.card.steps.some((step) => step.step === 'match-hub' && step.place === place)) return 'both';
  const said = run.records[`renew ${place}`]?.readings['renewed'];
  return said === 'inner' || said === 'outer' || said === 'both' ? said : 'none';
}

/** True where a step was done at a place, or once for the card. */
export const did = (run: Run, act: string, place: RoutinePlace | undefined) =>
  run.records[place === undefined ? act : `${act} ${place}`]?.state === 'done';

function cured(run: Run, step: CardStep, subject: Subject, grade: string): boolean {
  const { place } = step;
  if (subject === 'rollers')
    return place !== undefined && isWheelEnd(place) && renewedIn(run, place) !== 'none';
  // Grease that reached the shoes is not cured by a new seal, unless they are new as well.
  if (subject === 'seal' && grade === 'on-shoes')
    return ['shoes-on', 'plate-on', 'grease-off-brake'].some((act) => did(run, act, place));
  // What was seen after the cure still stands.
  if (step.step === 'look-spare') return false;
  const where = step.side !== undefined && place === undefined ? step.side : place;
  return CURED[subject].some((act) => run.records[`${act} ${where}`]?.state === 'done');
}

/** The rig as its parts are on record, where it is at hand: what is stamped on them outranks what is usual. */
export type PartsKnown = Pick<RigState, 'parts' | 'grease'> | undefined;

/** A step that was done, with what was written down at it. */
export interface Noted {
  readonly step: CardStep;
  readonly place: RoutinePlace;
  readonly record: StepRecord;
}

function gradeFindings(run: Run, { step, place, record }: Noted): readonly Found[] {
  const told = run.card.branches
    .filter((taken) => taken.place === step.place && taken.side === step.side)
    .map(({ branch }) => BRANCHES[branch].says);
  return step.subjects.flatMap((subject): Found[] => {
    if (told.includes(subject)) return [];
    const grade = record.grades[subject] ?? '';
    const verdict: Verdict | undefined = gradeVerdict(subject, grade, run.card.house);
    if ((verdict !== 'due' && verdict !== 'stop') || cured(run, step, subject, grade)) return [];
    const stands = step.step === 'look-spare' ? (spareGoesTo(run) ?? place) : place;
    const remedy = cureOf(subject, stands, run.model, run.card.house, grade);
    return [{ place: stands, verdict, of: { subject, grade }, ...(remedy && { remedy }) }];
  });
}

function playFindings(run: Run, { place, record }: Noted): readonly Found[] {
  const back = record.readings['slots-back'];
  const set = typeof back === 'number' ? nutPlay(run.model, place, back) : undefined;
  if (!set || set.judgement.verdict === 'clear' || !('window' in set.judgement) || !isWheelEnd(place))
    return [];
  const { min, max } = set.judgement.window;
  return [{ place, verdict: 'due', of: { endPlay: set.play, window: { min, max } } }];
}

/** What renews the thing that was read, so that the reading is of the old one. */
const RENEWS: Readonly<Record<JudgedReading, readonly Act[]>> = {
  lining: ['shoes-on', 'plate-on'],
  'drum-diameter': ['match-hub'],
  'magnet-ohms': ['magnet-in', 'plate-on'],
  volts: ['battery-in'],
  'tread-inner': ['swap-tire'],
  'tread-middle': ['swap-tire'],
  'tread-outer': ['swap-tire'],
  // Read of what stays.
  pressure: [],
  'hub-temp': [],
};

/** Readings that are out of their limits; a pressure is set right there and then, so only one that asks for its cause is kept. */
function readingFindings(run: Run, rig: PartsKnown, { step, place, record }: Noted): readonly Found[] {
  return step.readings.flatMap(({ what }): Found[] => {
    const value = record.readings[what];
    if (typeof value !== 'number' || !isJudged(what) || step.step === 'set-pressure') return [];
    const judged = judgeReading(what, value, { model: run.model, place, ...figuresAt(rig, place) });
    if (!judged || (judged.verdict !== 'due' && judged.verdict !== 'stop')) return [];
    if (what === 'pressure' && judged.verdict !== 'stop') return [];
    // The spare that went on was filled where it is now.
    if (step.step === 'look-spare' && did(run, 'set-pressure', spareGoesTo(run))) return [];
    const renewed = RENEWS[what].some((act) => act !== step.step && did(run, act, step.place));
    const remedy = cureOf(what, place, run.model, run.card.house);
    return renewed
      ? []
      : [
          {
            place,
            verdict: judged.verdict,
            of: { what, value, held: { against: judged.against } },
            ...(remedy && { remedy }),
          },
        ];
  });
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
function greaseFindings(run: Run, rig: PartsKnown, { step, place, record }: Noted): readonly Found[] {
  const grease = record.readings['grease'] as Thickener | undefined;
  if (step.step !== 'pump' || !isWheelEnd(place) || !grease) return [];
  const inside = rig?.grease[place];
  if (!inside || mixing(inside, grease) !== 'not' || did(run, 'pack', place)) return [];
  const remedy = cureOf('grease-back', place, run.model, run.card.house);
  return [{ place, verdict: 'due', of: { grease, onto: inside }, ...(remedy && { remedy }) }];
}

/** The spare that went on and the tire that came off: neither is passed over. */
function tireFindings(run: Run, rig: PartsKnown, { step, place, record }: Noted): readonly Found[] {
  const to = spareGoesTo(run);
  const why = record.readings['came-off'];
  if (step.step === 'swap-tire' && isWheelEnd(place) && (why === 'flat' || why === 'worn'))
    return [{ place: 'S1', verdict: 'due', of: { tire: why, cameOff: place } }];
  const dot = record.readings['dot'];
  if (step.step !== 'look-spare' || to === undefined || typeof dot !== 'string' || dot === '') return [];
  // A tire on record is reviewed by its own code, wherever it goes.
  if (rig && partAt(rig, 'tire', 'S1')?.facts['dot']) return [];
  const { model } = run;
  const conflict = judgeTireCode(dot, to, { model, house: run.card.house, now: record.at });
  const { have, want } = conflict ?? {};
  return conflict && conflict.verdict !== 'watch'
    ? [{ place: to, verdict: conflict.verdict, of: { tireCode: conflict.code, have, want } }]
    : [];
}

/** The steps of a run that were done. */
export function notedIn(run: Run): readonly Noted[] {
  return run.card.steps.flatMap((step): Noted[] => {
    const record = run.records[step.key];
    return record && record.state === 'done' ? [{ step, place: readAt(step), record }] : [];
  });
}

/** What was reported by hand or by a branch, with the routine that puts it right. */
function saidFindings(run: Run): readonly Found[] {
  return run.findings.map((said): Found => {
    const branch = run.card.branches.find(
      ({ branch, place }) =>
        (place ?? 'rig') === said.place && BRANCHES[branch].finding?.verdict === said.verdict,
    );
    const remedy = branch && BRANCHES[branch.branch].finding?.remedy;
    return { ...said, ...(remedy && { remedy }) };
  });
}

/** Everything a run found that is not right and that its own work did not put right. */
export function findingsOf(run: Run, rig: PartsKnown): readonly Found[] {
  const noted = notedIn(run);
  return [
    ...noted.flatMap((one) => [
      ...playFindings(run, one),
      ...readingFindings(run, rig, one),
      ...gradeFindings(run, one),
      ...greaseFindings(run, rig, one),
      ...tireFindings(run, rig, one),
    ]),
    ...saidFindings(run),
  ];
}
