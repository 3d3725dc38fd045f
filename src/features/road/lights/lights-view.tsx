'use client';

import { lightsEntries } from '@/core/record';
import { cellsOf, diagnoseLights, lampsOf, lampSteps } from '@/core/judge';
import { useDraft, useRecord, useLeadOn } from '@/features/forms';
import { Loading, RigTabs, WithRig, type RigView, type Rigs } from '@/features/rigs';
import { to } from '@/links';
import { newId } from '@/store';
import { capital, WIRING_WORDS, words } from '@/text';
import { Button, Choice, Mark, reported } from '@/ui';
import { BrakeCircuitTest } from './brake-circuit';
import { Finder } from './finder';
import { FRESH, LIGHTS_DRAFT, patternOf, type LightsDraft } from './lights-draft';
import { Paced } from './paced';
import { Results } from './results';

type Ready = Extract<Rigs, { status: 'ready' }>;

function Begin({ view, onBegin }: { view: RigView; onBegin: (draft: LightsDraft) => void }) {
  return (
    <>
      <h1 className="text-4xl md:text-5xl">Lamps</h1>
      <p className="text-soft mt-1 mb-5 max-w-[52ch] text-lg">
        One function at a time, at a pace that lets one person walk around. Then what fails leads to where to
        look.
      </p>
      <div className="grid gap-2.5 sm:flex">
        <Button look="primary" size="lg" onClick={() => onBegin(FRESH)}>
          Alone, walking around
        </Button>
        <Button size="lg" onClick={() => onBegin({ ...FRESH, how: 'filmed' })}>
          Alone, a phone films
        </Button>
        <Button size="lg" onClick={() => onBegin({ ...FRESH, how: 'helper' })}>
          With a helper
        </Button>
      </div>
      <p className="mt-5">
        <Button
          look="quiet"
          className="-ml-4"
          onClick={() => onBegin({ ...FRESH, step: Number.MAX_SAFE_INTEGER })}
        >
          I know what fails: find the cause
        </Button>
      </p>
      <BrakeCircuitTest view={view} />
    </>
  );
}

function Told({
  view,
  draft,
  change,
  onSaved,
  onDrop,
}: {
  view: RigView;
  draft: LightsDraft;
  change: (next: (draft: LightsDraft) => LightsDraft) => void;
  onSaved: () => Promise<void>;
  onDrop: () => void;
}) {
  const record = useRecord();
  const { rig, model } = view;
  const pattern = patternOf(draft, cellsOf(model));
  const diagnosis = diagnoseLights(lampsOf(model), draft.wiring, pattern, draft.tests);
  const bad = pattern.filter(({ result }) => result !== 'ok').length;
  const save = async () => {
    await record(
      rig.id,
      lightsEntries({ ...draft, pattern, diagnosis }, rig, newId),
      bad === 0 ? 'Lamps tested, all work' : 'Lamps tested, finding on record',
      [],
      [`lights ${rig.id}`],
      `lights ${rig.id}`,
    );
    await onSaved();
  };
  return (
    <>
      <h1 className="flex items-center gap-3 text-4xl md:text-5xl">
        <Mark mark={bad === 0 ? 'clear' : 'due'} size={40} />
        {bad === 0 ? 'All lamps work' : capital(words(bad, 'failure'))}
      </h1>
      <div className="mt-5 grid gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div>
          <Results
            model={model}
            seen={draft.seen}
            onSeen={(key, sight) =>
              change((now) => ({ ...now, seen: { ...now.seen, [key]: sight }, tests: [] }))
            }
          />
          <div className="mt-5">
            <Choice
              label="On this trailer"
              columns="grid-cols-1 sm:grid-cols-2"
              options={(['shared', 'separate'] as const).map((value) => ({
                value,
                label: WIRING_WORDS[value],
              }))}
              value={draft.wiring}
              onChange={(wiring) => change((now) => ({ ...now, wiring, tests: [] }))}
            />
          </div>
          <div className="mt-6 flex flex-wrap gap-2.5">
            <Button look="primary" size="lg" onClick={() => reported(save())}>
              {bad === 0 ? 'Add it to the log: all work' : 'Add it to the log'}
            </Button>
            <Button size="lg" onClick={() => change((now) => ({ ...now, step: 0 }))}>
              Test again
            </Button>
            <Button look="quiet" onClick={onDrop}>
              Drop it
            </Button>
          </div>
        </div>
        {bad > 0 && (
          <Finder
            model={model}
            diagnosis={diagnosis}
            tests={draft.tests}
            onTest={(test) => change((now) => ({ ...now, tests: [...now.tests, test] }))}
            onUndo={() => change((now) => ({ ...now, tests: now.tests.slice(0, -1) }))}
          />
        )}
      </div>
    </>
  );
}

function OneRig({ view, ready }: { view: RigView; ready: Ready }) {
  const leadOn = useLeadOn();
  const { state, change, set } = useDraft(LIGHTS_DRAFT, `lights ${view.rig.id}`);
  if (state === 'loading') return <Loading />;
  const steps = lampSteps(view.model);
  const step = state === 'none' ? undefined : steps[state.step];
  return (
    <div className="mx-auto w-full max-w-[80rem] px-4 py-3 md:px-8 md:py-5">
      <RigTabs rigs={ready.rigs} chosen={view.rig.id} href={(id) => to('lights', id)} />
      <div className="mt-4">
        {state === 'none' ? (
          <Begin view={view} onBegin={(draft) => reported(set(draft))} />
        ) : step ? (
          <Paced
            key={state.step}
            step={step}
            index={state.step}
            of={steps.length}
            how={state.how}
            onNext={() => change((now) => ({ ...now, step: now.step + 1 }))}
            onBack={() => change((now) => ({ ...now, step: Math.max(0, now.step - 1) }))}
          />
        ) : (
          <Told
            view={view}
            draft={state}
            change={change}
            onDrop={() => reported(set(undefined))}
            onSaved={async () => {
              await set(undefined);
              leadOn(to('road', view.rig.id));
            }}
          />
        )}
      </div>
    </div>
  );
}

/** Lamps and the brake circuit: does it burn and brake, and where is the fault? */
export function LightsView() {
  return (
    <WithRig promise="Once a rig is set up, its lamps are tested from here by one person, and faults are found.">
      {(view, ready) => <OneRig key={view.rig.id} view={view} ready={ready} />}
    </WithRig>
  );
}
