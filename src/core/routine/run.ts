import type { Instant } from '../base';
import type { Found, InstrumentNamed } from '../log';
import { isWheelEnd, type RigModel, type WheelEnd } from '../rig';
import type { RoutinePlace, Subject, TorqueId } from '../rules';
import type { Card, CardStep } from './card';

/** What was written down at a step. */
export interface StepRecord {
  readonly state: 'done' | 'skipped';
  readonly at: Instant;
  readonly readings: Readonly<Record<string, number | string>>;
  /** Which instrument a reading was taken from. */
  readonly sources?: Readonly<Record<string, InstrumentNamed>>;
  readonly grades: Readonly<Partial<Record<Subject, string>>>;
  /** Why it was left out. */
  readonly reason: string | undefined;
  readonly note?: string;
  /** Which of the two shoes a defect is on, seen facing forward. */
  readonly shoe?: 'front' | 'rear' | 'both';
  /** Closed along with others by one tap for a chapter. */
  readonly byChapter?: true;
}

/** Something that is not right, kept with a card: reported by hand, or left by a branch or a guess. */
export type SaidFinding = Pick<Found, 'place' | 'verdict' | 'text' | 'of'>;

/** A card being worked through. A value: each tap makes the next one. */
export interface Run {
  readonly id: string;
  readonly rig: string;
  readonly model: RigModel;
  readonly card: Card;
  /** The step in hand; as many as there are steps when all are through. */
  readonly index: number;
  readonly records: Readonly<Record<string, StepRecord>>;
  readonly findings: readonly SaidFinding[];
  readonly started: Instant;
  readonly touched: Instant;
  /** Why it was put down, while it is. */
  readonly parked: string | undefined;
}

/** True where a step was done at a place, or once for the card. */
export const did = (run: Run, act: string, place: RoutinePlace | undefined) =>
  run.records[place === undefined ? act : `${act} ${place}`]?.state === 'done';

/** What was renewed at a wheel end beside the seal. */
export function renewedIn(run: Run, place: WheelEnd): 'none' | 'inner' | 'outer' | 'both' {
  const another = run.card.jobs.some((job) => job.routine === 'hub-build' && job.place === place);
  if (another || run.card.steps.some((step) => step.step === 'match-hub' && step.place === place))
    return 'both';
  const said = run.records[`renew ${place}`]?.readings['renewed'];
  return said === 'inner' || said === 'outer' || said === 'both' ? said : 'none';
}

/** Begins a card. */
export function startRun(id: string, rig: string, model: RigModel, card: Card, at: Instant): Run {
  return {
    id,
    rig,
    model,
    card,
    index: 0,
    records: {},
    findings: [],
    started: at,
    touched: at,
    parked: undefined,
  };
}

/** Where a card sets nuts to the full figure for dry threads: the rounds that a torque nobody gave, or a guess, spoils. */
function dryRounds(card: Card): readonly WheelEnd[] {
  const places = card.steps.flatMap(({ round, threads, place }) =>
    round && threads === 'dry' && place !== undefined && isWheelEnd(place) ? [place] : [],
  );
  return [...new Set(places)];
}

/** True where a card sets or checks nuts on dry threads. */
export function needsDryTorque(card: Card): boolean {
  return card.steps.some(
    ({ round, step, threads }) => (round !== undefined || step === 'check-lugs') && threads === 'dry',
  );
}

/** The bolts that a card brings to a figure nobody told; a guess is none, but for lug nuts, whose guess is asked about by itself. */
export function torquesMissing(card: Card): readonly TorqueId[] {
  const missing = card.steps.flatMap((step): readonly TorqueId[] => {
    if (step.torque) return step.torque.value === undefined ? [step.torque.of] : [];
    return step.round?.share === 1 && step.round.torque === undefined ? ['lug'] : [];
  });
  return [...new Set(missing)];
}

/** A card on which some bolts are passed over: each stays open and is a stop. */
export function passedOver(card: Card, unset: readonly TorqueId[]): Card {
  return unset.length > 0 ? { ...card, unset } : card;
}

/** A run whose torque is a guess (N·m) that its owner took on: each wheel torqued to it stays an open finding. */
export function torquedToGuess(run: Run, guess: number, at: Instant): Run {
  return dryRounds(run.card).reduce(
    (so, place) => findingAt(so, { place, verdict: 'due', of: { guess } }, at),
    run,
  );
}

/** The step in hand; none when the card is through. */
export function currentStep(run: Run): CardStep | undefined {
  return run.card.steps[run.index];
}

/** A run one step back, what was written there kept. */
export function back(run: Run, at: Instant): Run {
  return { ...run, index: Math.max(0, run.index - 1), touched: at };
}

/** A run with something reported at the step in hand. */
export function findingAt(run: Run, finding: SaidFinding, at: Instant): Run {
  return { ...run, findings: [...run.findings, finding], touched: at };
}

/** A run put down for a while, with the reason on record. */
export function park(run: Run, reason: string, at: Instant): Run {
  return { ...run, parked: reason.trim() || undefined, touched: at };
}
