'use client';

import { useMemo, useState } from 'react';
import type { PlannedState } from '@/core/log';
import { HOUSE } from '@/core/log';
import type { CalendarDay } from '@/core/exchange';
import { changesSince, planningOf } from '@/core/plan';
import { planEntry } from '@/core/record';
import { useRecord } from '@/features/forms';
import { RigTabs, Ruled, WithRig, type RigView, type Rigs } from '@/features/rigs';
import { PlanDialog } from '@/features/duties';
import { SeasonSections } from '@/features/plan/season';
import { to } from '@/links';
import { useAsk, usePreferences } from '@/store';
import { jobsTitle, minutes } from '@/text';
import { callByWords, restWords } from '@/text/plan';
import { Button, reported } from '@/ui';
import { DayPanel } from './day-panel';
import { FreeDialog } from './free-dialog';
import { ByHand, Changed, Compared, PlanHead, PlanTrouble, SinceKept } from './head';
import { PlanList } from './plan-list';
import { PlanTape } from './plan-tape';
import { postsOf, type Post } from './posts';
import { usePlan, type PlanReady } from './use-plan';
import { WeightsDialog } from './weights-dialog';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** Minutes of the yard days by their cards, as far as they have been laid out. */
function useTimes(plan: PlanReady | undefined, now: string): Readonly<Record<string, number>> {
  const ask = plan && {
    now: `${now.slice(0, 13)}:00:00.000Z`,
    days: plan.problem.days.flatMap(({ day }, k) => {
      const works = plan.yard.works.filter((_, j) => (plan.planned.found.visits[j] ?? []).includes(k));
      const rigs = [...new Set(works.map(({ rig }) => rig))].map((rig) => ({
        rig,
        jobs: works.flatMap((work) => (work.rig === rig ? work.jobs : [])),
      }));
      return rigs.length > 0 ? [{ day, rigs }] : [];
    }),
  };
  const asked = useAsk('planDays', ask);
  return asked.status === 'ready'
    ? Object.fromEntries(Object.entries(asked.answer).map(([day, time]) => [day, time.minutes]))
    : {};
}

/** The yard days as a calendar has them: the first, the second, and so on, whatever day they fall on. */
function calendarOf(
  plan: PlanReady,
  posts: readonly Post[],
  rigs: readonly RigView[],
): readonly CalendarDay[] {
  return posts.map((post, i) => ({
    key: `yard-day-${i + 1}`,
    day: post.day,
    title: `Yard day, ${minutes(post.minutes)}`,
    about: rigs
      .flatMap(({ rig, model }) => {
        const jobs = post.works.flatMap((j) => {
          const work = plan.yard.works[j];
          return work?.rig === rig.id ? work.jobs : [];
        });
        return jobs.length > 0 ? [`${model.name}: ${jobsTitle(jobs)}`] : [];
      })
      .join('\n'),
  }));
}

