'use client';

import { Hand, Volume2 } from 'lucide-react';
import { useState } from 'react';
import type { Instant } from '@/core/base';
import { useWakeLock, useLeadOn } from '@/features/forms';
import type { RigState } from '@/core/log';
import type { RigModel } from '@/core/rig';
import { currentStep, isStale, isUnfit, minutesOf, stretchOf, type CardStep, type Run } from '@/core/routine';
import { to } from '@/links';
import { setPreferences, usePreferences } from '@/store';
import { count, jobsTitle, minutes, stepWords } from '@/text';
import { Button, cx, Dialog, FieldError, useRootMark, useVoice, useWide, reported } from '@/ui';
import { ChapterPage } from './chapter-page';
import { CloseView } from './close-view';
import { PutDownDialog } from './put-down-dialog';
import { StepBar, StepGrid } from './step-grid';
import { StepPage } from './step-page';
import { useRunActions, type RunActions } from './use-run-actions';

/** So often a step was done on cards before its owner is offered to go by chapter. */
const KNOWN_AFTER = 2;

/** Step by step, or one tap for a chapter: offered to whoever has done it twice, and there for all. */
function ChapterSwitch({ rig, step }: { rig: RigState | undefined; step: CardStep | undefined }) {
  const { chapters } = usePreferences();
  const known = step !== undefined && (rig?.pace[step.step]?.count ?? 0) >= KNOWN_AFTER;
  return (
    <button
      type="button"
      aria-pressed={chapters}
      onClick={() => setPreferences({ chapters: !chapters })}
      className="inline-flex min-h-9 shrink-0 items-center font-semibold whitespace-nowrap underline underline-offset-4"
    >
      {chapters ? 'Step by step' : known ? 'You know this: go by chapter' : 'By chapter'}
    </button>
  );
}

function RunHead({
  run,
  rig,
  now,
  listed,
  onList,
  onPutDown,
}: {
  run: Run;
  rig: RigState | undefined;
  now: Instant;
  /** Whether the list of all steps stands open. */
  listed: boolean;
  onList: () => void;
  onPutDown: () => void;
}) {
  const { units, gloves, chapters, aloud } = usePreferences();
  const next = run.card.steps[run.index + (chapters ? stretchOf(run).length : 1)];
  return (
    <header className="bg-rail text-rail-ink grid grid-cols-[minmax(0,1fr)] gap-2 px-4 py-3 md:px-6">
      <div className="flex items-center gap-x-4 gap-y-1">
        <p className="figures min-w-0 truncate text-xl font-semibold">
          {run.model.name} · {jobsTitle(run.card.jobs)}
        </p>
        <p className="text-rail-soft ml-auto hidden whitespace-nowrap sm:block">
          step {Math.min(run.index + 1, run.card.steps.length)} of {run.card.steps.length} ·{' '}
          {minutes(minutesOf(run, now))}
          {run.findings.length > 0 && ` · ${count(run.findings.length, 'finding')}`}
        </p>
        <button
          type="button"
          aria-pressed={gloves}
          onClick={() => setPreferences({ gloves: !gloves })}
          className={cx(
            'ml-auto inline-flex min-h-11 items-center gap-2 rounded-sheet border-[1.5px] px-3 font-semibold whitespace-nowrap sm:ml-0',
            gloves ? 'bg-rail-mark text-rail border-rail-mark' : 'border-rail-soft',
          )}
        >
          <Hand aria-hidden size={20} /> <span className="sr-only lg:not-sr-only">Gloves</span>
        </button>
        <button
          type="button"
          aria-pressed={aloud}
          onClick={() => setPreferences({ aloud: !aloud })}
          className={cx(
            'inline-flex min-h-11 items-center gap-2 rounded-sheet border-[1.5px] px-3 font-semibold whitespace-nowrap',
            aloud ? 'bg-rail-mark text-rail border-rail-mark' : 'border-rail-soft',
          )}
        >
          <Volume2 aria-hidden size={20} /> <span className="sr-only lg:not-sr-only">Read aloud</span>
        </button>
        <button
          type="button"
          onClick={onPutDown}
          className="inline-flex min-h-11 items-center font-semibold whitespace-nowrap underline-offset-4 hover:underline"
        >
          Pause this job
        </button>
      </div>
      {currentStep(run) && (
        <div className={cx('text-rail-soft min-w-0 items-center gap-3', gloves ? 'hidden md:flex' : 'flex')}>
          <span className="min-w-0 flex-1 truncate">
            {next && `then: ${stepWords(next, run.model, run.card, units).title}`}
          </span>
          <ChapterSwitch rig={rig} step={currentStep(run)} />
        </div>
      )}
      <button
        type="button"
        aria-expanded={listed}
        aria-label={`All steps: ${Math.min(run.index + 1, run.card.steps.length)} of ${run.card.steps.length}`}
        onClick={onList}
        className="-my-1 flex w-full items-center gap-3 py-2"
      >
        <span className="min-w-0 flex-1">
          <StepBar run={run} />
        </span>
        <span aria-hidden className="figures text-rail-soft shrink-0 leading-none sm:hidden">
          {Math.min(run.index + 1, run.card.steps.length)} / {run.card.steps.length}
        </span>
      </button>
    </header>
  );
}

