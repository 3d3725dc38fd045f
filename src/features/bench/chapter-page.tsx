'use client';

import { Volume2 } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { ok, type Instant, type Result } from '@/core/base';
import type { RigState } from '@/core/log';
import { guardsLife, type CardStep, type Run, type Tap } from '@/core/routine';
import { usePreferences } from '@/store';
import { PHASE_WORDS, small, stepWords, unstoredWords } from '@/text';
import { Button, cx, FieldError, reported, useOnce } from '@/ui';
import { CardFooter } from './card-footer';
import { inputOf, isAnswered, nextQuestion, tapOf, type StepInput } from './inputs';
import { ReportDialog } from './report-dialog';
import { SkipDialog } from './skip-dialog';
import { StepInputs } from './step-inputs';
import { useReadAloud } from './use-read-aloud';
import { useStepKeys } from './use-step-keys';
import { useStepInputs } from './use-typed';
import type { RunActions } from './use-run-actions';

/** One tap for the steps of a chapter, on to the first that guards a life: for whoever knows the job. */
export function ChapterPage({
  run,
  rig,
  steps,
  now,
  actions,
  onAlone,
}: {
  run: Run;
  rig: RigState | undefined;
  /** At least one: those that the tap closes. */
  steps: readonly [CardStep, ...CardStep[]];
  now: Instant;
  actions: RunActions;
  /** Goes to one step by itself. */
  onAlone: (key: string) => void;
}) {
  const { units } = usePreferences();
  const typed = useStepInputs(run.id);
  const [left, setLeft] = useState<Readonly<Record<string, string>>>({});
  const [leaving, setLeaving] = useState<CardStep>();
  const [reporting, setReporting] = useState(false);
  const [problem, setProblem] = useState<{ readonly key?: string; readonly text: string }>();
  const once = useOnce();
  const heading = useRef<HTMLHeadingElement>(null);
  const words = (step: CardStep) => stepWords(step, run.model, run.card, units);

  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }, []);

  const [first] = steps;
  const last = steps[steps.length - 1] ?? first;
  const inputAt = (step: CardStep) => typed.inputs[step.key] ?? inputOf(run.records[step.key], units);
  const change = (step: CardStep, input: StepInput) => {
    setProblem(undefined);
    typed.change(step.key, input);
  };
  const tapAt = (step: CardStep): Result<Tap, string> => {
    const reason = left[step.key];
    return reason === undefined ? tapOf(step, inputAt(step)) : ok({ do: 'skip', reason });
  };
  /** Closes the steps on to one of them. */
  const closeTo = (until: CardStep) =>
    once(async () => {
      const taps = new Map<string, Tap>();
      for (const step of steps.slice(0, steps.indexOf(until) + 1)) {
        const tapped = tapAt(step);
        if (!tapped.ok) return setProblem({ key: step.key, text: tapped.error });
        taps.set(step.key, tapped.value);
      }
      try {
        const taken = await actions.through(until.key, taps);
        setProblem(taken.ok ? undefined : taken.error);
      } catch (error) {
        setProblem({ text: unstoredWords(error) });
      }
    });
  const back = () => reported(once(() => actions.back()));
  useStepKeys({ done: () => reported(closeTo(last)), back });
  const alone = (step: CardStep) => {
    const before = steps[steps.indexOf(step) - 1];
    onAlone(step.key);
    if (before) reported(closeTo(before));
  };
  const place = steps.find((step) => step.place !== undefined)?.place;
  const asking = steps.find((step) => left[step.key] === undefined && !isAnswered(step, inputAt(step)));
  const again = useReadAloud(
    first.key,
    [
      `${PHASE_WORDS[first.phase]}.`,
      ...steps.flatMap((step) => {
        const { title, caution } = words(step);
        return [`${title}.`, ...(caution ? [`Careful. ${caution}`] : [])];
      }),
    ],
    asking && nextQuestion(asking, inputAt(asking)),
  );

  return (
    <form
      noValidate
      className="flex min-w-0 flex-1 flex-col"
      onSubmit={(event) => {
        event.preventDefault();
        reported(closeTo(last));
      }}
    >
      <div className="max-w-[56rem] flex-1 px-4 py-5 md:px-8">
        <h1 ref={heading} tabIndex={-1} className="text-3xl outline-none md:text-[2.6rem]">
          {PHASE_WORDS[first.phase]}
          {place !== undefined && place !== 'rig' && ` · ${place}`}
        </h1>
        <ol className="border-ink mt-4 border-t-2">
          {steps.map((step) => (
            <li
              key={step.key}
              className={cx(
                'border-line grid gap-3 border-b py-3',
                guardsLife(step) && 'border-l-due bg-due-wash border-l-[6px] pr-3 pl-4',
              )}
            >
              <StepLine words={words(step)} onAlone={() => alone(step)} />
              {left[step.key] === undefined ? (
                <StepInputs
                  run={run}
                  rig={rig}
                  step={step}
                  input={inputAt(step)}
                  now={now}
                  onInput={(input) => change(step, input)}
                  onFact={(changes) => reported(actions.fact(changes))}
                />
              ) : (
                <p className="text-soft">Left out: {small(left[step.key] ?? '')}.</p>
              )}
              {step.optional && (
                <p>
                  <Button
                    onClick={() =>
                      left[step.key] === undefined
                        ? setLeaving(step)
                        : setLeft(
                            Object.fromEntries(Object.entries(left).filter(([key]) => key !== step.key)),
                          )
                    }
                  >
                    {left[step.key] === undefined ? 'Leave out' : 'Do it after all'}
                  </Button>
                </p>
              )}
              {problem?.key === step.key && <FieldError>{problem.text}</FieldError>}
            </li>
          ))}
        </ol>
        {again && (
          <Button className="mt-4" onClick={again}>
            <Volume2 aria-hidden size={20} /> Say again
          </Button>
        )}
      </div>
      <CardFooter
        of={first.key}
        problem={
          problem?.key === undefined
            ? problem?.text
            : `${words(steps.find(({ key }) => key === problem.key) ?? first).short}: ${problem.text}`
        }
        done={guardsLife(last) ? `Done: ${small(words(last).title)}` : `All ${steps.length} done`}
        onBack={run.index > 0 ? back : undefined}
        onWrong={() => setReporting(true)}
      />
      {reporting && (
        <ReportDialog
          place={place ?? 'rig'}
          // Another way on belongs to one step: it is offered where that one is by itself.
          branches={[]}
          onBranch={() => undefined}
          onSay={(finding) => reported(actions.say(finding))}
          onClose={() => setReporting(false)}
        />
      )}
      {leaving && (
        <SkipDialog
          title={words(leaving).title}
          onClose={() => setLeaving(undefined)}
          onSkip={(reason) => {
            setLeft({ ...left, [leaving.key]: reason });
            setLeaving(undefined);
          }}
        />
      )}
    </form>
  );
}

/** One step in a line, its caution always in sight, and how it is done behind a tap. */
function StepLine({ words, onAlone }: { words: ReturnType<typeof stepWords>; onAlone: () => void }) {
  return (
    <div>
      <details>
        <summary className="min-h-11 py-1.5 cursor-pointer text-xl leading-snug font-semibold">
          {words.title}
        </summary>
        <p className="mt-1 max-w-[60ch]">{words.how}</p>
        <Button className="mt-2" onClick={onAlone}>
          Open this step by itself
        </Button>
      </details>
      {words.caution && (
        <p className="mt-1">
          <strong className="text-due">Careful</strong> {words.caution}
        </p>
      )}
    </div>
  );
}
