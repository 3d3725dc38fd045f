import type { FindingState, RigState } from '../log';
import type { WheelEnd } from '../rig';
import type { Duty } from './duty';

/** May it be towed: yes, yes after some work, no, or nobody can say. */
export type Fitness = 'fit' | 'after' | 'unknown' | 'not';

/** Work begun on the bench and not closed. */
export interface OpenWork {
  readonly session: string;
  readonly place: WheelEnd;
  /** Nuts loose, something off, or brakes untested: the rig may not be towed. */
  readonly unfit: boolean;
  readonly step: number;
  readonly steps: number;
}

/** One reason behind a tow verdict. */
export type TowReason =
  | { readonly kind: 'open-work'; readonly fitness: Fitness; readonly work: OpenWork }
  | { readonly kind: 'finding'; readonly fitness: Fitness; readonly finding: FindingState }
  | { readonly kind: 'duty'; readonly fitness: Fitness; readonly duty: Duty };

/** The one verdict on towing, with every reason in order of weight. */
export interface TowVerdict {
  readonly fitness: Fitness;
  readonly reasons: readonly TowReason[];
}

const WEIGHT: Record<Fitness, number> = { fit: 0, after: 1, unknown: 2, not: 3 };

const OF_FINDING = { watch: 'fit', due: 'after', stop: 'not' } as const;
const OF_DUTY = {
  clear: undefined,
  soon: 'fit',
  unknown: 'unknown',
  due: 'after',
  overdue: 'after',
} as const;

/** The tow verdict of a rig from its duties, its findings and the work left open. */
export function towVerdict(rig: RigState, duties: readonly Duty[], open: readonly OpenWork[]): TowVerdict {
  const reasons: TowReason[] = [
    ...open
      .filter((work) => work.unfit)
      .map((work): TowReason => ({ kind: 'open-work', fitness: 'not', work })),
    ...Object.values(rig.findings).map((finding): TowReason => ({
      kind: 'finding',
      fitness: OF_FINDING[finding.verdict],
      finding,
    })),
    ...duties.flatMap((duty): TowReason[] => {
      const fitness = OF_DUTY[duty.verdict];
      return fitness ? [{ kind: 'duty', fitness, duty }] : [];
    }),
  ];
  const ordered = reasons.sort((a, b) => WEIGHT[b.fitness] - WEIGHT[a.fitness]);
  const worst = ordered[0]?.fitness ?? 'fit';
  return { fitness: rig.model ? worst : 'unknown', reasons: ordered };
}
