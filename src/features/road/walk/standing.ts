import { stampEntries, walkEntries } from '@/core/record';
import type { TowReason } from '@/core/duty';
import { advance } from '@/core/log';
import { compileWalk, judgeWalk } from '@/core/walk';
import { rigView, type RigView, type Rigs } from '@/features/rigs';
import { barredLugs } from './barred-lugs';
import type { WalkDraft } from './walk-draft';

/** What would stand against towing once this walk is on record, the findings it opens left aside: it tells those itself. */
export function standingAfter(
  view: RigView,
  ready: Extract<Rigs, { status: 'ready' }>,
  draft: WalkDraft,
): readonly TowReason[] {
  const { rig, model, house, now } = view;
  const walk = compileWalk(draft.walk, model, draft.order, barredLugs(view));
  // Asked at its end alone: a tap on the way waits for nothing.
  if (draft.at < walk.zones.length) return [];
  const judged = judgeWalk(walk, draft.answers, {
    rig,
    model,
    house,
    around: draft.around,
    at: draft.started,
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
  const told = drafts.filter(({ kind }) => kind === 'walk' || kind === 'recheck');
  const entries = stampEntries({ entries: [], newest: '' }, rig.id, told, now, newId);
  const after = advance(ready.state, ready.log.end, entries)?.rigs[rig.id];
  const then = after && rigView(after, ready.runs, now, ready.houseRules, ready.houseSeason);
  return (then ?? view).tow.reasons;
}
