import type { TowReason } from '../../duty';
import { gearDef, isGear, isSpare } from '../../rig';
import { GO_SCALE, goOfFitness, goOfVerdict, type Fitness, type Go } from '../../base';
import { standsAs, type Judged } from './answers';
import type { WalkItem } from './walk';

/** One reason for a decision, gravest first. */
export type GoReason =
  | { readonly kind: 'seen'; readonly weight: Go; readonly judged: Judged }
  | { readonly kind: 'skipped'; readonly weight: Go; readonly item: WalkItem }
  | { readonly kind: 'unjudged'; readonly weight: Go; readonly judged: Judged }
  /** Pressures that nobody read, together. */
  | { readonly kind: 'unread'; readonly weight: Go; readonly items: readonly WalkItem[] }
  | { readonly kind: 'standing'; readonly weight: Go; readonly reason: TowReason };

/** What a walk comes to. */
export interface GoVerdict {
  readonly go: Go;
  readonly reasons: readonly GoReason[];
  /** Nothing forbids it by rule: its owner may go with care, and says why. */
  readonly mayGo: boolean;
}

/** The verdict on towing once the walk is on record, the very one that every page shows, and what of it the walk does not tell itself. */
export interface TowAfter {
  readonly fitness: Fitness;
  readonly reasons: readonly TowReason[];
}

/** True for an item without which nobody can say that it is fit to go. */
function isCritical({ place }: Pick<WalkItem, 'place'>): boolean {
  if (place === 'rig') return true;
  return isGear(place) ? gearDef(place).critical === true : !isSpare(place);
}

/**
 * Whether to go: by the verdict on towing once this walk is on record; where that is fit, with care for what the walk
 * watched or skipped. What is due keeps it home unless its owner decides otherwise; a stop does not.
 */
export function goVerdict(
  judged: readonly Judged[],
  skipped: readonly WalkItem[],
  after: TowAfter = { fitness: 'fit', reasons: [] },
): GoVerdict {
  const unread = judged.filter(({ unjudged }) => unjudged === 'not-read').map(({ item }) => item);
  const reasons: GoReason[] = [
    ...(unread.length > 0 ? [{ kind: 'unread' as const, weight: 'care' as const, items: unread }] : []),
    ...judged
      .filter(({ answer, unjudged }) => answer.as !== 'skipped' && unjudged !== 'not-read')
      .map((one): GoReason => {
        const stands = standsAs(one);
        return stands === undefined
          ? { kind: 'unjudged', weight: 'care', judged: one }
          : { kind: 'seen', weight: goOfVerdict(stands), judged: one };
      }),
    ...skipped.map((item): GoReason => ({
      kind: 'skipped',
      weight: isCritical(item) ? 'care' : 'clear',
      item,
    })),
    ...after.reasons.map((reason): GoReason => ({
      kind: 'standing',
      weight: goOfFitness(reason.fitness),
      reason,
    })),
  ];
  const ordered = reasons
    .filter(({ weight }) => weight !== 'clear')
    .sort((a, b) => GO_SCALE.gravestFirst(a.weight, b.weight));
  const worst = ordered[0]?.weight ?? 'clear';
  return {
    go: GO_SCALE.worse(goOfFitness(after.fitness), worst),
    reasons: ordered,
    mayGo: after.fitness !== 'not' && !judged.some((one) => standsAs(one) === 'stop'),
  };
}
