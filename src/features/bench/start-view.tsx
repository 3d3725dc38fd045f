'use client';

import { useSearchParams } from 'next/navigation';
import { roadRules } from '@/core/road';
import { compile, effortOf, type Pace } from '@/core/routine';
import { WeakNote } from '@/features/practice';
import { RigTabs, type RigView, type Rigs } from '@/features/rigs';
import { to } from '@/links';
import { count, jobsTitle, minutes } from '@/text';
import { cx } from '@/ui';
import { Bundles } from './bundles';
import { LayOutFirst } from './lay-out-first';
import { OnCard } from './on-card';
import { OpenCards } from './open-cards';
import { useJobs } from './use-jobs';
import { WorkList } from './work-list';
import { WorkPlaces } from './work-places';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** The owner's pace so far, as a card is estimated with it. */
function paceOf({ rig }: RigView): Pace {
  return Object.fromEntries(Object.entries(rig.pace).map(([act, { minutes: mean }]) => [act, mean]));
}

/** The bench with nothing in hand: what is open, and what to begin, laid out first. */
export function StartView({ ready, view: atHome }: { ready: Ready; view: RigView }) {
  const onRoad = useSearchParams().has('road');
  const view = onRoad ? { ...atHome, house: roadRules(atHome.house, atHome) } : atHome;
  const { model, rig, house } = view;
  const mine = ready.runs.filter((run) => run.rig === rig.id);
  const chosen = useJobs(view, mine);
  const { jobs, work, choose, set } = chosen;
  const card =
    jobs.length > 0 ? compile(model, jobs, house, { pace: paceOf(view), threads: rig.threads }) : undefined;
  const steps = card?.ok ? card.value.steps : [];
  const time = Math.round(steps.reduce((sum, step) => sum + step.minutes, 0));
  const { walks, tools } = effortOf(steps);
  return (
    <div className="mx-auto w-full max-w-[86rem] px-4 py-4 md:px-8 md:py-6">
      <OpenCards runs={ready.runs} now={ready.now} />
      <RigTabs rigs={ready.rigs} chosen={rig.id} href={(id) => to('bench', id)} />
      <h1 className="mt-4 text-4xl md:text-5xl">
        {jobs.length === 0 ? 'What are you working on?' : jobsTitle(jobs)}
      </h1>
      <p className="text-soft mt-1 text-lg">
        {card?.ok
          ? `${count(steps.length, 'step')}, about ${minutes(time)} · ${walks > 0 ? `${count(walks, 'walk')}, ` : ''}${count(tools, 'change of tool', 'changes of tool')}`
          : 'Choose the work, then tap where. Everything that is done together becomes one card.'}
      </p>
      {onRoad && jobs.length > 0 && (
        <p className="border-accent mt-3 border-l-4 pl-4 text-lg">
          On the road: hitched, parking brake on, people away from traffic.{' '}
          {house.verge === 'tighten-and-go'
            ? 'No torque wrench aboard that serves: nuts tight now, to their figure at the next safe place.'
            : 'Nuts are torqued to their figure here.'}
        </p>
      )}
      {steps.length > 0 && (
        <div className="mt-3">
          <WeakNote subjects={[...new Set(steps.flatMap(({ subjects }) => subjects))]} />
        </div>
      )}
      {jobs.length === 0 && <Bundles view={view} onChoose={set} />}
      <div
        className={cx(
          'mt-5 grid gap-x-8 gap-y-5 md:grid-cols-[14rem_minmax(0,1fr)]',
          jobs.length > 0 && 'xl:grid-cols-[14rem_minmax(0,1fr)_23rem]',
        )}
      >
        <WorkList view={view} jobs={jobs} chosen={work} onChoose={choose} />
        <div className="grid content-start gap-4">
          <WorkPlaces view={view} chosen={chosen} />
          <OnCard view={view} chosen={chosen} />
        </div>
        {card && <LayOutFirst view={view} jobs={jobs} card={card} mine={mine} onJobs={set} />}
      </div>
    </div>
  );
}
