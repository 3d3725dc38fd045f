import { aboutOf, judgeReading } from '../judge';
import { isOfAir, isOfTire, partAt, type Evidence, type FindingState, type RigState } from '../log';
import { isWheelEnd } from '../rig';
import {
  leftDef,
  gradeVerdict,
  type JudgedReading,
  type LampFunction,
  type RoutinePlace,
  type Subject,
} from '../rules';
import { renewedIn, type Run } from './run';
import { axleEnds, LAMPS, type Act } from './steps';

/** What puts something bad right, by the step that does; a list is any of them. */
const CURED: Readonly<Record<Subject | JudgedReading, readonly Act[]>> = {
  rock: ['nut-set', 'maker-service'],
  spin: ['pack', 'maker-service'],
  'set-rock': ['nut-set'],
  'set-spin': ['nut-set'],
  'play-dialed': ['nut-set'],
  'hub-hand': ['pack', 'maker-service'],
  'hub-temp': ['pack', 'maker-service'],
  'old-grease': ['pack'],
  seal: ['seal-in', 'maker-service'],
  'grease-back': ['seal-in', 'maker-service'],
  oil: ['maker-service'],
  cap: ['cap-fit', 'cap-on'],
  // A bearing and its race are renewed together: what the owner says was renewed tells.
  rollers: [],
  spindle: ['seat-axle'],
  flange: ['seat-axle'],
  drum: ['match-hub'],
  'drum-diameter': ['match-hub'],
  disc: ['match-hub'],
  'disc-thickness': ['match-hub'],
  lining: ['shoes-on', 'plate-on', 'pads-in'],
  pads: ['pads-in'],
  'pad-inner': ['pads-in'],
  'pad-outer': ['pads-in'],
  magnet: ['magnet-in', 'plate-on'],
  'magnet-ohms': ['magnet-in', 'plate-on'],
  drag: ['brake-adjust'],
  'brake-test': ['brake-test'],
  contacts: ['clean-contacts'],
  // Tried again, all of them: see below.
  lamp: [],
  breakaway: ['pull-pin'],
  volts: ['battery-in'],
  'volts-loaded': ['battery-in'],
  'tire-wall': ['swap-tire'],
  tread: ['swap-tire'],
  'tread-object': ['swap-tire'],
  'tread-inner': ['swap-tire'],
  'tread-middle': ['swap-tire'],
  'tread-outer': ['swap-tire'],
  valve: ['swap-tire'],
  wear: ['swap-tire'],
  pressure: ['swap-tire'],
  threads: ['renew-stud'],
  'lug-move': ['open-rechecks', 'check-lugs'],
  'adapter-move': ['open-rechecks'],
  fixing: ['check-fixings'],
  pivot: ['joints-on'],
  eye: ['renew-spring'],
  // By a part, a welder or a shop.
  hanger: [],
  gear: [],
  weld: [],
  'wheel-well': [],
  strap: [],
  chain: [],
  coupler: [],
  fluid: [],
};

/** Grades that the step of their subject does not mend: it cleans, adjusts or tightens, and they are broken. */
const BEYOND: Readonly<Partial<Record<Subject | JudgedReading, readonly string[]>>> = {
  contacts: ['bare-wire'],
  drag: ['grinds'],
  fixing: ['cracked'],
};

/** True where the lamps of a function were tried on this card and all work; of no function in particular, where every lamp was: one that is lit says nothing of another. */
function allLit(run: Run, shows: LampFunction | undefined): boolean {
  const steps = run.card.steps.filter(({ step }) => {
    const tries = LAMPS[step];
    return tries !== undefined && (shows === undefined || tries === shows);
  });
  return (
    steps.length > 0 &&
    steps.every(({ key }) => {
      const { state, grades } = run.records[key] ?? {};
      const grade = grades?.lamp;
      return (
        state === 'done' && grade !== undefined && gradeVerdict('lamp', grade, run.card.house) === 'clear'
      );
    })
  );
}

