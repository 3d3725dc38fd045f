import { fail, msOf, ok, type Instant, type Result } from '../base';
import { isJudged, judgeReading, type JudgedReading } from '../judge';
import type { WorkBody } from '../log';
import { isWheelEnd, wheelEnds, type PartKind, type Place, type WheelEnd } from '../rig';
import {
  gradeVerdict,
  routineDef,
  type EndPlayWindow,
  type GradeId,
  type RoutineId,
  type RoutinePlace,
  type Subject,
  type Thickener,
  type Verdict,
} from '../rules';
import type { CardStep, Job } from './card';
import { currentStep, nutPlay, type Run, type SaidFinding, type StepRecord } from './run';
import { BRANCHES } from './steps';

/** Something the run leaves behind that is not right; words are found for it elsewhere. */
export type RaisedFinding =
  | ({ readonly cause: 'said'; readonly pulls?: RoutineId } & SaidFinding)
  | {
      readonly cause: 'grade';
      readonly place: RoutinePlace;
      readonly verdict: 'due' | 'stop';
      readonly subject: Subject;
      readonly grade: GradeId;
      readonly pulls?: RoutineId;
    }
  | {
      readonly cause: 'end-play';
      readonly place: WheelEnd;
      readonly verdict: 'due';
      readonly play: number;
      readonly window: EndPlayWindow;
      readonly pulls?: RoutineId;
    }
  | {
      readonly cause: 'reading';
      readonly place: RoutinePlace;
      readonly verdict: 'due' | 'stop';
      readonly what: JudgedReading;
      readonly value: number;
      readonly against: number;
      readonly pulls?: RoutineId;
    }
  /** The card was left before it was through. */
  | {
      readonly cause: 'left';
      readonly place: RoutinePlace;
      readonly verdict: 'stop';
      readonly reason: string;
      readonly step: CardStep;
    };

/** A part that the work put in, or that changed places with another. */
export type PartChange =
  | {
      readonly do: 'fit';
      readonly kind: PartKind;
      readonly place: Place;
      readonly facts: Readonly<Record<string, string>>;
    }
  | { readonly do: 'swap'; readonly kind: PartKind; readonly places: readonly [Place, Place] };

/** Something that happened to the rig with the work, and leaves a check behind after some miles. */
export interface LeftCheck {
  readonly what: 'new-brakes' | 'fixings';
  readonly places: readonly WheelEnd[];
}

/** What a finished card puts on the log. */
export interface Outcome {
  /** Nothing where a card was left before any job on it was done. */
  readonly work: WorkBody | undefined;
  readonly parts: readonly PartChange[];
  readonly checks: readonly LeftCheck[];
  readonly findings: readonly RaisedFinding[];
}

/** Bad grades that the work itself puts right, by the step that does: the grease is gone, the seal is new, the nut is set again. */
const CURED: Readonly<Partial<Record<Subject, readonly string[]>>> = {
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
};

/** The routine that puts a bad grade right, where one does. */
const PULLS: Readonly<Partial<Record<Subject, RoutineId>>> = {
  rock: 'repack',
  spin: 'repack',
  seal: 'repack',
  'grease-back': 'repack',
  drag: 'brake-adjust',
  'brake-test': 'brake-adjust',
  lining: 'brake-measure',
  'lug-move': 'lug-torque',
  fixing: 'underside',
  pivot: 'pivots',
  lamp: 'lights',
  contacts: 'contacts',
  breakaway: 'breakaway-test',
  gear: 'gear-look',
  tread: 'tire-renew',
  'tire-wall': 'tire-renew',
};

/** Where a routine is on record for a finding: at its place, or for the whole rig. */
function pullsAt(run: Run, subject: Subject, place: RoutinePlace): RoutineId | undefined {
  const work = PULLS[subject];
  if (!work) return undefined;
  return routineDef(work).places(run.model, run.card.house).includes(place) ? work : undefined;
}

/** Minutes from the first step to a moment, pauses included. */
export function minutesOf(run: Run, now: Instant): number {
  return Math.max(0, Math.round((msOf(now) - msOf(run.started)) / 60_000));
}

/** What was renewed at a wheel end beside the seal. */
function renewedIn(run: Run, place: WheelEnd): 'none' | 'inner' | 'outer' | 'both' {
  if (run.card.steps.some((step) => step.step === 'match-hub' && step.place === place)) return 'both';
  const said = run.records[`renew ${place}`]?.readings['renewed'];
  return said === 'inner' || said === 'outer' || said === 'both' ? said : 'none';
}

