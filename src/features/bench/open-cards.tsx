'use client';

import type { Instant } from '@/core/base';
import { isUnfit, type Run } from '@/core/routine';
import { Ruled } from '@/features/rigs';
import { toCard } from '@/links';
import { useYard } from '@/store';
import { day, jobsTitle, small, unstoredWords } from '@/text';
import { Button, LinkButton, say, reported } from '@/ui';

/** Cards that lie open. One on which nothing was loosened or raised yet can be dropped; any other is seen through. */
export function OpenCards({ runs, now }: { runs: readonly Run[]; now: Instant }) {
  const { store } = useYard();
  if (runs.length === 0) return null;
  const drop = async (run: Run) => {
    const told = (error: unknown) => say(unstoredWords(error));
    try {
      await store.send('dropRun', { id: run.id });
    } catch (error) {
      return told(error);
    }
    say('Card dropped', {
      label: 'Take it back',
      do: () => reported(store.send('startRun', { run }).catch(told)),
    });
  };
  return (
    <section className="mb-7">
      <Ruled>Open on the bench</Ruled>
      <ul>
        {runs.map((run) => (
          <li key={run.id} className="border-line flex flex-wrap items-center gap-3 border-b py-3">
            <div className="min-w-0 flex-1">
              <p className="font-semibold">
                {run.model.name}: {small(jobsTitle(run.card.jobs))}
              </p>
              <p className="text-soft">
                step {Math.min(run.index + 1, run.card.steps.length)} of {run.card.steps.length}, begun{' '}
                {day(run.started, now)}
                {run.parked && `. Paused: ${run.parked}`}
                {isUnfit(run) && '. Not fit to tow until it is closed'}
              </p>
            </div>
            {!isUnfit(run) && <Button onClick={() => reported(drop(run))}>Drop it</Button>}
            <LinkButton href={toCard(run.id, { by: 'paper' })}>Type in a sheet</LinkButton>
            <LinkButton look="primary" href={toCard(run.id)}>
              Go on
            </LinkButton>
          </li>
        ))}
      </ul>
    </section>
  );
}
