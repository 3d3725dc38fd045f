'use client';

import { Volume2 } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode } from 'react';
import type { Instant, UnitSystem } from '@/core/base';
import type { RigState } from '@/core/log';
import { isGuess, isWheelEnd } from '@/core/rig';
import { branchesOf, type CardStep, type Run, type Tap } from '@/core/routine';
import { lugTorque, type Subject, type TorqueId } from '@/core/rules';
import { usePreferences } from '@/store';
import { gradeWords, small, stepWords, torqueSpec, unstoredWords, VERDICT_WORDS } from '@/text';
import { Button, cx, Settled, Star, TextArea, reported, say, useOnce } from '@/ui';
import { CardFooter } from './card-footer';
import { asksMore, inputOf, isAnswered, nextQuestion, tapOf, verdictAt, type StepInput } from './inputs';
import { SeenHub } from './missing-fact';
import { RunTorque } from './missing-torque';
import { NutDrawing } from './nut-setting';
import { ReportDialog } from './report-dialog';
import { SkipDialog } from './skip-dialog';
import { drawsLow, StepDrawing } from './step-drawing';
import { StepInputs } from './step-inputs';
import { StepPhoto } from './step-photo';
import { Stopwatch } from './stopwatch';
import { adapterNote, ThroughAdapter, useAdapter } from './through-adapter';
import { useReadAloud } from './use-read-aloud';
import { useStepKeys } from './use-step-keys';
import { useStepInputs } from './use-typed';
import type { RunActions } from './use-run-actions';