const did = (run: Run, act: string, place: RoutinePlace | undefined) =>
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
  return (CURED[subject] ?? []).some((act) => run.records[`${act} ${where}`]?.state === 'done');
}

interface Noted {
  readonly step: CardStep;
  readonly place: RoutinePlace;
  readonly record: StepRecord;
}

function gradeFindings(run: Run, { step, place, record }: Noted): readonly RaisedFinding[] {
  const told = run.card.branches
    .filter((taken) => taken.place === step.place && taken.side === step.side)
    .map(({ branch }) => BRANCHES[branch].says);
  return step.subjects.flatMap((subject): RaisedFinding[] => {
    if (told.includes(subject)) return [];
    const grade = record.grades[subject] ?? '';
    const verdict: Verdict | undefined = gradeVerdict(subject, grade);
    if ((verdict !== 'due' && verdict !== 'stop') || cured(run, step, subject, grade)) return [];
    const pulls = pullsAt(run, subject, place);
    return [{ cause: 'grade', place, verdict, subject, grade: grade as GradeId, ...(pulls && { pulls }) }];
  });
}

function playFindings(run: Run, { place, record }: Noted): readonly RaisedFinding[] {
  const back = record.readings['slots-back'];
  const set = typeof back === 'number' ? nutPlay(run.model, place, back) : undefined;
  if (!set || set.judgement.verdict === 'clear' || !('window' in set.judgement) || !isWheelEnd(place))
    return [];
  return [{ cause: 'end-play', place, verdict: 'due', play: set.play, window: set.judgement.window }];
}

/** The routine that puts a bad reading right. */
const READING_PULLS: Readonly<Record<JudgedReading, RoutineId>> = {
  lining: 'brake-measure',
  'drum-diameter': 'brake-measure',
  'magnet-ohms': 'brake-measure',
  volts: 'battery-renew',
  pressure: 'pressures',
  'tread-inner': 'tire-renew',
  'tread-middle': 'tire-renew',
  'tread-outer': 'tire-renew',
};

/** What renews the thing that was read, so that the reading is of the old one. */
const RENEWS: Readonly<Partial<Record<JudgedReading, readonly string[]>>> = {
  lining: ['shoes-on', 'plate-on'],
  'drum-diameter': ['match-hub'],
  'magnet-ohms': ['magnet-in', 'plate-on'],
  volts: ['battery-in'],
  'tread-inner': ['swap-tire'],
  'tread-middle': ['swap-tire'],
  'tread-outer': ['swap-tire'],
};

/** Readings that are out of their limits; a pressure is set right there and then, so only one that asks for its cause is kept. */
function readingFindings(run: Run, { step, place, record }: Noted): readonly RaisedFinding[] {
  return step.readings.flatMap(({ what }): RaisedFinding[] => {
    const value = record.readings[what];
    if (typeof value !== 'number' || !isJudged(what) || step.step === 'set-pressure') return [];
    const judged = judgeReading(what, value, { model: run.model, place });
    if (!judged || (judged.verdict !== 'due' && judged.verdict !== 'stop')) return [];
    if (what === 'pressure' && judged.verdict !== 'stop') return [];
    const renewed = (RENEWS[what] ?? []).some((act) => act !== step.step && did(run, act, step.place));
    const pulls = routineDef(READING_PULLS[what]).places(run.model, run.card.house).includes(place)
      ? READING_PULLS[what]
      : undefined;
    return renewed
      ? []
      : [
          {
            cause: 'reading',
            place,
            verdict: judged.verdict,
            what,
            value,
            against: judged.against,
            ...(pulls && { pulls }),
          },
        ];
  });
}

/** Readings that have a place of their own in an entry. */
const ELSEWHERE: ReadonlySet<string> = new Set(['renewed', 'grease']);

function readingsOf(run: Run, noted: readonly Noted[]): WorkBody['readings'] {
  return noted.flatMap(({ step, place, record }) => {
    const own = step.readings
      .filter(({ what }) => !ELSEWHERE.has(what))
      .flatMap(({ what }) => {
        const value = record.readings[what];
        return value === undefined || value === '' ? [] : [{ place, what, value }];
      });
    const back = record.readings['slots-back'];
    const play = typeof back === 'number' ? nutPlay(run.model, place, back) : undefined;
    return play ? [...own, { place, what: 'end-play', value: play.play }] : own;
  });
}