/** Said where reading aloud is on and nothing can be read. */
function NoVoice() {
  if (useVoice() !== 'none') return null;
  return (
    <p role="status" className="bg-soon-wash border-soon border-b-2 px-4 py-2 md:px-8">
      <strong>This device has no English voice of its own,</strong> so nothing is read aloud. Voices that
      speak over the network are not used. Add one in the settings of the device, or{' '}
      <button
        type="button"
        data-low
        className="font-semibold underline underline-offset-4"
        onClick={() => setPreferences({ aloud: false })}
      >
        turn this off
      </button>
      .
    </p>
  );
}

/** The rig is no longer the one this card was laid out for. */
function StaleNote({ run, model, actions }: { run: Run; model: RigModel; actions: RunActions }) {
  const [problem, setProblem] = useState<string>();
  return (
    <div role="status" className="bg-soon-wash border-soon border-b-2 px-4 py-3 md:px-8">
      <p className="text-lg">
        <strong>{run.model.name} has been changed since this card was begun.</strong> What is done stays done;
        the steps that are left can be laid out for the rig as it is now.
      </p>
      {problem && <FieldError>{problem}</FieldError>}
      <Button className="mt-2" onClick={() => reported(actions.renew(model).then(setProblem))}>
        Lay it out again
      </Button>
    </div>
  );
}

/** Every step of a card, what was found on the way, and the keys that work it. */
function AllSteps({ run, rig }: { run: Run; rig: RigState | undefined }) {
  const { units } = usePreferences();
  const said = run.findings.length;
  return (
    <>
      <ChapterSwitch rig={rig} step={currentStep(run)} />
      <StepGrid run={run} system={units} />
      {said > 0 && (
        <p className="text-due mt-4 font-medium">
          {said === 1 ? 'One finding' : `${said} findings`} kept with this card.
        </p>
      )}
      <p className="text-soft mt-4">
        By keys, pedal or clicker: space or Page Down is Done, Page Up is Back. The space bar counts strokes,
        the period key runs the stopwatch.
      </p>
    </>
  );
}

/** A card in hand: where one is, and the one step that is next. */
export function RunView({ run, rig, now }: { run: Run; rig: RigState | undefined; now: Instant }) {
  const { gloves, chapters, aloud } = usePreferences();
  const actions = useRunActions(run);
  const leadOn = useLeadOn();
  const step = currentStep(run);
  // A step that was asked for by itself, out of its chapter.
  const [alone, setAlone] = useState<string>();
  const [first, ...others] = chapters ? stretchOf(run) : [];
  const [puttingDown, setPuttingDown] = useState(false);
  const [listed, setListed] = useState(false);
  useWakeLock();
  useRootMark('run');
  const wide = useWide();
  const home = () => leadOn(to('yard', run.rig));
  return (
    <div data-gloves={gloves || undefined} className="flex flex-1 flex-col">
      <RunHead
        run={run}
        rig={rig}
        now={now}
        listed={listed}
        onList={() => setListed(!listed)}
        onPutDown={() => (isUnfit(run) ? setPuttingDown(true) : home())}
      />
      {aloud && <NoVoice />}
      {rig?.model && step && isStale(run, rig.model) && (
        <StaleNote run={run} model={rig.model} actions={actions} />
      )}
      <div className="flex flex-1">
        {wide && listed && (
          <aside
            tabIndex={0}
            aria-label="Steps of this card"
            className="border-line max-h-[calc(100dvh-7rem)] w-84 shrink-0 overflow-y-auto border-r px-5 pb-6 md:sticky md:top-0"
          >
            <AllSteps run={run} rig={rig} />
          </aside>
        )}
        {step && first && others.length > 0 && alone !== step.key ? (
          <ChapterPage
            key={step.key}
            run={run}
            rig={rig}
            steps={[first, ...others]}
            now={now}
            actions={actions}
            onAlone={setAlone}
          />
        ) : step ? (
          <StepPage key={step.key} run={run} rig={rig} step={step} now={now} actions={actions} />
        ) : (
          <CloseView run={run} rig={rig} now={now} onBack={() => reported(actions.back())} />
        )}
      </div>
      {!wide && listed && (
        <Dialog open onClose={() => setListed(false)} title="All steps">
          <AllSteps run={run} rig={rig} />
        </Dialog>
      )}
      {puttingDown && (
        <PutDownDialog
          run={run}
          rig={rig}
          onPark={(reason) => reported(actions.park(reason).then(home))}
          onLeft={home}
          onClose={() => setPuttingDown(false)}
        />
      )}
    </div>
  );
}
