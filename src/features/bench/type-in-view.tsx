'use client';

import { useState } from 'react';
import type { Instant } from '@/core/base';
import type { RigState } from '@/core/log';
import { CRITERIA } from '@/core/rules';
import { typeIn, type CardStep, type Run, type TapProblem } from '@/core/routine';
import { toCard } from '@/links';
import { useFormUnits, useYard } from '@/store';
import { PHASE_WORDS, READING_WORDS, stepWords, tapWords, unstoredWords } from '@/text';
import { Button, FieldError, LinkButton, reported } from '@/ui';
import { readInput, type StepInput } from './inputs';
import { StepInputs } from './step-inputs';
import { useRunActions } from './use-run-actions';

/** What stands on a sheet where all was well and nothing else was marked. */
function allWell(step: CardStep, input: StepInput, studs: number): StepInput {
  const counts = step.readings
    .filter(
      ({ what }) => ['nuts-counted', 'nuts-started', 'studs-done'].includes(what) && !input.readings[what],
    )
    .map(({ what }) => [what, String(studs)] as const);
  const none = step.readings
    .filter(({ what }) => what === 'renewed' && !input.readings[what])
    .map(() => ['renewed', 'none'] as const);
  const best = step.subjects
    .filter((subject) => !input.grades[subject])
    .map((subject) => [subject, Object.keys(CRITERIA[subject])[0]] as const);
  return {
    ...input,
    readings: { ...input.readings, ...Object.fromEntries([...counts, ...none]) },
    grades: { ...Object.fromEntries(best), ...input.grades },
  };
}

/** A sheet that was filled in by hand, typed in: only what was written down, step by step in one list. */
export function TypeInView({ run, rig, now }: { run: Run; rig: RigState | undefined; now: Instant }) {
  const units = useFormUnits();
  const { store } = useYard();
  const actions = useRunActions(run);
  const [inputs, setInputs] = useState<Readonly<Record<string, StepInput>>>({});
  const [left, setLeft] = useState<readonly string[]>([]);
  const [problem, setProblem] = useState<{ readonly key: string; readonly text: string }>();
  const steps = run.card.steps.slice(run.index);
  const asking = steps.filter(
    (step) => step.subjects.length > 0 || step.readings.length > 0 || step.optional,
  );
  const inputOf = (step: CardStep) => inputs[step.key] ?? { units, readings: {}, grades: {} };

  const save = async () => {
    for (const step of asking) {
      const [bad] = readInput(step, inputOf(step)).bad;
      if (bad) return setProblem({ key: step.key, text: `${READING_WORDS[bad].label}: enter a number.` });
    }
    let stopped: { readonly key: string; readonly why: TapProblem } | undefined;
    try {
      await store.updateRun(run.id, (current) => {
        const typed = typeIn(
          current,
          (step) =>
            left.includes(step.key)
              ? { do: 'skip', reason: 'left out on paper' }
              : {
                  do: 'done',
                  readings: readInput(step, inputOf(step)).readings,
                  grades: inputOf(step).grades,
                  ...(inputOf(step).shoe && { shoe: inputOf(step).shoe }),
                },
          store.clock.now(),
        );
        stopped = typed.stopped;
        return typed.run;
      });
    } catch (error) {
      return setProblem({ key: '', text: unstoredWords(error) });
    }
    setProblem(stopped && { key: stopped.key, text: tapWords(stopped.why) });
  };

  return (
    <form
      noValidate
      className="mx-auto w-full max-w-[60rem] px-4 py-5 md:px-8"
      onSubmit={(event) => {
        event.preventDefault();
        reported(save());
      }}
    >
      <h1 className="text-4xl">Type in the sheet</h1>
      <p className="text-soft mt-1 mb-4 text-lg">
        Only steps that ask for something are listed; the others count as done, as the sheet says.{' '}
        {steps.length} steps are still open on this card.
      </p>
      <div className="mb-5 flex flex-wrap gap-2.5">
        <Button
          onClick={() =>
            setInputs(
              Object.fromEntries(
                asking.map((step) => [step.key, allWell(step, inputOf(step), run.model.wheels.studs)]),
              ),
            )
          }
        >
          Everything else was good
        </Button>
        <LinkButton href={toCard(run.id)}>Step by step instead</LinkButton>
      </div>
      <ol className="grid gap-6">
        {asking.map((step) => (
          <li key={step.key} className="border-line border-b pb-5">
            <p className="text-soft figures">{PHASE_WORDS[step.phase]}</p>
            <h2 className="mb-3 text-xl">{stepWords(step, run.model, run.card, units).title}</h2>
            {step.optional && (
              <label className="mb-2 flex min-h-11 items-center gap-3">
                <input
                  type="checkbox"
                  className="accent-accent size-6"
                  checked={left.includes(step.key)}
                  onChange={(event) =>
                    setLeft(
                      event.target.checked ? [...left, step.key] : left.filter((key) => key !== step.key),
                    )
                  }
                />
                Left out
              </label>
            )}
            {!left.includes(step.key) && (
              <div className="grid gap-4">
                <StepInputs
                  run={run}
                  rig={rig}
                  step={step}
                  input={inputOf(step)}
                  now={now}
                  onInput={(input) => {
                    setInputs({ ...inputs, [step.key]: input });
                    setProblem(undefined);
                  }}
                  onFact={(changes) => reported(actions.fact(changes))}
                />
              </div>
            )}
            {problem?.key === step.key && <FieldError>{problem.text}</FieldError>}
          </li>
        ))}
      </ol>
      <div className="bg-paper sticky bottom-[calc(var(--bar)+env(safe-area-inset-bottom))] py-3 md:bottom-0">
        {problem && <FieldError>{problem.text}</FieldError>}
        <Button type="submit" look="primary" size="lg" className="w-full text-xl">
          Add it to the card
        </Button>
      </div>
    </form>
  );
}
