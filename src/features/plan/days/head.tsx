'use client';

import { apart, block, isUnedited, NO_EDITS, openDay, together, unpin } from '@/core/plan';
import { usePreferences } from '@/store';
import { jobsTitle, list, minutes } from '@/text';
import {
  changeWords,
  comparedWords,
  gapWords,
  headline,
  noDayWords,
  pinWords,
  planDay,
  priceWords,
} from '@/text/plan';
import type { PlanChange } from '@/core/plan';
import { Button, cx, Mark } from '@/ui';
import { rowsOf, type Post } from './posts';
import type { PlanReady } from './use-plan';

/** The plan in a sentence: how many days until when, what they take, and how far they may be from the best. */
export function PlanHead({ plan, posts, now }: { plan: PlanReady; posts: readonly Post[]; now: string }) {
  const { planned, yard } = plan;
  const { found, bound, working, stopped } = planned;
  const jobs = posts.reduce((sum, post) => sum + rowsOf(plan, post).length, 0);
  const total = posts.reduce((sum, post) => sum + post.minutes, 0);
  const proven = bound !== undefined && bound >= found.cost;
  return (
    <div className="min-w-0 flex-1 basis-[30rem]">
      <h1 className="text-4xl md:text-5xl">{headline(posts.length, yard.to, now)}</h1>
      <p className="text-soft mt-1.5 text-lg">
        {posts.length > 0 &&
          `${jobs} ${jobs === 1 ? 'job' : 'jobs'}, ${minutes(total)} in all; each job on its own day ${minutes(apart(yard.problem).minutes)}. `}
        {posts.length === 0 &&
          (yard.problem.days.length === 0
            ? 'There is work, and none of your days is free: tell which are. '
            : yard.works.length === 0
              ? 'Nothing falls due before then. '
              : 'What falls due is better left until after. ')}
        <strong role="status" className={cx(proven && 'text-accent')}>
          {posts.length > 0 && gapWords(found.cost, bound, working, stopped)}
        </strong>
      </p>
    </div>
  );
}

/** What stands in the way of a plan, each with what would loosen it. */
export function PlanTrouble({ plan, now }: { plan: PlanReady; now: string }) {
  const { yard, unplaced, pinTrouble } = plan;
  const titleOf = (id: string) => jobsTitle(yard.works.find((work) => work.id === id)?.jobs ?? []);
  const said = [
    ...unplaced.map(({ job, why }) => noDayWords(jobsTitle(yard.works[job]?.jobs ?? []), why, now)),
    ...pinTrouble.map((one) => pinWords(one, titleOf(one.job), list((one.others ?? []).map(titleOf)), now)),
  ];
  if (said.length === 0) return null;
  return (
    <ul role="alert" className="border-due bg-due-wash rounded-sheet grid gap-2 border-[1.5px] px-4 py-3">
      {said.map((words) => (
        <li key={words} className="flex gap-2.5">
          <span className="mt-0.5">
            <Mark mark="due" />
          </span>
          {words}
        </li>
      ))}
    </ul>
  );
}

/** What has changed since the plan was kept. */
export function SinceKept({ changes, now }: { changes: readonly PlanChange[]; now: string }) {
  if (changes.length === 0) return null;
  return (
    <section
      aria-label="Since you kept it"
      className="border-accent bg-accent-wash rounded-sheet border-[1.5px] px-4 py-3"
    >
      <h2 className="text-lg">Since you kept it</h2>
      <ul className="mt-1 list-disc pl-5">
        {changes.slice(0, 6).map((change, i) => (
          <li key={i}>{changeWords(change, now)}.</li>
        ))}
        {changes.length > 6 && <li>{changes.length - 6} more changes.</li>}
      </ul>
    </section>
  );
}

/** The last change by hand, what it costs, and the way back. */
export function Changed({ plan }: { plan: PlanReady }) {
  const { units } = usePreferences();
  const { change, undo, redo } = plan;
  if (!change && !undo && !redo) return null;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
      <p role="status" aria-label="What the change costs" className="min-w-0 flex-1 basis-80 text-lg">
        {change && (change.priced ? priceWords(change.did, change.priced, units) : `${change.did}.`)}
      </p>
      <div className="flex gap-2">
        {undo && <Button onClick={undo}>Undo</Button>}
        {redo && <Button onClick={redo}>Redo</Button>}
      </div>
    </div>
  );
}

/** What was asked for by hand, each with its way back: days kept free, pins, jobs kept off a day. */
export function ByHand({ plan, now }: { plan: PlanReady; now: string }) {
  const { edits } = plan;
  if (isUnedited(edits)) return null;
  const pins = Object.keys(edits.pins).length;
  return (
    <section aria-label="By hand" className="flex flex-wrap items-center gap-2">
      <h2 className="text-soft mr-1 text-base">By hand:</h2>
      {edits.closed.map((day) => (
        <Button
          key={day}
          onClick={() => plan.edit(openDay(edits, day), `${planDay(day, now)} free for work again`)}
        >
          {planDay(day, now)} kept free: open it
        </Button>
      ))}
      {pins > 0 && (
        <Button onClick={() => plan.edit(unpin(edits, Object.keys(edits.pins)), 'All unpinned')}>
          Unpin all
        </Button>
      )}
      <Button look="quiet" onClick={() => plan.edit(NO_EDITS, 'Everything as it is best')}>
        All as it is best
      </Button>
    </section>
  );
}

/** This plan beside the other ways of doing it. */
export function Compared({
  plan,
  posts,
  onWeights,
}: {
  plan: PlanReady;
  posts: readonly Post[];
  onWeights: () => void;
}) {
  const { units } = usePreferences();
  const { problem } = plan.yard;
  const total = posts.reduce((sum, post) => sum + post.minutes, 0);
  const lines = comparedWords(
    { ...together(problem, plan.planned.found.visits), minutes: total },
    apart(problem),
    block(problem),
    units,
  );
  return (
    <section aria-label="Against the other ways">
      <div className="border-ink border-b-2 pb-2">
        <h2 className="text-xl">Against the other ways</h2>
      </div>
      <dl>
        {lines.map(({ name, time, note }, i) => (
          <div key={name} className="border-line grid grid-cols-[1fr_auto] gap-x-4 border-b py-2">
            <dt className={cx(i === 0 && 'font-semibold')}>{name}</dt>
            <dd className="figures text-lg font-semibold">{time}</dd>
            <dd className="text-soft col-span-2 text-[0.94rem]">{note}</dd>
          </div>
        ))}
      </dl>
      <Button look="quiet" className="mt-1 -ml-4" onClick={onWeights}>
        How days are weighed
      </Button>
    </section>
  );
}
