import { addDays, type Instant } from '@/core/base';
import { drilled, graded, NO_PROGRESS, type GradeCard, type Progress } from '@/core/practice';
import type { GradeId } from '@/core/rules';

type Shown = readonly [GradeCard['subject'], grade: GradeId, said: GradeId, daysAgo: number];

/** What somebody graded who is too kind to seals and linings. */
const SHOWN: readonly Shown[] = [
  ['seal', 'weeping', 'damp', 9],
  ['tire-wall', 'crazed', 'crazed', 9],
  ['tire-wall', 'cracks', 'cracks', 9],
  ['lining', 'cracked', 'hairline', 9],
  ['lining', 'hairline', 'hairline', 9],
  ['rollers', 'stained', 'stained', 9],
  ['seal', 'weeping', 'damp', 2],
  ['lining', 'cracked', 'cracked', 2],
  ['old-grease', 'water', 'water', 2],
  ['weld', 'rust', 'rust', 2],
];

/** What was practiced in the demo yard. */
export function demoProgress(now: Instant): Progress {
  const shown = SHOWN.reduce<Progress>(
    (progress, [subject, grade, said, ago]) => graded(progress, { subject, grade }, said, addDays(now, -ago)),
    NO_PROGRESS,
  );
  const star = drilled(shown, 'star', true, addDays(now, -10), 'bring-home');
  const grade = drilled(star, 'grade', false, addDays(now, -9), 'its-tires');
  return drilled(drilled(grade, 'nut', false, addDays(now, -2)), 'nut', true, addDays(now, -2));
}
