import type { Conflict } from '../judge';
import type { FindingState, RigState, RoadLimits } from '../log';
import { FITNESS_SCALE, fitnessOfSafety, fitnessOfVerdict, type Fitness } from '../base';
import { routineDef, type RoutinePlace, type WorkId } from '../rules';
import type { Duty } from './duty';

/** Work begun on the bench and not closed. */
export interface OpenWork {
  readonly session: string;
  readonly place: RoutinePlace;
  /** What is done there on its card. */
  readonly works: readonly WorkId[];
  /** Why it was put down, where that was said. */
  readonly parked?: string;
  /** Nuts loose, something off, or brakes untested: the rig may not be towed. */
  readonly unfit: boolean;
  readonly step: number;
  readonly steps: number;
}

/** The open card that does some work at a place, by itself or by the way; another card there is another matter. */
export function cardDoing(
  open: readonly OpenWork[],
  { routine, place }: { readonly routine: WorkId; readonly place: RoutinePlace },
): OpenWork | undefined {
  return open.find(
    (work) =>
      work.place === place &&
      work.works.some(
        (one) => one === routine || (routineDef(one).covers as readonly WorkId[]).includes(routine),
      ),
  );
}

/** One reason behind a tow verdict. */
export type TowReason =
  | { readonly kind: 'open-work'; readonly fitness: Fitness; readonly work: OpenWork }
  | { readonly kind: 'finding'; readonly fitness: Fitness; readonly finding: FindingState }
  /** Limits that are graver together than each alone. */
  | { readonly kind: 'limits'; readonly fitness: Fitness; readonly limits: RoadLimits }
  | { readonly kind: 'conflict'; readonly fitness: Fitness; readonly conflict: Conflict }
  | { readonly kind: 'duty'; readonly fitness: Fitness; readonly duty: Duty };

/** The one verdict on towing, with every reason in order of weight. */
export interface TowVerdict {
  readonly fitness: Fitness;
  readonly reasons: readonly TowReason[];
}

/** What a duty says of towing; nothing where it is only upkeep that can wait, or a finding says it already. */
function fitnessOf(duty: Duty): Fitness | undefined {
  if (duty.reason === 'finding' || duty.within) return undefined;
  if (duty.reason === 'no-figure') return 'fit';
  if (duty.matter === 'safety') return fitnessOfSafety(duty.verdict);
  return duty.verdict === 'due' || duty.verdict === 'overdue' ? 'fit' : undefined;
}

/** The tow verdict of a rig from its duties, its findings and how far they let it roll together, the work left open, and what does not agree in it. */
export function towVerdict(
  rig: RigState,
  duties: readonly Duty[],
  open: readonly OpenWork[],
  conflicts: readonly Conflict[] = [],
  limits?: RoadLimits,
): TowVerdict {
  const reasons: TowReason[] = [
    // Graver together, or on the road, than each finding tells by itself.
    ...(limits && (limits.joined || (limits.roll === 'stay' && limits.by.verdict !== 'stop'))
      ? [{ kind: 'limits' as const, fitness: 'not' as const, limits }]
      : []),
    ...open
      .filter((work) => work.unfit)
      .map((work): TowReason => ({ kind: 'open-work', fitness: 'not', work })),
    ...Object.values(rig.findings).map((finding): TowReason => ({
      kind: 'finding',
      fitness: fitnessOfVerdict(finding.verdict),
      finding,
    })),
    ...conflicts.map((conflict): TowReason => ({
      kind: 'conflict',
      fitness: fitnessOfVerdict(conflict.verdict),
      conflict,
    })),
    ...duties.flatMap((duty): TowReason[] => {
      const fitness = fitnessOf(duty);
      return fitness ? [{ kind: 'duty', fitness, duty }] : [];
    }),
  ];
  const ordered = reasons.sort((a, b) => FITNESS_SCALE.gravestFirst(a.fitness, b.fitness));
  const worst = ordered[0]?.fitness ?? 'fit';
  return { fitness: rig.model ? worst : 'unknown', reasons: ordered };
}

/** How many jobs some reasons come to: what is done in one walk round the rig is one, however many places it has. */
export function jobsIn(reasons: readonly TowReason[]): number {
  const jobs = reasons.map((reason, i) =>
    reason.kind === 'duty' && reason.duty.routine !== 'lug-recheck' && routineDef(reason.duty.routine).round
      ? reason.duty.routine
      : i,
  );
  return new Set(jobs).size;
}
