'use client';

import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { Instant } from '@/core/base';
import type { RigState } from '@/core/log';
import { isGuess, isWheelEnd } from '@/core/rig';
import { branchesOf, type CardStep, type Run } from '@/core/routine';
import { lugTorque, type TorqueId } from '@/core/rules';
import { usePreferences, useYard } from '@/store';
import { stepWords, torqueSpec, unstoredWords } from '@/text';
import { Button, cx, Settled, Star, TextArea, reported, useOnce } from '@/ui';
import { CardFooter } from './card-footer';
import { inputOf, STEP_DRAFT, stepDraftKey, tapOf, type StepInput } from './inputs';
import { SeenHub } from './missing-fact';
import { RunTorque } from './missing-torque';
import { NutDrawing } from './nut-setting';
import { ReportDialog } from './report-dialog';
import { SkipDialog } from './skip-dialog';
import { drawsLow, StepDrawing } from './step-drawing';
import { StepInputs } from './step-inputs';
import { StepPhoto } from './step-photo';
import { Stopwatch } from './stopwatch';
import { useStepKeys } from './use-step-keys';
import type { RunActions } from './use-run-actions';

/** The star of a round, nut by nut. */
function StarRound({ run, of, onWhole }: { run: Run; of: string; onWhole: () => void }) {
  const studs = run.model.wheels.studs;
  const [done, setDone] = useState(0);
  return (
    <figure>
      <Star studs={studs} done={done} onNut={() => setDone(Math.min(studs, done + 1))} />
      <figcaption className="mt-2 grid gap-2">
        <Settled of={of} className="grid">
          <Button size="lg" onClick={() => (done >= studs ? onWhole() : setDone(done + 1))}>
            {done >= studs ? 'All round, go on' : `Nut ${done + 1} is tight`}
          </Button>
        </Settled>
        <span className="text-soft text-[0.94rem]">
          Numbered in the order of the star. Tap it to follow along, or close the whole round at once.
        </span>
      </figcaption>
    </figure>
  );
}

/** What the tap says that closes a step. */
function doneWords({ step, round }: CardStep): string {
  if (step === 'nut-set') return 'Set, the pin goes in';
  if (round) return 'Whole round done';
  return step === 'open-rechecks' ? 'Understood' : 'Done';
}

