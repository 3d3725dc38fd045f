import type { TowReason } from '../duty';
import { findingKey } from '../log';
import { gearDef, isGear, isSpare } from '../rig';
import { GO_SCALE, goOfFitness, goOfVerdict, type Go } from '../rules';
import type { Judged } from './answers';
import type { WalkItem } from './walk';

/** One reason for a decision, gravest first. */
export type GoReason =
  | { readonly kind: 'seen'; readonly weight: Go; readonly judged: Judged }
  | { readonly kind: 'skipped'; readonly weight: Go; readonly item: WalkItem }
  | { readonly kind: 'unjudged'; readonly weight: Go; readonly judged: Judged }
  | { readonly kind: 'standing'; readonly weight: Go; readonly reason: TowReason };

/** What a walk comes to. */
export interface GoVerdict {
  readonly go: Go;
  readonly reasons: readonly GoReason[];
  /** Nothing forbids it by rule: its owner may go with care, and says why. */
  readonly mayGo: boolean;
}

/** True for an item without which nobody can say that it is fit to go. */
function isCritical({ place }: Pick<WalkItem, 'place'>): boolean {
  if (place === 'rig') return true;
  return isGear(place) ? gearDef(place).critical === true : !isSpare(place);
}

/** A low tire that was filled there is not what keeps it home; one far too low is until its cause is found. */
function weightOf({ verdict, answer }: Judged): Go {
  if (verdict === undefined) return 'care';
  if (verdict !== 'stop' && answer.set !== undefined) return verdict === 'clear' ? 'clear' : 'care';
  return goOfVerdict(verdict);
}

/**
 * Whether to go, from what a walk saw and skipped and what stood against it before. What is due keeps it home
 * unless its owner decides otherwise; a stop does not.
 */
export function goVerdict(
  judged: readonly Judged[],
  skipped: readonly WalkItem[],
  standing: readonly TowReason[],
): GoVerdict {
  const seenAt = new Set(
    judged.flatMap(({ item, answer }) => {
      if (answer.as === 'skipped') return [];
      const by = answer.value !== undefined && item.reads ? item.reads : item.subject;
      return [`${by}@${item.place}`];
    }),
  );
  const reasons: GoReason[] = [
    ...judged
      .filter(({ answer }) => answer.as !== 'skipped')
      .map((one): GoReason =>
        one.verdict === undefined
          ? { kind: 'unjudged', weight: 'care', judged: one }
          : { kind: 'seen', weight: weightOf(one), judged: one },
      ),
    ...skipped.map((item): GoReason => ({
      kind: 'skipped',
      weight: isCritical(item) ? 'care' : 'clear',
      item,
    })),
    ...standing
      .filter((reason) => {
        // What was looked at just now is told by this walk.
        if (reason.kind !== 'finding') return true;
        const key = findingKey(reason.finding.place, reason.finding.of);
        return key === undefined || !seenAt.has(key);
      })
      .map((reason): GoReason => ({ kind: 'standing', weight: goOfFitness(reason.fitness), reason })),
  ];
  const heavy = reasons.filter(({ weight }) => weight !== 'clear');
  const ordered = heavy.sort((a, b) => GO_SCALE.gravestFirst(a.weight, b.weight));
  const stops = heavy.some(
    (one) =>
      (one.kind === 'seen' && one.judged.verdict === 'stop') ||
      (one.kind === 'standing' && one.reason.fitness === 'not'),
  );
  return { go: ordered[0]?.weight ?? 'clear', reasons: ordered, mayGo: !stops };
}