/** The longest that counts as work on one step (min); beyond it somebody had lunch. */
const LUNCH = 45;

/** How long each kind of step took (min), where one was tapped right after another. */
function timesOf(run: Run): WorkBody['times'] {
  const times = new Map<string, { total: number; count: number }>();
  let before = run.started;
  for (const step of run.card.steps) {
    const record = run.records[step.key];
    if (!record) continue;
    const took = (msOf(record.at) - msOf(before)) / 60_000;
    before = record.at;
    if (record.state !== 'done' || took <= 0 || took > LUNCH) continue;
    const sum = times.get(step.step) ?? { total: 0, count: 0 };
    times.set(step.step, { total: sum.total + took, count: sum.count + 1 });
  }
  const rounded = (value: number) => Math.round(value * 100) / 100;
  return [...times].map(([act, { total, count }]) => ({ act, minutes: rounded(total / count), count }));
}

/** The places where a wheel was off, or its nuts were. */
function refitsIn(run: Run): readonly WheelEnd[] {
  const places = run.card.steps.flatMap(({ step, place, key }) =>
    step === 'open-rechecks' && place && isWheelEnd(place) && run.records[key]?.state === 'done'
      ? [place]
      : [],
  );
  return [...new Set(places)];
}

/** The parts that a job puts in. */
function partsOf(run: Run, job: Job, now: Instant): readonly PartChange[] {
  const { place } = job;
  if (place === 'rig') return [];
  const read = (act: string, what: string) => {
    const value = run.records[`${act} ${place}`]?.readings[what];
    return value === undefined || value === '' ? {} : { [what]: String(value) };
  };
  const fit = (kind: PartKind, facts: Readonly<Record<string, string>> = {}): PartChange => ({
    do: 'fit',
    kind,
    place,
    facts,
  });
  switch (job.routine) {
    case 'plate-renew':
      return [fit('brake', read('check-hand', 'hand'))];
    case 'brakes-install':
      return [fit('hub'), fit('brake', read('check-hand', 'hand'))];
    case 'hub-renew':
      return [fit('hub')];
    case 'tire-renew':
      return [fit('tire', read(isWheelEnd(place) ? 'swap-tire' : 'look-tire', 'dot'))];
    case 'battery-renew':
      return [fit('battery', { since: now.slice(0, 10) })];
    case 'tire-change':
      return [{ do: 'swap', kind: 'tire', places: [place, 'S1'] }];
    case 'tire-rotate':
      return job.with ? [{ do: 'swap', kind: 'tire', places: [place, job.with] }] : [];
    default:
      return [];
  }
}

/** Work that disturbs the fixings of the axles. */
const FIXINGS: ReadonlySet<string> = new Set(['bushings', 'axle-set']);

/** New shoes bed in, and joints that were apart settle: both are looked at again (handbook 4.5 and 4.8). A new plate is a part, and asks for itself. */
function checksOf(run: Run, jobs: readonly Job[]): readonly LeftCheck[] {
  const shoes = jobs.flatMap(({ routine, place }) =>
    routine === 'shoe-renew' && isWheelEnd(place) ? [place] : [],
  );
  return [
    ...(shoes.length > 0 ? [{ what: 'new-brakes' as const, places: shoes }] : []),
    ...(jobs.some(({ routine }) => FIXINGS.has(routine))
      ? [{ what: 'fixings' as const, places: wheelEnds(run.model) }]
      : []),
  ];
}

