import type { Duty } from '../duty';
import { remedyOf } from '../judge';
import type { FindingState, RigState } from '../log';
import { isWheelEnd, type RigModel } from '../rig';
import {
  compile,
  missingMates,
  needsOf,
  PLANS,
  type Card,
  type CompileProblem,
  type Job,
  type Pace,
} from '../routine';
import { routineDef, type HouseRules, type Matter, type SeasonDates } from '../rules';

/** One rig as far as planning goes. */
export interface PlanRig {
  readonly rig: RigState;
  readonly model: RigModel;
  readonly house: HouseRules;
  readonly season: SeasonDates | undefined;
  readonly duties: readonly Duty[];
  /** What is on an open card is being done, and is not planned. */
  readonly open: readonly Job[];
}

/** Work that is planned as one: on the same day, on one card. */
export interface PlanWork {
  readonly id: string;
  readonly rig: string;
  readonly jobs: readonly [Job, ...Job[]];
  readonly matter: Matter;
  /** The duties that it answers; none where a finding alone asks for it. */
  readonly duties: readonly Duty[];
  /** What was found and this puts right. */
  readonly findings: readonly FindingState[];
  /** It stands against towing: it has to be done before the next trip. */
  readonly forbids: boolean;
  /** Its card by itself. */
  readonly card: Card;
  /** Parts it puts in that are neither here nor on order. */
  readonly partsMissing: boolean;
}

/** Something that is due and cannot be planned yet, and why. */
export interface Unplanned {
  readonly rig: string;
  readonly duty: Duty | undefined;
  readonly finding: FindingState | undefined;
  readonly why: CompileProblem | 'no-figure' | 'shop';
}

/** What is to be planned for a rig, and what cannot be. */
export interface WorkAndRest {
  readonly works: readonly PlanWork[];
  readonly rest: readonly Unplanned[];
}

/** How long its owner takes for each kind of step (min), as the Bench has it. */
function paceOf({ pace }: Pick<RigState, 'pace'>): Pace {
  return Object.fromEntries(Object.entries(pace).map(([act, { minutes }]) => [act, minutes]));
}

const keyOf = ({ routine, place }: Job) => `${routine}@${place}`;

/** The card of some jobs of a rig, as the Bench lays it out. */
export function cardOf(
  { rig, model, house }: Pick<PlanRig, 'rig' | 'model' | 'house'>,
  jobs: readonly Job[],
) {
  return compile(model, jobs, house, { threads: rig.threads, pace: paceOf(rig) });
}

/** Minutes of a card. */
export function minutesOfCard(card: Pick<Card, 'steps'>): number {
  return card.steps.reduce((sum, { minutes }) => sum + minutes, 0);
}

interface Asked {
  readonly jobs: readonly [Job, ...Job[]];
  readonly duties: readonly Duty[];
  readonly findings: readonly FindingState[];
}

/** What is walked round in one go and stood alike when it was last done is one. */
function roundKey(duty: Duty): string | undefined {
  const { routine, from, verdict, reason } = duty;
  if (routine === 'lug-recheck' || !routineDef(routine).round) return undefined;
  // What raises a corner shares it with other work there: each place is planned by itself.
  if (PLANS[routine]?.corner !== undefined || isWheelEnd(duty.place)) return undefined;
  return `${routine} ${from?.at.slice(0, 10) ?? ''} ${verdict} ${reason}`;
}

