import { fail, msOf, ok, type Instant, type Result } from '../base';
import { findingKey, isOfAir, type FindingState, type Found, type RigState, type WorkBody } from '../log';
import { isWheelEnd, wheelEnds, type PartKind, type Place, type WheelEnd } from '../rig';
import { threadsAfterRefit, type ReadingId, routineDef } from '../rules';
import type { Thickener } from '../figures';
import type { Job } from './card';
import { curedFindings, watchedAndClear } from './cured';
import { openAt } from './open';
import { findingsOf, gradedAt, notedIn, sidesLeft, undoneFinding, type Noted } from './raised';
import { nutPlay } from './nut-play';
import type { Act } from './steps';
import { currentStep, did, renewedIn, type Run } from './run';

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
  readonly what: 'new-brakes' | 'fixings' | 'adapter' | 'verge';
  readonly places: readonly WheelEnd[];
}

/** What a finished card puts on the log. */
export interface Outcome {
  /** Nothing where a card was left before any job on it was done. */
  readonly work: WorkBody | undefined;
  readonly parts: readonly PartChange[];
  readonly checks: readonly LeftCheck[];
  readonly findings: readonly Found[];
  /** Findings that were open before and that the work put right, where it did. */
  readonly cured: readonly string[];
  /** Findings that were only watched, and were graded clear. */
  readonly clear: readonly FindingState[];
}

/** What is known of the rig where a card is closed. */
export type Closing = Pick<RigState, 'parts' | 'grease'> & Partial<Pick<RigState, 'lastDone' | 'findings'>>;

/** Minutes from the first step to a moment, pauses included. */
export function minutesOf(run: Run, now: Instant): number {
  return Math.max(0, Math.round((msOf(now) - msOf(run.started)) / 60_000));
}

/** Readings that have a place of their own in an entry. */
const ELSEWHERE: ReadonlySet<string> = new Set(['renewed', 'grease']);

function readingsOf(run: Run, noted: readonly Noted[]): WorkBody['readings'] {
  return noted.flatMap(({ step, place, record }) => {
    const own = step.readings.flatMap(({ what }) => {
      const value = record.readings[what];
      // A grease that is not named on its cartridge is no material, and stands as read.
      if (ELSEWHERE.has(what) && value !== 'not-printed') return [];
      const from = record.sources?.[what];
      return value === undefined || value === '' ? [] : [{ place, what, value, ...(from && { from }) }];
    });
    const back = record.readings['slots-back'];
    const play = typeof back === 'number' ? nutPlay(run.model, place, back) : undefined;
    return play ? [...own, { place, what: 'end-play', value: play.play }] : own;
  });
}

/** The longest that counts as work on one step (min); beyond it somebody had lunch. */
const LUNCH = 45;
/** A card that took less than this share of its minutes was typed through afterwards: it tells nothing of how long work takes. */
const TYPED_THROUGH = 0.3;

