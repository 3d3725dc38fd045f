'use client';

import type { SeasonList, SeasonItem, Duty } from '@/core/duty';
import { dutyHref, Named, type RigView } from '@/features/rigs';
import { DutyAction, type DutyActions } from '@/features/duties';
import type { WalkId } from '@/core/log';
import type { SeasonTime } from '@/core/rules';
import { markOfDuty } from '@/core/base';
import { to } from '@/links';
import { day, routineTitle, WALK_WORDS } from '@/text';
import { cx, LinkButton, Mark } from '@/ui';

/** The walk that does the looks of a time of the season. */
const WALKS_OF: Record<SeasonTime, WalkId> = { commission: 'spring', mid: 'twice', layup: 'layup' };

/** When the last of some duties was done. */
function lastDone(duties: readonly Duty[]): string | undefined {
  return duties
    .map((duty) => duty.from?.at ?? '')
    .sort()
    .at(-1);
}

function Item({
  item,
  chapter,
  view,
  actions,
}: {
  item: SeasonItem;
  chapter: SeasonList;
  view: RigView;
  actions: DutyActions;
}) {
  const left = item.duties.filter((duty) => !item.done.includes(duty));
  const all = left.length === 0;
  const [first] = left;
  const known = first ?? item.duties[0];
  const done = lastDone(item.done);
  const places = (all ? item.duties : left).map((duty) => duty.place);
  return (
    <li className="border-line grid grid-cols-[1.75rem_1fr_auto] items-center gap-x-3 border-b py-2.5">
      {first ? <Mark mark={markOfDuty(first.verdict)} size={24} spoken /> : <Mark mark="clear" size={24} />}
      <div className={cx('min-w-0', all && 'text-soft')}>
        <p className={cx(!all && 'font-semibold')}>
          {known ? (
            <Named href={dutyHref(view.rig.id, known)}>{routineTitle(item.routine, places)}</Named>
          ) : (
            routineTitle(item.routine, places)
          )}
        </p>
        <p className="text-soft text-[0.92rem]">
          {done &&
            `${all ? 'done' : `${item.done.length} of ${item.duties.length} done, last`} ${day(done, view.now)}`}
          {!done && (first?.from ? `last ${day(first.from.at, view.now)}` : 'no record yet')}
        </p>
      </div>
      {first && chapter.open && <DutyAction view={view} duties={left} actions={actions} />}
    </li>
  );
}

/** What one time of the season asks of a rig, as the very duties it has, each with its tick. */
export function ChapterList({
  chapter,
  view,
  actions,
}: {
  chapter: SeasonList;
  view: RigView;
  actions: DutyActions;
}) {
  // What is left comes first.
  const items = [...chapter.items].sort(
    (a, b) => Number(a.done.length === a.duties.length) - Number(b.done.length === b.duties.length),
  );
  const walk = WALKS_OF[chapter.time];
  return (
    <>
      <ul>
        {items.map((item) => (
          <Item key={item.routine} item={item} chapter={chapter} view={view} actions={actions} />
        ))}
      </ul>
      {chapter.open && (
        <LinkButton className="mt-3" href={to('road', view.rig.id, { walk })}>
          Do these checks in one walkaround: {WALK_WORDS[walk].title.toLowerCase()}
        </LinkButton>
      )}
    </>
  );
}