/** The one step that is next: what to do, what it asks for, and on. */
export function StepPage({
  run,
  rig,
  step,
  now,
  actions,
}: {
  run: Run;
  rig: RigState | undefined;
  step: CardStep;
  now: Instant;
  actions: RunActions;
}) {
  const { units, gloves } = usePreferences();
  const { store } = useYard();
  const words = stepWords(step, run.model, run.card, units);
  const [input, setInput] = useState(() => inputOf(run.records[step.key], units));
  const [problem, setProblem] = useState<string>();
  const once = useOnce();
  const [dialog, setDialog] = useState<'report' | 'skip'>();
  const heading = useRef<HTMLHeadingElement>(null);
  const draftKey = stepDraftKey(run.id);

  // What is typed under the trailer outlives the tab as well.
  useEffect(() => {
    let gone = false;
    reported(
      store.readDraft(STEP_DRAFT, draftKey).then((kept) => {
        if (!gone && kept?.key === step.key) setInput(kept.input);
      }),
      'reads',
    );
    heading.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
    return () => {
      gone = true;
    };
  }, [store, draftKey, step.key]);

  const change = (next: StepInput) => {
    setInput(next);
    setProblem(undefined);
    reported(store.keepDraft(STEP_DRAFT, draftKey, { key: step.key, input: next }));
  };
  const take = (work: () => Promise<string | undefined>) =>
    once(async () => {
      try {
        setProblem(await work());
      } catch (error) {
        setProblem(unstoredWords(error));
      }
    });
  const done = () =>
    take(async () => {
      const tapped = tapOf(step, input);
      return tapped.ok ? actions.tap(step.key, tapped.value) : tapped.error;
    });
  const back = () => take(async () => void (await actions.back()));
  useStepKeys({ done: () => reported(done()), back: () => reported(back()) });
  const unset = run.card.unset ?? [];
  const lugs = step.round !== undefined && step.round.share > 0 && step.round.torque === undefined;
  const bolts: TorqueId | undefined = lugs
    ? 'lug'
    : step.torque && step.torque.value === undefined
      ? step.torque.of
      : undefined;
  const torqueMissing = bolts !== undefined && !unset.includes(bolts);
  const drawing =
    step.step === 'nut-set' && step.place && isWheelEnd(step.place) ? (
      <NutDrawing run={run} place={step.place} value={input.readings['slots-back']} />
    ) : step.round ? (
      <StarRound key={step.key} of={step.key} run={run} onWhole={() => reported(done())} />
    ) : (
      <StepDrawing step={step} model={run.model} />
    );

  return (
    <form
      noValidate
      className="flex min-w-0 flex-1 flex-col"
      onSubmit={(event) => {
        event.preventDefault();
        reported(done());
      }}
    >
      <div className="grid flex-1 content-start gap-x-10 gap-y-5 px-4 py-5 md:px-8 lg:grid-cols-[minmax(0,1fr)_minmax(16rem,23rem)] lg:grid-rows-[auto_1fr]">
        <div className="grid content-start gap-4">
          <div>
            <h1 ref={heading} tabIndex={-1} className="text-3xl outline-none md:text-[2.6rem]">
              {words.title}
            </h1>
            <p className="mt-2 max-w-[52ch] text-lg leading-snug md:text-xl">{words.how}</p>
            {step.round && (
              <p className="text-soft mt-1">
                Final figure: {torqueSpec(run.model, units, step.threads)}
                {isGuess(lugTorque(run.model, step.threads)) && '. Look it up before you rely on it'}
              </p>
            )}
          </div>
          {words.caution && (
            <p className="border-due bg-due-wash flex max-w-[60ch] gap-3 rounded-r-sheet border-l-[6px] px-4 py-2.5 text-lg">
              <strong className="text-due shrink-0">Careful</strong> <span>{words.caution}</span>
            </p>
          )}
        </div>
        {/* On a phone the drawing comes before what is asked, but never pushes a verdict out of sight. */}
        <div
          className={cx(
            'mx-auto w-full max-w-sm lg:col-start-2 lg:row-start-1 lg:max-w-none',
            !drawsLow(step) && 'lg:row-span-2',
            step.step === 'nut-set' && 'order-last',
          )}
        >
          {drawing}
        </div>
        <div className={cx('grid content-start gap-4', drawsLow(step) && 'lg:col-span-2')}>
          <StepInputs
            run={run}
            rig={rig}
            step={step}
            input={input}
            now={now}
            onInput={change}
            onFact={(changes) => reported(actions.fact(changes))}
          />
          {step.step === 'see-hub' && step.place && isWheelEnd(step.place) && (
            <SeenHub
              run={run}
              place={step.place}
              now={now}
              onFact={(changes) => reported(actions.fact(changes))}
            />
          )}
          {torqueMissing && (
            <RunTorque run={run} of={bolts} now={now} onFact={(changes) => reported(actions.fact(changes))} />
          )}
          {bolts !== undefined && !torqueMissing && (
            <p className="border-stop border-l-4 pl-4">
              <strong>Torque not set.</strong> Passed over before the start: it stays open, and the rig is not
              to be towed until it is.
            </p>
          )}
          {!gloves && (
            <StepNote value={input.note} onChange={(note) => change({ ...input, note })}>
              <StepPhoto run={run} step={step} />
            </StepNote>
          )}
          {words.why && !gloves && (
            <p className="text-soft max-w-[60ch] text-lg">
              <span className="text-ink font-semibold">Why. </span>
              {words.why}
            </p>
          )}
        </div>
      </div>
      <CardFooter
        of={step.key}
        problem={problem}
        done={doneWords(step)}
        blocked={torqueMissing || step.step === 'see-hub'}
        onBack={run.index > 0 ? () => reported(back()) : undefined}
        onWrong={() => setDialog('report')}
      >
        {step.optional && (
          <Button size="lg" onClick={() => setDialog('skip')}>
            Leave out
          </Button>
        )}
      </CardFooter>
      {dialog === 'report' && (
        <ReportDialog
          place={step.place ?? 'rig'}
          branches={branchesOf(run)}
          onBranch={(branch) => reported(take(() => actions.branch(branch)))}
          onSay={(finding) => reported(actions.say(finding))}
          onClose={() => setDialog(undefined)}
        />
      )}
      {dialog === 'skip' && (
        <SkipDialog
          title={words.title}
          onClose={() => setDialog(undefined)}
          onSkip={(reason) => {
            setDialog(undefined);
            reported(take(() => actions.tap(step.key, { do: 'skip', reason })));
          }}
        />
      )}
    </form>
  );
}

/** A note at a step, and a watch for what has to wait. */
function StepNote({
  value,
  onChange,
  children,
}: {
  value: string | undefined;
  onChange: (note: string) => void;
  children: ReactNode;
}) {
  const [opened, setOpen] = useState(false);
  // One that was begun before is there again.
  const open = opened || (value !== undefined && value !== '');
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-2.5">
        {!open && <Button onClick={() => setOpen(true)}>Note</Button>}
        <Stopwatch />
        {children}
      </div>
      {open && (
        <TextArea
          label="Note"
          maxLength={400}
          value={value ?? ''}
          onChange={(event) => onChange(event.target.value)}
        />
      )}
    </div>
  );
}