/** What some grades ask for beside their subject's step. */
function actsFor(what: Subject | JudgedReading, grade: string | undefined): readonly (readonly Act[])[] {
  // Grease that reached the shoes is not cured by a new seal alone.
  if ((what === 'seal' || what === 'grease-back') && grade === 'on-shoes')
    return [CURED[what], ['shoes-on', 'plate-on', 'pads-in', 'grease-off-brake']];
  // Nor are greasy linings by new ones alone: whatever let it through is open still.
  if ((what === 'lining' || what === 'pads') && grade === 'greasy') return [CURED[what], CURED.seal];
  if (what === 'lug-move' && grade === 'broken') return [['renew-stud']];
  if (what === 'lug-move' && grade === 'hole-worn') return [];
  // A stud of an adapter is its maker's matter: the adapter goes.
  if (what === 'adapter-move' && grade === 'broken') return [];
  if (what === 'threads' && grade === 'rusty') return [['threads']];
  // Behind a new cap the nut is as free as it was.
  if (what === 'cap' && grade === 'lock-gone')
    return [
      ['nut-set', 'maker-service'],
      ['lock-in', 'maker-service'],
    ];
  // A part, a welder or a shop: no step of a card mends these.
  if (grade !== undefined && BEYOND[what]?.includes(grade)) return [];
  if (what === 'spin' && grade === 'tight') return [['nut-set', 'maker-service']];
  return CURED[what].length > 0 ? [CURED[what]] : [];
}

/** Where a step of a card was done: at the place, for its side under the frame, or at the axle it belongs to. */
function doneAfter(
  run: Run,
  act: Act,
  place: RoutinePlace,
  side: string | undefined,
  after: number,
): boolean {
  const ends = isWheelEnd(place) ? axleEnds(place) : [];
  return run.card.steps.some(
    (step, i) =>
      step.step === act &&
      i > after &&
      run.records[step.key]?.state === 'done' &&
      (step.place === undefined
        ? step.side === undefined || step.side === (side ?? (isWheelEnd(place) ? place.slice(1) : step.side))
        : step.place === place || (act === 'seat-axle' && ends.some((end) => end === step.place))),
  );
}

/** True where the same thing was graded again at the place, and was not clear. */
function stillBad(run: Run, what: Subject | JudgedReading, place: RoutinePlace, after: number): boolean {
  return run.card.steps.some((step, i) => {
    const grade = run.records[step.key]?.grades[what as Subject];
    return (
      i > after &&
      grade !== undefined &&
      (step.place ?? 'rig') === place &&
      gradeVerdict(what as Subject, grade, run.card.house) !== 'clear'
    );
  });
}

/** True where the work of a run put something right after it was seen at the step of that number; −1 for what was open before. */
export function isCured(
  run: Run,
  of: {
    readonly what: Subject | JudgedReading;
    readonly grade?: string | undefined;
    readonly shows?: LampFunction | undefined;
  },
  at: { readonly place: RoutinePlace; readonly side?: string | undefined },
  after = -1,
): boolean {
  const { place, side } = at;
  // Tried again on the card that shows it: what is open from before is told by its own function.
  if (of.what === 'lamp') return after < 0 && allLit(run, of.shows);
  if (of.what === 'rollers') return isWheelEnd(place) && renewedIn(run, place) !== 'none';
  const wanted = actsFor(of.what, of.grade);
  return (
    wanted.length > 0 &&
    wanted.every((acts) => acts.some((act) => doneAfter(run, act, place, side, after))) &&
    !stillBad(run, of.what, place, after)
  );
}

/** True where a job that was left undone is on the card, or bolts that had no figure were brought to one. */
function isMadeGood(run: Run, of: Evidence, place: RoutinePlace): boolean {
  if ('undone' in of)
    return run.card.jobs.some(
      (job) => job.routine === of.undone && (job.place === place || job.with === place),
    );
  if ('left' in of) {
    const { work } = leftDef(of.left);
    return (
      work !== undefined &&
      run.card.jobs.some((job) => job.routine === work && (job.place === place || job.place === 'rig'))
    );
  }
  if (!('torque' in of)) return false;
  const { torque } = of;
  return run.card.steps.some(
    (step) =>
      run.records[step.key]?.state === 'done' &&
      (place === 'rig' || step.place === place) &&
      (torque === 'lug'
        ? step.round?.share === 1 && step.round.torque !== undefined
        : step.torque?.of === torque && step.torque.value !== undefined),
  );
}

