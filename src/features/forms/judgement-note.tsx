'use client';

import { useEffect, useRef, type ReactNode } from 'react';
import { type Verdict, markOfVerdict } from '@/core/base';
import { VERDICT_WORDS } from '@/text';
import { cx, Mark } from '@/ui';

/** The edge of a note by its verdict. */
export const VERDICT_EDGE: Record<Verdict, string> = {
  clear: 'border-l-clear',
  watch: 'border-l-soon',
  due: 'border-l-due',
  stop: 'border-l-stop',
};

/** A verdict the moment it is known: shape, word, reason, source. */
export function JudgementNote({
  verdict,
  children,
  source,
}: {
  verdict: Verdict;
  children: ReactNode;
  source?: string | undefined;
}) {
  const note = useRef<HTMLDivElement>(null);
  // Chosen below the fold, it comes up above the buttons by itself.
  useEffect(() => {
    note.current?.scrollIntoView({ block: 'nearest' });
  }, [verdict, children]);
  return (
    <div
      ref={note}
      role="status"
      className={cx(
        'bg-sheet border-line flex scroll-mt-20 scroll-mb-26 gap-3 rounded-sheet border border-l-[6px] px-4 py-3',
        VERDICT_EDGE[verdict],
      )}
    >
      <span className="mt-0.5">
        <Mark mark={markOfVerdict(verdict)} size={22} />
      </span>
      <div>
        <p>
          <strong>{VERDICT_WORDS[verdict]}.</strong> {children}
        </p>
        {source && <p className="text-soft text-[0.92rem]">{source}</p>}
      </div>
    </div>
  );
}