/** How long each kind of step took (min), where one was tapped right after another. */
function timesOf(run: Run): WorkBody['times'] {
  const times = new Map<string, { total: number; count: number }>();
  const done = run.card.steps.filter(({ key }) => run.records[key]?.state === 'done');
  const planned = done.reduce((sum, { minutes }) => sum + minutes, 0);
  const last = run.records[done[done.length - 1]?.key ?? '']?.at ?? run.started;
  if ((msOf(last) - msOf(run.started)) / 60_000 < planned * TYPED_THROUGH) return [];
  let before = run.started;
  for (const step of run.card.steps) {
    const record = run.records[step.key];
    if (!record) continue;
    const took = (msOf(record.at) - msOf(before)) / 60_000;
    before = record.at;
    // One tap for many tells nothing of how long each took.
    if (record.state !== 'done' || record.byChapter || took <= 0 || took > LUNCH) continue;
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
  const read = (act: string, what: ReadingId) => {
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
    case 'cap-renew': {
      const number = run.records[`cap-fit ${place}`]?.readings['new-cap-number'];
      return [fit('cap', number ? { number: String(number) } : {})];
    }
    case 'plate-renew':
      return [fit('brake', read('check-hand', 'hand'))];
    case 'brakes-install':
      return [fit('hub'), fit('brake', read('check-hand', 'hand'))];
    case 'hub-renew':
    case 'hub-build':
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

/** New shoes bed in, and joints that were apart settle: both are looked at again (handbook 4.5 and 4.8). A new plate is a part, and asks for itself. */
function checksOf(run: Run, jobs: readonly Job[]): readonly LeftCheck[] {
  const doneAt = (act: Act) =>
    run.card.steps.flatMap(({ step, place, key }) =>
      step === act && place && isWheelEnd(place) && run.records[key]?.state === 'done' ? [place] : [],
    );
  // Nuts that were only gone round, and held, ask for nothing more.
  const adapters = doneAt('adapter-torque').filter(
    (place) =>
      did(run, 'match-hub', place) ||
      run.records[`adapter-torque ${place}`]?.grades['adapter-move'] !== 'none',
  );
  const hard = doneAt('tighten-hard');
  const shoes = jobs.flatMap(({ routine, place }) =>
    routineDef(routine).leaves === 'new-brakes' && isWheelEnd(place) ? [place] : [],
  );
  return [
    ...(shoes.length > 0 ? [{ what: 'new-brakes' as const, places: shoes }] : []),
    // Tight by hand only: to its figure before it is towed farther than the next safe place.
    ...(hard.length > 0 ? [{ what: 'verge' as const, places: hard }] : []),
    // Their nuts settle like any others, on a hub that is new or where one moved.
    ...(adapters.length > 0 ? [{ what: 'adapter' as const, places: adapters }] : []),
    ...(jobs.some(({ routine }) => routineDef(routine).leaves === 'fixings')
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
    jobs: jobs.map(({ routine, place, with: mate }) => ({ routine, place, ...(mate && { with: mate }) })),
    from: 'bench',
    minutes: minutesOf(run, now),
    readings: readingsOf(run, noted),
    conditions: noted.flatMap(({ step, place, record }) =>
      step.subjects.flatMap((subject) =>
        record.grades[subject] === undefined ? [] : [{ place, ...gradedAt({ step, record }, subject) }],
      ),
    ),
    materials: ends.flatMap((place) => {
      const grease =
        run.records[`pack ${place}`]?.readings['grease'] ??
        run.records[`pump ${place}`]?.readings['grease'] ??
        run.records[`cap-fit ${place}`]?.readings['grease'];
      return grease === undefined || grease === 'not-printed' ? [] : [{ place, grease: grease as Thickener }];
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
    refits: refitsIn(run).map((place) => ({
      place,
      limits: [...run.card.rechecks],
      threads: threadsAfterRefit(run.card.house, run.model),
    })),
    skipped: Object.entries(run.records)
      .filter(([, record]) => record.state === 'skipped')
      .map(([step, record]) => ({ step, reason: record.reason ?? '' })),
    ...(run.card.branches.length > 0 && {
      branches: run.card.branches.map(({ branch, place, side }) => ({
        branch,
        ...(place !== undefined ? { place } : side !== undefined && { side }),
      })),
    }),
    times: timesOf(run),
    ...byChapterIn(run),
    ...notesOf(run),
  };
}

/** The steps that were closed by chapter, in the order of the card. */
function byChapterIn(run: Run): Pick<WorkBody, 'byChapter'> {
  const keys = run.card.steps.map(({ key }) => key).filter((key) => run.records[key]?.byChapter);
  return keys.length > 0 ? { byChapter: keys } : {};
}

/** What was noted at steps, in one text. */
function notesOf(run: Run): { readonly note?: string } {
  const notes = run.card.steps.flatMap(({ key, place }) => {
    const note = run.records[key]?.note;
    return note ? [place ? `${place}: ${note}` : note] : [];
  });
  return notes.length > 0 ? { note: notes.join('\n').slice(0, 2000) } : {};
}

/** What a card that is through comes to: one work entry, parts, what it put right and what it raised. Refused while steps are left. */
export function finishRun(
  run: Run,
  now: Instant,
  rig?: Closing,
): Result<Outcome & { readonly work: WorkBody }, { readonly code: 'not-through'; readonly key: string }> {
  const left = currentStep(run);
  if (left) return fail({ code: 'not-through', key: left.key });
  return ok({
    work: workOfRun(run, run.card.jobs, now, true),
    parts: run.card.jobs.flatMap((job) => partsOf(run, job, now)),
    checks: checksOf(run, run.card.jobs),
    findings: [...findingsOf(run, rig), ...sidesLeft(run, run.card.jobs, rig).map(undoneFinding)],
    ...closings(run, rig),
  });
}

function closings(run: Run, rig: Closing | undefined): Pick<Outcome, 'cured' | 'clear'> {
  const open = Object.values(rig?.findings ?? {});
  const told = new Set(findingsOf(run, rig).map(({ place, of }) => findingKey(place, of)));
  const cured = curedFindings(run, open, rig)
    // Filled, and kept in mind: it is the same finding, seen again.
    .filter(({ place, of }) => !isOfAir(of) || !told.has(findingKey(place, of)))
    .map(({ id }) => id);
  return { cured, clear: watchedAndClear(run, open).filter(({ id }) => !cured.includes(id)) };
}

/** True where every step at the places of a job is through. */
function isDone(run: Run, job: Job): boolean {
  if (job.place === 'rig' || job.with) return false;
  const own = run.card.steps.filter(({ place }) => place === job.place);
  return own.length > 0 && own.every(({ key }) => run.records[key] !== undefined);
}

/** True where something is loose, up or out for a job: only such work leaves a stop behind. */
function isBegun(run: Run, { place, with: mate }: Job): boolean {
  const open = openAt(run);
  return open.some((at) => at === undefined || at === place || at === mate || place === 'rig');
}

/**
 * What a card comes to that is left before it is through: the jobs that are done, for each place where something was
 * begun a finding that forbids towing, with the reason, and what of the same work was planned and not begun.
 */
export function leaveRun(run: Run, reason: string, now: Instant, rig?: Closing): Outcome {
  const step = currentStep(run);
  if (!step) return { work: undefined, parts: [], checks: [], findings: [], cured: [], clear: [] };
  const jobs = run.card.jobs.filter((job) => isDone(run, job));
  const left = run.card.jobs.filter((job) => !jobs.includes(job));
  const begun = left.filter((job) => isBegun(run, job));
  const open = [...new Set(begun.map(({ place }) => place))];
  const undone = left.filter(
    (job) =>
      !open.includes(job.place) && jobs.some(({ routine }) => routine === job.routine) && job.place !== 'rig',
  );
  const sides = sidesLeft(run, jobs, rig).filter(
    (job) =>
      !open.includes(job.place) &&
      !undone.some((one) => one.place === job.place && one.routine === job.routine),
  );
  return {
    work: jobs.length > 0 ? workOfRun(run, jobs, now, false) : undefined,
    parts: jobs.flatMap((job) => partsOf(run, job, now)),
    checks: checksOf(run, jobs),
    findings: [
      ...findingsOf(run, rig),
      ...open.map((place): Found => ({
        place,
        verdict: 'stop',
        of: { leftAt: step.step },
        note: reason.trim(),
        remedy: begun.find((job) => job.place === place)?.routine,
      })),
      ...[...undone, ...sides].map(undoneFinding),
    ],
    ...closings(run, rig),
  };
}
