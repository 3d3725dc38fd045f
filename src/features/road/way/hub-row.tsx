'use client';

import Link from 'next/link';
import { markOfVerdict } from '@/core/base';
import type { Answer, Judged, WalkItem } from '@/core/road';
import { ReadingField } from '@/features/forms';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { inUnits, judgedWords, UNJUDGED_WORDS, VERDICT_WORDS } from '@/text';
import { hubByHand } from '@/text/way';
import { cx, Mark } from '@/ui';

/** How long a hand can stay on a hub, in the three grades one feels. */
const HAND = [
  { grade: 'held', word: 'Cool', means: 'over 5 s' },
  { grade: 'briefly', word: 'Warm', means: '1 to 5 s' },
  { grade: 'too-hot', word: 'Hot', means: 'not at all' },
] as const;

const answerOf = (grade: (typeof HAND)[number]['grade']): Answer =>
  grade === 'held' ? { as: 'clear', by: 'hand' } : { as: 'not-right', grade, by: 'hand' };

const isChosen = (answer: Answer | undefined, grade: string) =>
  answer?.value === undefined &&
  (answer?.as === 'clear' ? grade === 'held' : answer?.as === 'not-right' && answer.grade === grade);

/** A hub at a stop, by hand or by thermometer, judged at once against its mate. */
export function HubRow({
  rig,
  mate,
  item,
  judged,
  air,
  byThermometer,
  onAnswer,
}: {
  rig: string;
  /** How the hub across the axle was found by hand at this stop, and where it is. */
  mate: { readonly place: string; readonly cool: boolean } | undefined;
  item: WalkItem;
  judged: Judged | undefined;
  air: number | undefined;
  byThermometer: boolean;
  onAnswer: (answer: Answer | undefined) => void;
}) {
  const { units } = usePreferences();
  const answer = judged?.answer;
  const byHand = answer?.value === undefined;
  const words =
    judged?.verdict && answer?.as !== 'skipped'
      ? byHand
        ? inUnits(hubByHand(answer?.grade, mate), units)
        : `${judgedWords(judged, units).said}.`
      : undefined;
  return (
    <li className="border-line border-b py-2.5">
      <div className="flex items-center gap-3">
        <span className="figures w-11 text-2xl font-semibold">{item.place}</span>
        {byThermometer ? (
          <div className="flex-1">
            <ReadingField
              label={`Hub ${item.place}`}
              what="hub-temp"
              at={{ rig, place: item.place }}
              dimension="temperature"
              value={answer?.value}
              air={air}
              onValue={(value, from) =>
                onAnswer(
                  value === undefined
                    ? undefined
                    : { as: 'clear', value, by: from ? 'instrument' : 'thermometer', ...(from && { from }) },
                )
              }
            />
          </div>
        ) : (
          <div role="radiogroup" aria-label={`Hub ${item.place}`} className="grid flex-1 grid-cols-3 gap-2">
            {HAND.map(({ grade, word, means }) => {
              const chosen = isChosen(answer, grade);
              return (
                <button
                  key={grade}
                  type="button"
                  role="radio"
                  aria-checked={chosen}
                  onClick={() => onAnswer(answerOf(grade))}
                  className={cx(
                    'min-h-16 rounded-sheet border-[1.5px] px-1 leading-tight',
                    !chosen
                      ? 'border-line bg-sheet'
                      : grade === 'held'
                        ? 'border-clear bg-accent-wash shadow-[inset_0_-6px_0_var(--clear)]'
                        : grade === 'briefly'
                          ? 'border-soon bg-soon-wash shadow-[inset_0_-6px_0_var(--soon)]'
                          : 'border-due bg-due-wash shadow-[inset_0_-6px_0_var(--due)]',
                  )}
                >
                  <span className="block text-lg font-semibold">{word}</span>
                  <span className="text-soft block text-[0.86rem]">{means}</span>
                </button>
              );
            })}
          </div>
        )}
      </div>
      {judged?.unjudged && <p role="status">{UNJUDGED_WORDS[judged.unjudged]}</p>}
      {judged?.verdict && judged.verdict !== 'clear' && (
        <p role="status" className="mt-1.5 flex items-start gap-2">
          <Mark mark={markOfVerdict(judged.verdict)} size={22} />
          <span>
            <strong>{VERDICT_WORDS[judged.verdict]}.</strong> {words}
            {judged.verdict !== 'watch' && (
              <Link
                prefetch={false}
                className="ml-2 inline-block min-h-9 font-semibold underline underline-offset-4"
                href={to('trouble', rig, {
                  seen: 'hot',
                  at: item.place,
                  hub: byHand ? undefined : answer?.value,
                })}
              >
                Take it through Trouble
              </Link>
            )}
          </span>
        </p>
      )}
    </li>
  );
}