/** Where the tire sat before this card whose pressure was set at a place. */
function satAt(run: Run, place: RoutinePlace): RoutinePlace | undefined {
  const job = run.card.jobs.find(
    ({ routine, ...one }) =>
      (routine === 'tire-change' && one.place === place) ||
      (routine === 'tire-rotate' && (one.place === place || one.with === place)),
  );
  if (!job) return place;
  if (job.routine === 'tire-change') return 'S1';
  return job.place === place ? job.with : job.place;
}

/** True where the tire at a place was read or filled on this card, and left at its target. */
function hasItsAir(run: Run, place: RoutinePlace): boolean {
  const left = run.card.steps.flatMap((step) => {
    const { state, readings } = run.records[step.key] ?? {};
    const at = step.step === 'look-spare' ? 'S1' : (step.place ?? 'rig');
    const of = step.step === 'set-pressure' ? satAt(run, at) : at;
    const value = readings?.['pressure-set'] ?? readings?.['pressure'];
    return state === 'done' && of === place && typeof value === 'number' ? [value] : [];
  });
  const last = left.at(-1);
  const about = { model: run.model, place, house: run.card.house };
  return last !== undefined && judgeReading('pressure', last, about)?.verdict === 'clear';
}

/** The findings open on a rig that the work of a run put right, at the places and sides where it did. */
export function curedFindings(
  run: Run,
  findings: readonly FindingState[],
  rig: Pick<RigState, 'parts'> | undefined,
): readonly FindingState[] {
  return findings.filter((finding) => {
    const { of, place } = finding;
    if (!of) return false;
    if (isOfAir(of)) return swapped(run, place) || hasItsAir(run, place);
    // A tire that changes places takes its findings along; only one that is gone leaves them behind.
    if (isOfTire(finding) && rig && place !== 'rig' && partAt(rig, 'tire', place) && !swapped(run, place))
      return false;
    if (isMadeGood(run, of, place)) return true;
    // A guess stays one until the nuts were brought to a figure that is none.
    if ('guess' in of) return isMadeGood(run, { torque: 'lug' }, place) && !guessed(run);
    const about = aboutOf(of);
    if (!about || 'tireCode' in of || 'tire' in of) return about !== undefined && swapped(run, place);
    const { side, shows } = 'subject' in of ? of : {};
    return isCured(run, { ...about, shows }, { place, side });
  });
}

/** The lug torque that a run was worked to is a guess. */
const guessed = (run: Run) => run.model.wheels.torque?.source === 'guess';

/** Another tire went on at the place for good. */
function swapped(run: Run, place: RoutinePlace): boolean {
  return run.card.jobs.some(
    (job) =>
      job.routine === 'tire-renew' &&
      job.place === place &&
      run.records[`swap-tire ${place}`]?.state === 'done',
  );
}

/** Findings that were only watched, and that this run graded clear at the same place. */
export function watchedAndClear(run: Run, findings: readonly FindingState[]): readonly FindingState[] {
  return findings.filter(({ of, place, verdict }) => {
    if (verdict !== 'watch' || !of || !('subject' in of)) return false;
    if (of.subject === 'lamp') return place === 'rig' && allLit(run, of.shows);
    const last = [...run.card.steps]
      .reverse()
      .map((step) =>
        (step.place ?? 'rig') === place && (of.side === undefined || of.side === step.side)
          ? run.records[step.key]?.grades[of.subject]
          : undefined,
      )
      .find((grade) => grade !== undefined);
    return last !== undefined && gradeVerdict(of.subject, last, run.card.house) === 'clear';
  });
}
