'use client';

import { useSearchParams } from 'next/navigation';
import { currentStep } from '@/core/routine';
import { Failed, Loading, useChosenRig, useKeptRig, useRigs } from '@/features/rigs';
import { PATHS } from '@/links';
import { LinkButton } from '@/ui';
import { RunView } from './run-view';
import { StartView } from './start-view';
import { TypeInView } from './type-in-view';

/** The Bench: what do I do next? */
export function BenchView() {
  const yard = useRigs();
  const params = useSearchParams();
  const wanted = params.get('run');
  const chosen = useChosenRig(yard.status === 'ready' ? yard.rigs : []);
  useKeptRig(wanted && yard.status === 'ready' ? yard.runs.find(({ id }) => id === wanted)?.rig : undefined);
  if (yard.status === 'loading') return <Loading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  if (wanted) {
    const run = yard.runs.find((one) => one.id === wanted);
    const rig = run && yard.state.rigs[run.rig];
    if (run && params.get('by') === 'paper' && currentStep(run))
      return <TypeInView key={run.id} run={run} rig={rig} now={yard.now} />;
    if (run) return <RunView key={run.id} run={run} rig={rig} now={yard.now} />;
    return (
      <div className="max-w-xl p-8">
        <h1 className="text-3xl">This card is no longer open</h1>
        <p className="text-soft mt-2 mb-5">
          It was closed or dropped, here or in another tab. What was logged is in the Logbook.
        </p>
        <div className="flex gap-3">
          <LinkButton href={PATHS.logbook} look="primary">
            To the logbook
          </LinkButton>
          <LinkButton href={PATHS.yard}>To the Yard</LinkButton>
        </div>
      </div>
    );
  }
  if (!chosen)
    return (
      <div className="max-w-xl p-8">
        <h1 className="text-4xl">Nothing on the bench yet</h1>
        <p className="text-soft mt-2 mb-5 text-lg">
          The Bench takes you through a job one step at a time, in the one safe order. First it needs a rig.
        </p>
        <LinkButton href={PATHS.setup} look="primary" size="lg">
          Set up your first rig
        </LinkButton>
      </div>
    );
  return <StartView key={chosen.rig.id} ready={yard} view={chosen} />;
}