/** What is due and has no place in a plan, with the reason. */
function Rest({ plan, view }: { plan: PlanReady; view: RigView }) {
  const { units } = usePreferences();
  const rest = plan.yard.rest.filter(({ rig }) => rig === view.rig.id);
  if (rest.length === 0) return null;
  return (
    <section aria-label="Not in the plan">
      <Ruled>Not in the plan</Ruled>
      <ul>
        {rest.map((one, i) => {
          const trip = plan.yard.trips.find((ahead) => ahead.rig === one.rig)?.at.slice(0, 10);
          const { title, note } = restWords(one, callByWords(trip, plan.yard, view.now), units, view.now);
          return (
            <li key={`${title} ${i}`} className="border-line border-b py-2">
              <p className="font-semibold">{title}</p>
              <p className="text-soft text-[0.94rem]">{note}</p>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

type Sheet = { readonly show: 'free' | 'weights' } | { readonly show: 'trip'; readonly trip?: PlannedState };

function YardPlan({ view, ready }: { view: RigView; ready: Ready }) {
  const { units } = usePreferences();
  const record = useRecord();
  const plan = usePlan(ready);
  const shown = plan.status === 'ready' ? plan : undefined;
  const times = useTimes(shown, ready.now);
  const posts = useMemo(() => (shown ? postsOf(shown, times) : []), [shown, times]);
  const [chosen, setChosen] = useState<string>();
  const [sheet, setSheet] = useState<Sheet>();
  const close = () => setSheet(undefined);
  const { planning } = ready.state.rigs[HOUSE] ?? {};
  const { free, weights, own } = planningOf(planning);
  const kept = planning?.kept;
  const mine = posts.find((post) => post.works.some((j) => shown?.yard.works[j]?.rig === view.rig.id));
  const post = posts.find(({ day }) => day === chosen) ?? mine ?? posts[0];
  const changes = kept && shown ? changesSince(kept, shown.yard, shown.planned.found.visits) : [];
  const isKept = kept !== undefined && changes.length === 0 && !shown?.undo;

  const keep = async (of: PlanReady) => {
    const named = Object.fromEntries(posts.map(({ day, minutes: some }) => [day, some]));
    await record(
      HOUSE,
      [planEntry({ ...of.yard, problem: of.problem }, of.planned.found.visits, named, of.edits)],
      'Plan kept',
    );
  };

  return (
    <>
      <div className="flex flex-wrap items-end justify-between gap-x-8 gap-y-3">
        {shown ? (
          <PlanHead plan={shown} posts={posts} now={ready.now} />
        ) : (
          <div>
            <h1 className="text-4xl md:text-5xl">Yard days</h1>
            <p role="status" className="text-soft mt-1.5 text-lg">
              {plan.status === 'failed'
                ? 'They could not be worked out on this device; what is due stands on the Yard and below.'
                : 'Working them out…'}
            </p>
          </div>
        )}
        <div className="flex flex-wrap gap-2">
          <Button onClick={() => setSheet({ show: 'trip' })}>Add a trip</Button>
          <Button onClick={() => setSheet({ show: 'free' })}>My free days</Button>
          {shown && posts.length > 0 && (
            <Button look="primary" disabled={isKept} onClick={() => reported(keep(shown))}>
              {isKept ? 'This plan is kept' : 'Keep this plan'}
            </Button>
          )}
        </div>
      </div>
      {shown && (
        <>
          <PlanTrouble plan={shown} now={ready.now} />
          {!shown.undo && <SinceKept changes={changes} now={ready.now} />}
          <PlanTape
            plan={shown}
            posts={posts}
            view={view}
            units={units}
            chosen={post?.day}
            onChoose={setChosen}
          >
            <Changed plan={shown} />
            <ByHand plan={shown} now={ready.now} />
            <PlanList
              plan={shown}
              posts={posts}
              now={ready.now}
              units={units}
              chosen={post?.day}
              onChoose={setChosen}
            />
            {post && (
              <DayPanel key={post.day} plan={shown} post={post} view={view} rigs={ready.rigs}>
                <Compared plan={shown} posts={posts} onWeights={() => setSheet({ show: 'weights' })} />
                <Rest plan={shown} view={view} />
              </DayPanel>
            )}
          </PlanTape>
          {!post && <Rest plan={shown} view={view} />}
        </>
      )}
      <SeasonSections
        key={view.rig.id}
        view={view}
        ready={ready}
        yardDays={shown ? calendarOf(shown, posts, ready.rigs) : plan.status === 'failed' ? [] : undefined}
      />
      {sheet?.show === 'free' && <FreeDialog free={free} own={own} onClose={close} />}
      {sheet?.show === 'weights' && <WeightsDialog weights={weights} onClose={close} />}
      {sheet?.show === 'trip' && <PlanDialog view={view} onClose={close} />}
    </>
  );
}

/** The Plan: few yard days for all rigs, what each one needs, and below it the season of the rig in hand. */
export function PlanView() {
  return (
    <WithRig promise="Once a rig is set up, what falls due is folded into few yard days here, before the trips they matter to.">
      {(view, ready) => (
        <div className="mx-auto grid w-full max-w-[80rem] grid-cols-[minmax(0,1fr)] gap-5 px-4 py-3 md:px-8 md:py-5">
          <RigTabs rigs={ready.rigs} chosen={view.rig.id} href={(rig) => to('plan', rig)} />
          <YardPlan view={view} ready={ready} />
        </div>
      )}
    </WithRig>
  );
}
