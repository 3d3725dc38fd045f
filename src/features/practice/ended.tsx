'use client';

import { useEffect, useRef, type ReactNode } from 'react';
import { markOfVerdict, type Verdict } from '@/core/base';
import { VERDICT_EDGE } from '@/features/forms';
import { cx, Mark } from '@/ui';

/** How a drill ended: the verdict of what was made by shape and words, and why; where only an answer was given there is none. */
export function Ended({
  verdict,
  title,
  children,
}: {
  verdict?: Verdict;
  title: string;
  children: ReactNode;
}) {
  const box = useRef<HTMLElement>(null);
  useEffect(() => {
    box.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  return (
    <section
      ref={box}
      role="status"
      aria-label="How it ended"
      className={cx(
        'bg-sheet border-line grid scroll-mb-26 gap-3 rounded-sheet border border-l-[6px] px-4 py-4',
        verdict ? VERDICT_EDGE[verdict] : 'border-l-ink',
      )}
    >
      <h2 className="flex items-center gap-3 text-2xl">
        {verdict && <Mark mark={markOfVerdict(verdict)} size={28} />}
        {title}
      </h2>
      {children}
    </section>
  );
}
