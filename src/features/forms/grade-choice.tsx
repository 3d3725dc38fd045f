'use client';

import { gradesOf, gradeVerdict, type HouseRules, type Subject } from '@/core/rules';
import { markOfVerdict } from '@/core/base';
import { usePreferences } from '@/store';
import { gradeWords, SUBJECT_WORDS, VERDICT_WORDS } from '@/text';
import { Choice, Condition, isDrawn, Mark } from '@/ui';

/** The grades of a subject to choose from, each as it looks where it is drawn, with the verdict it carries. */
export function GradeChoice({
  subject,
  value,
  onChange,
  onTap,
  house,
  worseOnly = false,
  braked = true,
  label = SUBJECT_WORDS[subject].ask,
  error,
}: {
  subject: Subject;
  value: string | undefined;
  onChange: (grade: string) => void;
  /** Hears of a grade that was tapped, as against one that the arrow keys came past. */
  onTap?: ((grade: string) => void) | undefined;
  house?: HouseRules | undefined;
  /** Leaves out what is clear: it was said already that this is not. */
  worseOnly?: boolean;
  /** False where there is no brake whose shoes could rub. */
  braked?: boolean;
  label?: string;
  error?: string | undefined;
}) {
  const { units } = usePreferences();
  const drawn = isDrawn(subject);
  const grades = gradesOf(subject, braked).filter(
    (grade) => !worseOnly || gradeVerdict(subject, grade, house) !== 'clear',
  );
  return (
    <Choice
      label={label}
      columns={
        drawn
          ? 'grid-cols-[repeat(auto-fill,minmax(9.25rem,1fr))]'
          : 'grid-cols-2 sm:grid-cols-[repeat(auto-fit,minmax(11rem,1fr))]'
      }
      big
      top={drawn}
      error={error}
      options={grades.map((grade) => {
        const verdict = gradeVerdict(subject, grade, house) ?? 'due';
        return {
          value: grade,
          label: gradeWords(subject, grade, units),
          drawing: drawn && <Condition subject={subject} grade={grade} />,
          hint: (
            <span className="flex items-center gap-1.5">
              <Mark mark={markOfVerdict(verdict)} size={14} />
              {VERDICT_WORDS[verdict].toLowerCase()}
            </span>
          ),
        };
      })}
      value={value}
      onChange={onChange}
      onTap={onTap}
    />
  );
}