/** Everything that a rig's duties and findings ask to be done on a yard day, each once. */
function askedOf({ duties, rig, model, house, open }: PlanRig): readonly Asked[] {
  const inHand = new Set(open.map(keyOf));
  const byKey = new Map<string, Asked>();
  const rounds = new Map<string, string>();
  for (const duty of duties) {
    const { routine, place } = duty;
    // Rechecks are done on the road, rinsing after each launch, a walkaround before each trip; what another does by the way is that one.
    if (routine === 'lug-recheck' || routine === 'rinse' || PLANS[routine] === undefined || duty.within)
      continue;
    if (duty.reason === 'no-figure' || inHand.has(`${routine}@${place}`)) continue;
    const job: Job = { routine, place };
    const round = roundKey(duty);
    const first = round === undefined ? undefined : rounds.get(round);
    const there = first === undefined ? undefined : byKey.get(first);
    if (first !== undefined && there) {
      byKey.set(first, { ...there, jobs: [...there.jobs, job], duties: [...there.duties, duty] });
      continue;
    }
    if (round !== undefined) rounds.set(round, keyOf(job));
    byKey.set(keyOf(job), { jobs: [job], duties: [duty], findings: duty.finding ? [duty.finding] : [] });
  }
  const findings = Object.values(rig.findings);
  for (const finding of findings) {
    if (finding.verdict === 'watch') continue;
    for (const job of remedyOf(finding, { model, house, findings }).jobs) {
      if (PLANS[job.routine] === undefined || inHand.has(keyOf(job))) continue;
      const there = byKey.get(keyOf(job));
      if (there?.findings.some(({ id }) => id === finding.id)) continue;
      byKey.set(
        keyOf(job),
        there
          ? { ...there, findings: [...there.findings, finding] }
          : { jobs: [job], duties: [], findings: [finding] },
      );
    }
  }
  return paired([...byKey.values()], model, house);
}

/** What goes in axle pairs is one piece of work for both sides. */
function paired(asked: readonly Asked[], model: RigModel, house: HouseRules): readonly Asked[] {
  const gone = new Set<Asked>();
  return asked.flatMap((one): readonly Asked[] => {
    if (gone.has(one)) return [];
    let { duties, findings } = one;
    const mates = missingMates(one.jobs, model, house);
    for (const mate of mates) {
      const other = asked.find((two) => two !== one && two.jobs.some((job) => keyOf(job) === keyOf(mate)));
      if (!other) continue;
      gone.add(other);
      duties = [...duties, ...other.duties];
      findings = [...findings, ...other.findings];
    }
    return [{ jobs: [...one.jobs, ...mates], duties, findings }];
  });
}

const WEIGHT: Readonly<Record<Matter, number>> = { safety: 2, moment: 1, upkeep: 0 };

function matterOf({ duties, findings, jobs }: Asked): Matter {
  // What was found is as grave as it was told: only upkeep that is found wanting stays upkeep.
  const told = [
    ...duties.map(({ matter }) => matter),
    ...(findings.length > 0 ? jobs.map(({ routine, place }) => routineDef(routine).matter(place)) : []),
  ];
  return told.reduce<Matter>((gravest, one) => (WEIGHT[one] > WEIGHT[gravest] ? one : gravest), 'upkeep');
}

/** What is to be planned for a rig: each piece of work with its card, and what is due and cannot be laid out. */
export function workOfRig(about: PlanRig): WorkAndRest {
  const { rig, model } = about;
  const works: PlanWork[] = [];
  const rest: Unplanned[] = [];
  const asked = askedOf(about);
  for (const one of asked) {
    const card = cardOf(about, one.jobs);
    if (!card.ok) {
      rest.push({ rig: rig.id, duty: one.duties[0], finding: one.findings[0], why: card.error });
      continue;
    }
    const [first] = one.jobs;
    const matter = matterOf(one);
    const pressing = one.duties.some(({ verdict }) => verdict === 'due' || verdict === 'overdue');
    works.push({
      id: `${rig.id} ${keyOf(first)}`,
      rig: rig.id,
      jobs: one.jobs,
      matter,
      duties: one.duties,
      findings: one.findings,
      forbids: one.findings.length > 0 || (matter === 'safety' && pressing),
      card: card.value,
      partsMissing: needsOf(card.value, model, rig).parts.some(({ shelf, ordered }) => !shelf && !ordered),
    });
  }
  for (const duty of about.duties)
    if (duty.reason === 'no-figure') rest.push({ rig: rig.id, duty, finding: undefined, why: 'no-figure' });
  for (const finding of Object.values(rig.findings)) {
    const { jobs } = remedyOf(finding, { ...about, findings: Object.values(rig.findings) });
    if (finding.verdict !== 'watch' && (jobs.length === 0 || finding.waits))
      rest.push({ rig: rig.id, duty: undefined, finding, why: 'shop' });
  }
  return { works, rest };
}
