import { broughtIn, reviewRig, type Conflict } from '@/core/judge';
import type { PartState } from '@/core/log';
import type { PartFacts, PartKind } from '@/core/rig';
import type { RigView } from '@/features/rigs';

/** What a part would contradict if it sat at a place: told before it is kept. */
export function wouldContradict(
  view: RigView,
  part: { readonly kind: PartKind; readonly at: PartState['at']; readonly facts: PartFacts },
  replaces?: string,
): readonly Conflict[] {
  const { rig, model, house, now } = view;
  const before = reviewRig({ model, parts: rig.parts }, house, now);
  const others = Object.entries(rig.parts).filter(
    ([id, one]) => id !== replaces && !(one.kind === part.kind && one.at === part.at && part.at !== 'shelf'),
  );
  const tried: PartState = {
    ...part,
    id: 'tried',
    since: now,
    rolled: 0,
    rolledKnown: false,
    rigDistance: rig.distance,
    grade: undefined,
  };
  const parts = { ...Object.fromEntries(others), tried };
  // What a part leaves behind on the Yard as something to watch is no contradiction to ask about.
  return broughtIn(before, reviewRig({ model, parts }, house, now)).filter(
    ({ code }) => code !== 'tire-aging',
  );
}
