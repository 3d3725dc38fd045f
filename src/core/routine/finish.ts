import { fail, msOf, ok, type Instant, type Result } from '../base';
import type { WorkBody } from '../log';
import type { WheelEnd } from '../rig';
import {
  gradeVerdict,
  type EndPlayWindow,
  type GradeId,
  type Subject,
  type Thickener,
  type Verdict,
} from '../rules';
import type { CardStep } from './compile';
import { currentStep, nutPlay, type Run, type SaidFinding, type StepRecord } from './run';

/** Something the run leaves behind that is not right; words are found for it elsewhere. */
export type RaisedFinding =
  | ({ readonly cause: 'said' } & SaidFinding)
  | {
      readonly cause: 'grade';
      readonly place: WheelEnd;
      readonly verdict: 'due' | 'stop';
      readonly subject: Subject;
      readonly grade: GradeId;
    }
  | {
      readonly cause: 'end-play';
      readonly place: WheelEnd;
      readonly verdict: 'due';
      readonly play: number;
      readonly window: EndPlayWindow;
    };

/** What a finished card puts on the log. */
export interface Outcome {
  readonly work: WorkBody;
  readonly findings: readonly RaisedFinding[];
}

/** Bad grades that the repack itself puts right: the grease is gone, the seal is new, the nut is set again. */
const CURED: ReadonlySet<Subject> = new Set(['rock', 'spin', 'old-grease', 'seal']);

/** Minutes from the first step to a moment, pauses included. */
export function minutesOf(run: Run, now: Instant): number {
  return Math.max(0, Math.round((msOf(now) - msOf(run.started)) / 60_000));
}

/** What was renewed at a wheel end beside the seal. */
function renewedIn(run: Run, place: WheelEnd): 'none' | 'inner' | 'outer' | 'both' {
  const said = run.records[`renew ${place}`]?.readings['renewed'];
  return said === 'inner' || said === 'outer' || said === 'both' ? said : 'none';
}

function cured(run: Run, place: WheelEnd, subject: Subject, grade: string): boolean {
  if (subject === 'rollers') return renewedIn(run, place) !== 'none';
  // Grease that reached the shoes is not cured by a new seal.
  if (subject === 'seal') return grade !== 'on-shoes';
  return CURED.has(subject);
}

function gradeFindings(run: Run, step: CardStep, record: StepRecord): readonly RaisedFinding[] {
  const place = step.place;
  if (!place) return [];
  return step.subjects.flatMap((subject): RaisedFinding[] => {
    const grade = record.grades[subject] ?? '';
    const verdict: Verdict | undefined = gradeVerdict(subject, grade);
    if ((verdict !== 'due' && verdict !== 'stop') || cured(run, place, subject, grade)) return [];
    return [{ cause: 'grade', place, verdict, subject, grade: grade as GradeId }];
  });
}

interface Noted {
  readonly step: CardStep;
  readonly place: WheelEnd;
  readonly record: StepRecord;
}

function readingsOf(run: Run, noted: readonly Noted[]): WorkBody['readings'] {
  return noted.flatMap(({ step, place, record }) => {
    const own = step.readings
      .filter(({ what }) => what !== 'renewed' && what !== 'grease')
      .flatMap(({ what }) => {
        const value = record.readings[what];
        return value === undefined || value === '' ? [] : [{ place, what, value }];
      });
    const back = record.readings['slots-back'];
    const play = typeof back === 'number' ? nutPlay(run.model, place, back) : undefined;
    return play ? [...own, { place, what: 'end-play', value: play.play }] : own;
  });
}

/** What a card that is through comes to: one work entry, and the findings it raised. Refused while steps are left. */
export function finishRun(
  run: Run,
  now: Instant,
): Result<Outcome, { readonly code: 'not-through'; readonly key: string }> {
  const left = currentStep(run);
  if (left) return fail({ code: 'not-through', key: left.key });
  const noted = run.card.steps.flatMap((step): Noted[] => {
    const record = run.records[step.key];
    return step.place && record ? [{ step, place: step.place, record }] : [];
  });
  const places = run.card.jobs.map((job) => job.place);
  const work: WorkBody = {
    jobs: run.card.jobs.map((job) => ({ ...job })),
    from: 'bench',
    minutes: minutesOf(run, now),
    readings: readingsOf(run, noted),
    conditions: noted.flatMap(({ step, place, record }) =>
      step.subjects.flatMap((subject) => {
        const grade = record.grades[subject];
        return grade === undefined ? [] : [{ place, subject, grade }];
      }),
    ),
    materials: places.flatMap((place) => {
      const grease = run.records[`pack ${place}`]?.readings['grease'];
      return grease === undefined ? [] : [{ place, grease: grease as Thickener }];
    }),
    renewed: places.flatMap((place) => {
      const sets = renewedIn(run, place);
      return [
        ...(sets === 'inner' || sets === 'both' ? [{ place, part: 'inner-set' as const }] : []),
        ...(sets === 'outer' || sets === 'both' ? [{ place, part: 'outer-set' as const }] : []),
        { place, part: 'seal' as const },
      ];
    }),
    refits: places.map((place) => ({ place, limits: [...run.card.rechecks] })),
    skipped: Object.entries(run.records)
      .filter(([, record]) => record.state === 'skipped')
      .map(([step, record]) => ({ step, reason: record.reason ?? '' })),
  };
  const raised: RaisedFinding[] = noted.flatMap(({ step, place, record }) => {
    const back = record.readings['slots-back'];
    const set = typeof back === 'number' ? nutPlay(run.model, place, back) : undefined;
    const outside: RaisedFinding[] =
      set && set.judgement.verdict !== 'clear' && 'window' in set.judgement
        ? [{ cause: 'end-play', place, verdict: 'due', play: set.play, window: set.judgement.window }]
        : [];
    return [...outside, ...gradeFindings(run, step, record)];
  });
  return ok({
    work,
    findings: [...raised, ...run.findings.map((said): RaisedFinding => ({ cause: 'said', ...said }))],
  });
}