function workOfRun(run: Run, jobs: readonly Job[], now: Instant, through: boolean): WorkBody {
  const noted = notedIn(run);
  const ends = [
    ...new Set(run.card.steps.flatMap(({ place }) => (place && isWheelEnd(place) ? [place] : []))),
  ];
  const done = ends.filter((place) => through || did(run, 'open-rechecks', place));
  return {
    jobs: jobs.map((job) => ({ ...job })),
    from: 'bench',
    minutes: minutesOf(run, now),
    readings: readingsOf(run, noted),
    conditions: noted.flatMap(({ step, place, record }) =>
      step.subjects.flatMap((subject) => {
        const grade = record.grades[subject];
        return grade === undefined ? [] : [{ place, subject, grade }];
      }),
    ),
    materials: ends.flatMap((place) => {
      const grease =
        run.records[`pack ${place}`]?.readings['grease'] ?? run.records[`pump ${place}`]?.readings['grease'];
      return grease === undefined ? [] : [{ place, grease: grease as Thickener }];
    }),
    renewed: done.flatMap((place) => {
      if (!did(run, 'seal-in', place)) return [];
      const sets = renewedIn(run, place);
      return [
        ...(sets === 'inner' || sets === 'both' ? [{ place, part: 'inner-set' as const }] : []),
        ...(sets === 'outer' || sets === 'both' ? [{ place, part: 'outer-set' as const }] : []),
        { place, part: 'seal' as const },
      ];
    }),
    refits: refitsIn(run).map((place) => ({ place, limits: [...run.card.rechecks] })),
    skipped: Object.entries(run.records)
      .filter(([, record]) => record.state === 'skipped')
      .map(([step, record]) => ({ step, reason: record.reason ?? '' })),
    times: timesOf(run),
    ...notesOf(run),
  };
}

/** What was noted at steps, in one text. */
function notesOf(run: Run): { readonly note?: string } {
  const notes = run.card.steps.flatMap(({ key, place }) => {
    const note = run.records[key]?.note;
    return note ? [place ? `${place}: ${note}` : note] : [];
  });
  return notes.length > 0 ? { note: notes.join('\n').slice(0, 2000) } : {};
}

function notedIn(run: Run): readonly Noted[] {
  return run.card.steps.flatMap((step): Noted[] => {
    const record = run.records[step.key];
    return record && record.state === 'done' ? [{ step, place: step.place ?? 'rig', record }] : [];
  });
}

/** What was reported by hand or by a branch, with the routine that puts it right. */
function saidFindings(run: Run): readonly RaisedFinding[] {
  return run.findings.map((said): RaisedFinding => {
    const branch = run.card.branches.find(
      ({ branch, place }) =>
        (place ?? 'rig') === said.place && BRANCHES[branch].finding?.verdict === said.verdict,
    );
    const work = branch && BRANCHES[branch.branch].finding?.pulls;
    return { cause: 'said', ...said, ...(work && { pulls: work as RoutineId }) };
  });
}

function findingsOf(run: Run): readonly RaisedFinding[] {
  const noted = notedIn(run);
  return [
    ...noted.flatMap((one) => [
      ...playFindings(run, one),
      ...readingFindings(run, one),
      ...gradeFindings(run, one),
    ]),
    ...saidFindings(run),
  ];
}

/** What a card that is through comes to: one work entry, parts, and the findings it raised. Refused while steps are left. */
export function finishRun(
  run: Run,
  now: Instant,
): Result<Outcome & { readonly work: WorkBody }, { readonly code: 'not-through'; readonly key: string }> {
  const left = currentStep(run);
  if (left) return fail({ code: 'not-through', key: left.key });
  return ok({
    work: workOfRun(run, run.card.jobs, now, true),
    parts: run.card.jobs.flatMap((job) => partsOf(run, job, now)),
    checks: checksOf(run, run.card.jobs),
    findings: findingsOf(run),
  });
}

/** True where every step at the places of a job is through. */
function isDone(run: Run, job: Job): boolean {
  if (job.place === 'rig' || job.with) return false;
  const own = run.card.steps.filter(({ place }) => place === job.place);
  return own.length > 0 && own.every(({ key }) => run.records[key] !== undefined);
}

/**
 * What a card comes to that is left before it is through: the jobs that are done, and for each
 * place that is not a finding that forbids towing, with the reason.
 */
export function leaveRun(run: Run, reason: string, now: Instant): Outcome {
  const step = currentStep(run);
  if (!step) return { work: undefined, parts: [], checks: [], findings: [] };
  const jobs = run.card.jobs.filter((job) => isDone(run, job));
  const open = [...new Set(run.card.jobs.filter((job) => !jobs.includes(job)).map(({ place }) => place))];
  return {
    work: jobs.length > 0 ? workOfRun(run, jobs, now, false) : undefined,
    parts: jobs.flatMap((job) => partsOf(run, job, now)),
    checks: checksOf(run, jobs),
    findings: [
      ...findingsOf(run),
      ...open.map((place): RaisedFinding => ({
        cause: 'left',
        place,
        verdict: 'stop',
        reason: reason.trim(),
        step,
      })),
    ],
  };
}
