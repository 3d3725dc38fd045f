import { findingOf, stampEntries, walkEntries } from '@/core/record';
import type { TowVerdict } from '@/core/duty';
import { advance, type RoadLimits } from '@/core/log';
import { compileWalk, judgeWalk, type TowAfter } from '@/core/road';
import { rigView, type RigView, type Rigs } from '@/features/rigs';
import { barredLugs } from './barred-lugs';
import type { WalkDraft } from './walk-draft';

/** The verdict on towing once this walk is on record, and what of it the walk does not tell itself. */
export interface AfterWalk extends TowAfter {
  readonly tow: TowVerdict;
  /** How far it may roll by all that is found on it together. */
  readonly limits: RoadLimits | undefined;
}

/** What every page will say of towing once this walk is on record. */
export function towAfter(
  view: RigView,
  ready: Extract<Rigs, { status: 'ready' }>,
  draft: WalkDraft,
): AfterWalk {
  const { rig, model, house, now } = view;
  const walk = compileWalk(draft.walk, model, draft.order, barredLugs(view));
  const still = { tow: view.tow, limits: view.limits, fitness: view.tow.fitness, reasons: view.tow.reasons };
  // Asked at its end alone: a tap on the way waits for nothing.
  if (draft.at < walk.zones.length) return still;
  const judged = judgeWalk(walk, draft.answers, {
    rig,
    model,
    house,
    around: draft.around,
    at: draft.started,
    walk: draft.walk,
  });
  let n = 0;
  // Of this moment only: these ids are never written.
  const newId = () => `00000000-0000-7000-8000-${String((n += 1)).padStart(12, '0')}`;
  const drafts = walkEntries({
    ...draft,
    photos: [],
    walk,
    judged,
    rig,
    model,
    house,
    decision: undefined,
    minutes: 0,
    newId,
  });
  const entries = stampEntries({ entries: [], newest: '' }, rig.id, drafts, now, newId);
  const after = advance(ready.state, ready.log.end, entries)?.rigs[rig.id];
  const then = after && rigView(after, ready.runs, now, ready.houseRules, ready.houseSeason);
  if (!then) return still;
  const told = new Set(drafts.flatMap((one) => findingOf(one) ?? []));
  return {
    tow: then.tow,
    limits: then.limits,
    fitness: then.tow.fitness,
    reasons: then.tow.reasons.filter((one) => one.kind !== 'finding' || !told.has(one.finding.id)),
  };
}
