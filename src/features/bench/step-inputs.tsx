'use client';

import { useRef, useState } from 'react';
import { markOfVerdict, type Verdict } from '@/core/base';
import { READINGS, type Subject } from '@/core/rules';
import type { CardStep, Reading } from '@/core/routine';
import { usePreferences } from '@/store';
import { gradeWords, READING_WORDS, small, SUBJECT_WORDS, VERDICT_WORDS } from '@/text';
import { Button, Mark } from '@/ui';
import { GradeInput } from './grade-input';
import { asksMore, unitOf, verdictAt, type StepInput } from './inputs';
import { ReadingInput, type InputProps } from './reading-input';

interface Props extends InputProps {
  /** Hears of a grade that was tapped. */
  readonly onGrade?: ((subject: Subject, grade: string) => void) | undefined;
}

/** Choices and counters take the whole width; what is typed stands side by side. */
function isWide({ what }: Reading): boolean {
  const { as } = READINGS[what];
  return as === 'choice' || as === 'count';
}

/** Everything a step asks for, each judged the moment it is known; with gloves on one thing at a time. */
export function StepInputs({ onGrade, ...props }: Props) {
  const { run, step, input, onInput } = props;
  const { gloves } = usePreferences();
  const numbers = step.readings.length > 2;
  if (gloves && step.subjects.length + step.readings.length > 1)
    return <OneByOne {...props} onGrade={onGrade} />;
  return (
    <>
      {step.subjects.map((subject) => (
        <GradeInput
          key={subject}
          run={run}
          step={step}
          subject={subject}
          input={input}
          onInput={onInput}
          onTap={onGrade}
        />
      ))}
      {step.readings.length > 0 && (
        <div className={numbers ? 'grid gap-3 sm:grid-cols-2' : 'grid gap-4'}>
          {step.readings.map((reading) => (
            <div key={reading.what} className={isWide(reading) ? 'grid gap-3 sm:col-span-full' : 'grid'}>
              <ReadingInput {...props} reading={reading} />
            </div>
          ))}
        </div>
      )}
    </>
  );
}

type Question = { readonly subject: Subject } | { readonly reading: Reading };

const idOf = (question: Question) =>
  'subject' in question ? `grade ${question.subject}` : question.reading.what;

const questionsOf = (step: CardStep): readonly Question[] => [
  ...step.subjects.map((subject) => ({ subject })),
  ...step.readings.map((reading) => ({ reading })),
];

function isAnswered(question: Question, { grades, readings }: StepInput): boolean {
  return 'subject' in question
    ? grades[question.subject] !== undefined
    : (readings[question.reading.what] ?? '') !== '';
}

/** The verdict of a question that gave way to the next one, where it is not clear. */
function RowVerdict({ of }: { of: Verdict | undefined }) {
  if (of === undefined || of === 'clear') return null;
  return (
    <span className="flex shrink-0 items-center gap-1.5 self-center font-semibold">
      <Mark mark={markOfVerdict(of)} size={20} /> {VERDICT_WORDS[of]}
    </span>
  );
}

/** The question in hand in full, the ones before and after it as rows to go back to: what has to be tapped stays above the fold. */
function OneByOne({ onGrade, ...props }: Props) {
  const { run, step, input, onInput } = props;
  const { units } = usePreferences();
  const [chosen, setChosen] = useState<string>();
  const tapped = useRef(false);
  const questions = questionsOf(step);
  const must = questions.filter((one) => 'subject' in one || one.reading.must);
  const next = must.find((one) => !isAnswered(one, input));
  const open = questions.find((one) => idOf(one) === chosen) ?? next;
  const label = (question: Question) =>
    'subject' in question
      ? SUBJECT_WORDS[question.subject].ask
      : READING_WORDS[question.reading.what].label + (question.reading.must ? '' : ', if it can be read');
  const answer = (question: Question) => {
    if ('subject' in question) {
      const grade = input.grades[question.subject];
      return grade === undefined ? undefined : small(gradeWords(question.subject, grade, units));
    }
    const { what } = question.reading;
    const text = input.readings[what] ?? '';
    const unit = unitOf(what, input.units);
    return text === '' ? undefined : unit ? `${text} ${unit}` : text;
  };
  return (
    <div className="grid gap-3">
      {questions.map((question) =>
        question === open ? (
          <div key={idOf(question)} className="grid gap-2">
            {'subject' in question ? (
              <GradeInput
                run={run}
                step={step}
                subject={question.subject}
                input={input}
                onInput={(after) => {
                  // Arrow keys only choose: they come past grades that are not meant.
                  const over = tapped.current && !asksMore(run, question.subject, after);
                  setChosen(over ? undefined : idOf(question));
                  tapped.current = false;
                  onInput(after);
                }}
                onTap={(subject, grade) => {
                  tapped.current = input.grades[subject] !== grade;
                  if (!tapped.current) setChosen(undefined);
                  onGrade?.(subject, grade);
                }}
              />
            ) : (
              <ReadingInput
                {...props}
                reading={question.reading}
                onInput={(after) => {
                  setChosen(idOf(question));
                  onInput(after);
                }}
              />
            )}
            {next && next !== open && isAnswered(open, input) && (
              <Button size="lg" onClick={() => setChosen(undefined)}>
                Next: {small(label(next))}
              </Button>
            )}
          </div>
        ) : (
          <button
            key={idOf(question)}
            type="button"
            data-low="row"
            onClick={() => setChosen(idOf(question))}
            className="border-line flex items-baseline gap-3 border-b px-1 text-left"
          >
            <span className="min-w-0 flex-1">{label(question)}</span>
            <strong className="shrink-0">{answer(question) ?? '–'}</strong>
            {'subject' in question && <RowVerdict of={verdictAt(run, question.subject, input)} />}
          </button>
        ),
      )}
    </div>
  );
}
