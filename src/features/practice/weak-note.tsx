'use client';

import { weakSpots } from '@/core/practice';
import type { Subject } from '@/core/rules';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { capital, gradeWords, SUBJECT_WORDS, words } from '@/text';
import { LinkButton, Mark } from '@/ui';
import { useProgress } from './use-progress';

/** Before the real thing: what was taken for something milder in practice, of what is looked at there. */
export default function WeakNote({ subjects }: { subjects: readonly Subject[] }) {
  const { units } = usePreferences();
  const { progress } = useProgress();
  const [spot] = progress ? weakSpots(progress, subjects) : [];
  if (!spot) return null;
  const { subject, grade, said, times } = spot;
  return (
    <p
      role="note"
      aria-label="From practice"
      className="border-soon flex flex-wrap items-center gap-x-3 gap-y-1 border-l-4 py-1 pl-3"
    >
      <Mark mark="soon" />
      <span className="min-w-0 flex-1 basis-60">
        {capital(SUBJECT_WORDS[subject].name)}: in practice you took “{gradeWords(subject, grade, units)}” for
        “{gradeWords(subject, said, units)}” {words(times, 'time')}.
      </span>
      <LinkButton look="quiet" href={to('practice', undefined, { drill: 'grade', of: subject })}>
        Practice it
      </LinkButton>
    </p>
  );
}
