import type { RigState } from '../log';
import type { Card } from '../routine';

/** How long a card takes (min): as its steps usually take, or its owner took for them, and the span it is likely to lie in. */
export interface CardTime {
  readonly minutes: number;
  readonly low: number;
  readonly high: number;
  /** How much of it (0–1) rests on its owner's own pace. */
  readonly own: number;
}

/** How far off the usual minutes of a step may be, where its owner's pace is not known: our estimate. */
const UNKNOWN = 0.4;
/** The least a pace is off, however often it was taken. */
const KNOWN = 0.12;

/** The time of a card with its span: steps of one kind are off together, kinds apart from each other. */
export function timeOf(card: Pick<Card, 'steps'>, pace: RigState['pace']): CardTime {
  const byAct = new Map<string, number>();
  for (const { step, minutes } of card.steps) byAct.set(step, (byAct.get(step) ?? 0) + minutes);
  let total = 0;
  let own = 0;
  let spread = 0;
  for (const [act, minutes] of byAct) {
    total += minutes;
    const known = pace[act];
    const recent = known?.recent ?? [];
    const middle = known?.minutes ?? 0;
    const off =
      known && middle > 0
        ? Math.max(KNOWN, ...recent.map((one) => Math.min(1, Math.abs(one - middle) / middle)))
        : UNKNOWN;
    if (known) own += minutes;
    spread += (minutes * off) ** 2;
  }
  const by = Math.sqrt(spread);
  return { minutes: total, low: Math.max(0, total - by), high: total + by, own: total > 0 ? own / total : 0 };
}