/** What a grade that closed its step was, and its verdict where it is not clear: `Rock and spin: light growl. Watch.` */
function gradedWords(run: Run, step: string, subject: Subject, input: StepInput, units: UnitSystem): string {
  const said = `${step}: ${small(gradeWords(subject, input.grades[subject] ?? '', units))}.`;
  const verdict = verdictAt(run, subject, input);
  return verdict === undefined || verdict === 'clear' ? said : `${said} ${VERDICT_WORDS[verdict]}.`;
}

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
            {done >= studs ? 'All tight, go on' : `Nut ${done + 1} is tight`}
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
  const words = stepWords(step, run.model, run.card, units);
  const typed = useStepInputs(run.id);
  const input = typed.inputs[step.key] ?? inputOf(run.records[step.key], units);
  const [problem, setProblem] = useState<string>();
  const once = useOnce();
  const adapter = useAdapter();
  const [dialog, setDialog] = useState<'report' | 'skip'>();
  const heading = useRef<HTMLHeadingElement>(null);

  useEffect(() => {
    heading.current?.focus({ preventScroll: true });
    window.scrollTo({ top: 0 });
  }, [step.key]);

  // What is typed under the trailer outlives the tab as well.
  const change = (next: StepInput) => {
    setProblem(undefined);
    typed.change(step.key, next);
  };
  const take = (work: () => Promise<string | undefined>) =>
    once(async () => {
      try {
        setProblem(await work());
      } catch (error) {
        setProblem(unstoredWords(error));
      }
    });
  /** Closes the step: what was typed at it is its record from then on. */
  const close = async (tapped: Tap) => {
    const refused = await actions.tap(step.key, tapped);
    if (refused === undefined) typed.change(step.key, undefined);
    return refused;
  };
  const done = () =>
    take(async () => {
      // What the wrench was really set to goes on record with the step.
      const set = adapterNote(step, adapter, units);
      const note = [input.note?.trim(), set].filter(Boolean).join('; ');
      const tapped = tapOf(step, { ...input, ...(note && { note }) });
      return tapped.ok ? close(tapped.value) : tapped.error;
    });
  const unset = run.card.unset ?? [];
  const lugs = step.round !== undefined && step.round.share > 0 && step.round.torque === undefined;
  const bolts: TorqueId | undefined = lugs
    ? 'lug'
    : step.torque && step.torque.value === undefined
      ? step.torque.of
      : undefined;
  const torqueMissing = bolts !== undefined && !unset.includes(bolts);
  /** With gloves on a grade that is the last thing asked for is the Done, whichever it is: what sometimes goes on by itself and sometimes not is closed unread by a habit. */
  const graded = (subject: Subject, grade: string) => {
    const next: StepInput = { ...input, grades: { ...input.grades, [subject]: grade } };
    if (torqueMissing || step.step === 'see-hub' || asksMore(run, subject, next) || !isAnswered(step, next))
      return;
    const tapped = tapOf(step, next);
    if (!tapped.ok) return;
    reported(
      take(async () => {
        const refused = await close(tapped.value);
        if (refused === undefined)
          say(gradedWords(run, words.short, subject, next, units), {
            label: 'Take it back',
            do: () => reported(actions.takeBack(step.key)),
          });
        return refused;
      }),
    );
  };
  const back = () => take(async () => void (await actions.back()));
  const again = useReadAloud(
    step.key,
    [`${words.title}.`, words.how, ...(words.caution ? [`Careful. ${words.caution}`] : [])],
    nextQuestion(step, input),
  );
  useStepKeys({ done: () => reported(done()), back: () => reported(back()) });
  const drawing =
    step.step === 'nut-set' && step.place && isWheelEnd(step.place) ? (
      <NutDrawing run={run} place={step.place} value={input.readings['slots-back']} />
    ) : step.round ? (
      <StarRound key={step.key} of={step.key} run={run} onWhole={() => reported(done())} />
    ) : (
      <StepDrawing step={step} model={run.model} />
    );

  const low = drawsLow(step);
  const asks = step.subjects.length + step.readings.length > 0 || step.step === 'see-hub' || torqueMissing;
  const many = step.subjects.length > 1 || step.readings.length > 2;
  // A low drawing has the whole width where nothing is asked; what asks for much has it below the drawing.
  const layout = low && !asks ? 'alone' : low || many ? 'below' : 'beside';
  // With gloves on, what has to be tapped stands above everything that can be read.
  const handed = gloves && asks;

  return (
    <form
      noValidate
      className="flex min-w-0 flex-1 flex-col"
      onSubmit={(event) => {
        event.preventDefault();
        reported(done());
      }}
    >
      <div
        className={cx(
          'mx-auto grid w-full max-w-[78rem] flex-1 content-start gap-x-12 gap-y-5 px-4 md:px-8 lg:grid-rows-[auto_auto_1fr] lg:py-7',
          handed ? 'py-3' : 'py-5',
          layout === 'beside' ? 'lg:grid-cols-[minmax(0,1fr)_minmax(0,0.85fr)]' : 'lg:grid-cols-2',
        )}
      >
        <div
          className={cx(
            'grid content-start gap-4',
            layout === 'alone' && 'lg:col-span-2 lg:grid-cols-2 lg:gap-x-12',
          )}
        >
          <div>
            <h1
              ref={heading}
              tabIndex={-1}
              className={cx('outline-none md:text-[2.6rem] lg:text-5xl', handed ? 'text-2xl' : 'text-3xl')}
            >
              {words.title}
            </h1>
            {!handed && <How words={words} />}
            {step.round && (
              <p className="text-soft mt-1">
                Final figure: {torqueSpec(run.model, units, step.threads)}
                {isGuess(lugTorque(run.model, step.threads)) && '. Look it up before you rely on it'}
              </p>
            )}
            <ThroughAdapter run={run} step={step} />
          </div>
          {words.caution && (
            <p
              className={cx(
                'border-due bg-due-wash max-w-[60ch] self-start rounded-r-sheet border-l-[6px] px-4 text-lg',
                handed ? 'py-1.5 leading-snug' : 'flex gap-3 py-2.5',
              )}
            >
              <strong className="text-due shrink-0">Careful</strong> <span>{words.caution}</span>
            </p>
          )}
        </div>
        {/* On a phone the drawing comes before what is asked, but never pushes a verdict out of sight; with gloves on, what has to be tapped comes first. */}
        <div
          className={cx(
            'mx-auto w-full max-w-sm',
            layout === 'alone' &&
              'lg:col-span-2 lg:row-start-2 lg:max-w-[min(100%,calc((100dvh-31rem)*2.2))]',
            layout === 'below' && 'lg:col-start-2 lg:row-start-1',
            layout === 'below' && (low ? 'lg:max-w-full' : 'lg:max-w-64'),
            layout === 'beside' &&
              'lg:col-start-2 lg:row-span-3 lg:row-start-1 lg:max-w-[min(100%,calc(100dvh-20rem))]',
            (step.step === 'nut-set' || handed) && 'max-lg:order-last',
          )}
        >
          {drawing}
        </div>
        <div
          className={cx(
            'grid content-start gap-4',
            layout === 'below' && 'lg:col-span-2 lg:row-start-2',
            layout === 'alone' && 'lg:col-span-2 lg:row-start-3',
          )}
        >
          <Settled of={step.key} className="grid gap-4 empty:hidden">
            <StepInputs
              onGrade={gloves ? graded : undefined}
              run={run}
              rig={rig}
              step={step}
              input={input}
              now={now}
              onInput={change}
              onFact={(changes) => reported(actions.fact(changes))}
            />
          </Settled>
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
              <strong>Torque not set.</strong> Skipped before the start: it stays open, and the rig is not to
              be towed until it is.
            </p>
          )}
          {handed && <How words={words} />}
          <StepNote value={input.note} onChange={(note) => change({ ...input, note })}>
            <StepPhoto run={run} step={step} />
            {again && (
              <Button data-low onClick={again}>
                <Volume2 aria-hidden size={20} /> Say again
              </Button>
            )}
          </StepNote>
          {words.why && (
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
          <Button
            size="lg"
            data-low
            className="max-sm:order-last max-sm:min-h-12 max-sm:w-full"
            onClick={() => setDialog('skip')}
          >
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
            reported(take(() => close({ do: 'skip', reason })));
          }}
        />
      )}
    </form>
  );
}

/** How a step is done. */
function How({ words }: { words: ReturnType<typeof stepWords> }) {
  return <p className="mt-2 max-w-[52ch] text-lg leading-snug md:text-xl lg:text-[1.4rem]">{words.how}</p>;
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
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    if (opened) box.current?.scrollIntoView({ block: 'center' });
  }, [opened]);
  // One that was begun before is there again.
  const open = opened || (value !== undefined && value !== '');
  return (
    <div className="grid gap-3">
      <div className="flex flex-wrap gap-2.5">
        {!open && (
          <Button data-low onClick={() => setOpen(true)}>
            Note
          </Button>
        )}
        <Stopwatch />
        {children}
      </div>
      {open && (
        <div ref={box}>
          <TextArea
            label="Note"
            likely="note"
            maxLength={400}
            value={value ?? ''}
            onChange={(event) => onChange(event.target.value)}
          />
        </div>
      )}
    </div>
  );
}
