'use client';

import type { Instant } from '@/core/base';
import { judgeGrade } from '@/core/judge';
import type { RigState } from '@/core/log';
import { THICKENERS, type Subject } from '@/core/rules';
import type { Changes } from '@/core/rig';
import type { CardStep, Reading, Run } from '@/core/routine';
import {
  gradesOf,
  gradeWords,
  READING_WORDS,
  RENEWED_WORDS,
  ruleWords,
  SUBJECT_WORDS,
  THICKENER_WORDS,
} from '@/text';
import { Button, Choice, Field } from '@/ui';
import type { StepInput } from './inputs';
import { JudgementNote } from './judgement-note';
import { NutSetting } from './nut-setting';

interface Props {
  readonly run: Run;
  readonly rig: RigState | undefined;
  readonly step: CardStep;
  readonly input: StepInput;
  readonly now: Instant;
  readonly onInput: (input: StepInput) => void;
  readonly onFact: (changes: Changes) => void;
}

function ReadingInput({
  run,
  rig,
  step,
  input,
  now,
  onInput,
  onFact,
  reading,
}: Props & { reading: Reading }) {
  const { what } = reading;
  const value = input.readings[what];
  const words = READING_WORDS[what];
  const set = (text: string) => onInput({ ...input, readings: { ...input.readings, [what]: text } });
  const optional = reading.must ? '' : ', if it can be read';
  switch (what) {
    case 'slots-back':
      return step.place ? (
        <NutSetting
          run={run}
          rig={rig}
          place={step.place}
          value={value}
          onChange={set}
          onFact={onFact}
          now={now}
        />
      ) : null;
    case 'grease': {
      const last = step.place && rig?.grease[step.place];
      return (
        <>
          <Choice
            label={words.label}
            hint={last ? `${THICKENER_WORDS[last]} went in last time.` : words.hint}
            columns="grid-cols-2"
            big
            options={THICKENERS.map((thickener) => ({ value: thickener, label: THICKENER_WORDS[thickener] }))}
            value={THICKENERS.find((thickener) => thickener === value)}
            onChange={set}
          />
          {last && value && value !== last && (
            <p className="border-soon border-l-4 pl-4">
              Another thickener than last time. Mixed, two kinds can thin each other: every trace of the old
              one has to be out.
            </p>
          )}
        </>
      );
    }
    case 'renewed':
      return (
        <Choice
          label={words.label}
          hint={words.hint}
          columns="grid-cols-1 sm:grid-cols-2"
          big
          options={Object.entries(RENEWED_WORDS).map(([key, label]) => ({ value: key, label }))}
          value={value}
          onChange={set}
        />
      );
    case 'nuts-counted':
    case 'nuts-started': {
      const studs = run.model.wheels.studs;
      const off = value !== undefined && value !== '' && Number(value) !== studs;
      return (
        <div className="grid gap-2">
          <div className="flex items-end gap-3">
            <Field
              className="max-w-48"
              label={words.label}
              unit={words.unit}
              inputMode="numeric"
              big
              value={value ?? ''}
              onChange={(event) => set(event.target.value)}
              hint={words.hint}
            />
            <Button size="lg" className="mb-auto mt-8" onClick={() => set(String(studs))}>
              All {studs}
            </Button>
          </div>
          {off && what === 'nuts-counted' && (
            <JudgementNote verdict="due">
              This wheel has {studs} studs. A nut missing or a stud broken is reported before the wheel goes
              back on.
            </JudgementNote>
          )}
        </div>
      );
    }
    default:
      return (
        <Field
          label={words.label + optional}
          hint={words.hint}
          unit={words.unit}
          inputMode={what === 'strokes' ? 'numeric' : 'text'}
          autoCapitalize="characters"
          maxLength={40}
          value={value ?? ''}
          onChange={(event) => set(event.target.value)}
        />
      );
  }
}

function GradeInput({
  subject,
  input,
  onInput,
}: {
  subject: Subject;
  input: StepInput;
  onInput: (input: StepInput) => void;
}) {
  const grade = input.grades[subject];
  const judged = grade === undefined ? undefined : judgeGrade(subject, grade);
  return (
    <div className="grid gap-2.5">
      <Choice
        label={SUBJECT_WORDS[subject].ask}
        columns="grid-cols-2"
        big
        options={gradesOf(subject).map((value) => ({ value, label: gradeWords(subject, value) }))}
        value={grade}
        onChange={(value) => onInput({ ...input, grades: { ...input.grades, [subject]: value } })}
      />
      {judged && <JudgementNote verdict={judged.verdict}>{ruleWords(judged, '')}</JudgementNote>}
    </div>
  );
}

/** Everything a step asks for, each judged the moment it is known. */
export function StepInputs(props: Props) {
  const { step, input, onInput } = props;
  const numbers = step.readings.length > 2;
  return (
    <>
      {step.subjects.map((subject) => (
        <GradeInput key={subject} subject={subject} input={input} onInput={onInput} />
      ))}
      {step.readings.length > 0 && (
        <div className={numbers ? 'grid gap-3 sm:grid-cols-2' : 'grid gap-4'}>
          {step.readings.map((reading) => (
            <ReadingInput key={reading.what} {...props} reading={reading} />
          ))}
        </div>
      )}
    </>
  );
}
