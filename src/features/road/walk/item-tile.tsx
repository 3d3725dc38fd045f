'use client';

import { markOfVerdict } from '@/core/base';
import type { Answer, Judged, WalkItem } from '@/core/road';
import { usePreferences } from '@/store';
import { itemWords, judgedWords, measure, small, VERDICT_WORDS, inUnits } from '@/text';
import { cx, Mark, markColor } from '@/ui';

/** What one tap on a tile says: clear, and of a cold tire that it reads its target. */
function cleanAnswer({ reads }: WalkItem, target: number | undefined): Answer {
  return reads === 'pressure' && target !== undefined
    ? { as: 'clear', value: target, by: 'gauge' }
    : { as: 'clear', by: reads === 'hub-temp' ? 'hand' : 'eye' };
}

function CleanWords({
  item,
  judged,
  warm,
  target,
}: {
  item: WalkItem;
  judged: Judged | undefined;
  warm: boolean;
  target: number | undefined;
}) {
  const { units } = usePreferences();
  const clear = inUnits(itemWords(item).clear, units);
  if (judged?.answer.as === 'skipped') return <>Skipped: not checked</>;
  if (judged && (judged.verdict !== 'clear' || judged.answer.value !== undefined))
    return (
      <>
        {judged.verdict && judged.verdict !== 'clear' && (
          <strong className={markColor(markOfVerdict(judged.verdict))}>
            {VERDICT_WORDS[judged.verdict]}.{' '}
          </strong>
        )}
        {judgedWords(judged, units).said}
      </>
    );
  if (judged && item.reads === 'pressure') return <>Checked, not read</>;
  if (item.reads === 'pressure' && warm) return <>full by eye; the gauge goes under “other”</>;
  if (item.reads === 'pressure')
    return target === undefined ? (
      <>looks full; target not known</>
    ) : (
      <>{measure(target, 'pressure', units)}, on target</>
    );
  return <>{clear}</>;
}

/** One thing to look at: one tap says it is clear, the smaller one beside it that it is not. */
export function ItemTile({
  item,
  judged,
  at,
  warm,
  target,
  open,
  onAnswer,
  onOpen,
}: {
  item: WalkItem;
  judged: Judged | undefined;
  /** Where it is, where a stop has more than one place. */
  at: string | undefined;
  /** The tires have rolled: a tap says nothing of their pressure. */
  warm: boolean;
  /** The cold pressure a tire should read (Pa). */
  target: number | undefined;
  /** Its fields are open below. */
  open: boolean;
  onAnswer: (answer: Answer | undefined) => void;
  onOpen: () => void;
}) {
  const { name: what } = itemWords(item);
  const name = at === undefined ? what : `${at} ${small(what)}`;
  const word = item.reads === 'pressure' ? 'other' : 'not right';
  const answer = judged?.answer;
  const clean = answer?.as === 'clear' && judged?.verdict !== 'watch';
  const bad = answer?.as === 'not-right';
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_5.6rem] gap-2.5">
      <button
        type="button"
        aria-pressed={clean}
        onClick={() => onAnswer(clean ? undefined : cleanAnswer(item, warm ? undefined : target))}
        className={cx(
          'flex min-h-18 items-center gap-3 rounded-sheet border-[1.5px] px-4 py-2 text-left',
          clean
            ? 'border-clear bg-accent-wash shadow-[inset_6px_0_0_var(--clear)]'
            : judged?.verdict === 'watch'
              ? 'border-soon bg-soon-wash shadow-[inset_6px_0_0_var(--soon)]'
              : bad
                ? 'border-due bg-due-wash shadow-[inset_6px_0_0_var(--due)]'
                : 'border-line bg-sheet',
        )}
      >
        <span className="min-w-0 flex-1">
          <span className="block text-lg leading-tight font-semibold">
            {at !== undefined && <span className="figures mr-2 text-xl">{at}</span>}
            {at === undefined ? what : small(what)}
          </span>
          <span className={cx('block text-[0.94rem] leading-snug', clean ? 'text-ink' : 'text-soft')}>
            <CleanWords item={item} judged={judged} warm={warm} target={target} />
          </span>
        </span>
        {judged?.verdict && <Mark mark={markOfVerdict(judged.verdict)} size={24} spoken />}
      </button>
      <button
        type="button"
        aria-expanded={open}
        aria-label={`${word}: ${name}`}
        onClick={onOpen}
        className={cx(
          'min-h-18 rounded-sheet border-[1.5px] px-1 leading-tight font-semibold',
          open || bad ? 'border-due text-due bg-due-wash' : 'border-line bg-sheet text-due',
        )}
      >
        {word}
      </button>
    </div>
  );
}
