'use client';

import { GradeChoice, JudgementNote } from '@/features/forms';
import { judgeGrade } from '@/core/judge';
import type { UnitSystem } from '@/core/base';
import { axleAt, type Subject } from '@/core/rules';
import { isWheelEnd, matesOf } from '@/core/rig';
import type { CardStep, Run } from '@/core/routine';
import { gradeWords, ruleWords, small } from '@/text';
import { Choice } from '@/ui';
import type { InputProps } from './reading-input';

const SHOES = [
  { value: 'front', label: 'Front shoe' },
  { value: 'rear', label: 'Rear shoe' },
  { value: 'both', label: 'Both' },
] as const;

/** One subject of a step to grade, judged at once; a tap on a grade can be the step's Done. */
export function GradeInput({
  run,
  step,
  subject,
  input,
  onInput,
  onTap,
}: Pick<InputProps, 'run' | 'step' | 'input' | 'onInput'> & {
  subject: Subject;
  onTap: ((subject: Subject, grade: string) => void) | undefined;
}) {
  const { house } = run.card;
  const grade = input.grades[subject];
  const judged =
    grade === undefined ? undefined : judgeGrade(subject, grade, house, (other) => input.grades[other]);
  const braked = step.place === undefined || axleAt(run.model, step.place)?.brake !== 'none';
  const across = gradedAcross(run, step, subject, input.units);
  return (
    <div className="grid gap-2.5">
      <GradeChoice
        subject={subject}
        house={house}
        braked={braked}
        value={grade}
        onChange={(value) => onInput({ ...input, grades: { ...input.grades, [subject]: value } })}
        onTap={onTap && ((value) => onTap(subject, value))}
      />
      {judged && <JudgementNote verdict={judged.verdict}>{ruleWords(judged, '')}</JudgementNote>}
      {subject === 'lining' && judged && judged.verdict !== 'clear' && (
        <Choice
          label="Which shoe, facing forward"
          columns="grid-cols-3"
          options={SHOES}
          value={input.shoe}
          onChange={(shoe) => onInput({ ...input, shoe })}
        />
      )}
      {across && <p className="text-soft">{across}</p>}
    </div>
  );
}

/** What was graded across the axle on this card, minutes ago. */
function gradedAcross(run: Run, step: CardStep, subject: Subject, units: UnitSystem): string | undefined {
  const { place } = step;
  if (place === undefined || !isWheelEnd(place)) return undefined;
  const mate = matesOf(place, run.model).across;
  const grade = run.card.steps
    .filter((one) => one.place === mate)
    .map(({ key }) => run.records[key]?.grades[subject])
    .find((one) => one !== undefined);
  return grade === undefined
    ? undefined
    : `${mate}, on this card: ${small(gradeWords(subject, grade, units))}.`;
}
