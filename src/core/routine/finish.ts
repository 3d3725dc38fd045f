import { fail, msOf, ok, type Instant, type Result } from '../base';
import type { Found, WorkBody } from '../log';
import { isWheelEnd, wheelEnds, type PartKind, type Place, type WheelEnd } from '../rig';
import { threadsAfterRefit, type Thickener, type ReadingId, routineDef } from '../rules';
import type { Job } from './card';
import { did, findingsOf, notedIn, renewedIn, type Noted, type PartsKnown } from './raised';
import { nutPlay } from './nut-play';
import { currentStep, type Run } from './run';

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
  readonly findings: readonly Found[];
}

/** Minutes from the first step to a moment, pauses included. */
export function minutesOf(run: Run, now: Instant): number {
  return Math.max(0, Math.round((msOf(now) - msOf(run.started)) / 60_000));
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

/** New shoes bed in, and joints that were apart settle: both are looked at again (handbook 4.5 and 4.8). A new plate is a part, and asks for itself. */
function checksOf(run: Run, jobs: readonly Job[]): readonly LeftCheck[] {
  const shoes = jobs.flatMap(({ routine, place }) =>
    routineDef(routine).leaves === 'new-brakes' && isWheelEnd(place) ? [place] : [],
  );
  return [
    ...(shoes.length > 0 ? [{ what: 'new-brakes' as const, places: shoes }] : []),
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
    refits: refitsIn(run).map((place) => ({
      place,
      limits: [...run.card.rechecks],
      threads: threadsAfterRefit(run.card.house, run.model),
    })),
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

/** What a card that is through comes to: one work entry, parts, and the findings it raised. Refused while steps are left. */
export function finishRun(
  run: Run,
  now: Instant,
  rig?: PartsKnown,
): Result<Outcome & { readonly work: WorkBody }, { readonly code: 'not-through'; readonly key: string }> {
  const left = currentStep(run);
  if (left) return fail({ code: 'not-through', key: left.key });
  return ok({
    work: workOfRun(run, run.card.jobs, now, true),
    parts: run.card.jobs.flatMap((job) => partsOf(run, job, now)),
    checks: checksOf(run, run.card.jobs),
    findings: findingsOf(run, rig),
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
export function leaveRun(run: Run, reason: string, now: Instant, rig?: PartsKnown): Outcome {
  const step = currentStep(run);
  if (!step) return { work: undefined, parts: [], checks: [], findings: [] };
  const jobs = run.card.jobs.filter((job) => isDone(run, job));
  const open = [...new Set(run.card.jobs.filter((job) => !jobs.includes(job)).map(({ place }) => place))];
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
      })),
    ],
  };
}
