'use client';

import { Pin, PinOff } from 'lucide-react';
import type { ReactNode } from 'react';
import { closeDay, giveHours, keepOff, pinDay, standsRain, unpin } from '@/core/plan';
import type { RigView } from '@/features/rigs';
import { minutes } from '@/text';
import { planDay, savedWords, tripWordsOf } from '@/text/plan';
import { Button, Select } from '@/ui';
import { JobRow } from './job-row';
import { rowsOf } from './posts';
import { PrintDay } from './print-day';
import { RigDay } from './rig-day';
import type { Shown } from './shown';

/** The hours of one day, where they are not as usual. */
function Hours({ plan, post, view }: Shown) {
  const given = plan.edits.hours[post.day] ?? post.capacity;
  const hours = Array.from({ length: 12 }, (_, i) => (i + 1) * 60);
  const options = [...new Set([...hours, given])].sort((a, b) => a - b);
  return (
    <Select
      label="Hours I have that day"
      value={String(given)}
      onChange={(value) =>
        plan.edit(
          giveHours(plan.edits, post.day, Number(value)),
          `${minutes(Number(value))} on ${planDay(post.day, view.now)}`,
        )
      }
    >
      {options.map((some) => (
        <option key={some} value={some}>
          {minutes(some)}
        </option>
      ))}
    </Select>
  );
}

/** One yard day: its work with the reason of each, what it needs, and what can be changed by hand. */
export function DayPanel({
  plan,
  post,
  view,
  rigs,
  children,
}: Shown & { rigs: readonly RigView[]; children?: ReactNode }) {
  const rows = rowsOf(plan, post);
  const here = rigs.filter(({ rig }) => rows.some((row) => row.rig === rig.id));
  const trip = plan.yard.trips.find((one) => one.at.slice(0, 10) > post.day);
  const rain = post.works.flatMap((j) => {
    const work = plan.yard.works[j];
    return work && !work.jobs.every(standsRain) ? [work.id] : [];
  });
  const over = post.minutes > post.capacity;
  return (
    <div className="grid grid-cols-[minmax(0,1fr)] gap-8 lg:grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)]">
      <section id="yard-day" className="scroll-mt-4" aria-label={`Yard day ${planDay(post.day, view.now)}`}>
        <div className="border-ink flex flex-wrap items-baseline justify-between gap-x-4 border-b-2 pb-2">
          <h2 className="text-2xl">{planDay(post.day, view.now)}</h2>
          <span className="text-soft">
            {minutes(post.minutes)}, {rows.length} {rows.length === 1 ? 'job' : 'jobs'}
            {trip ? `, before ${tripWordsOf(trip, view.now)}` : ''}
          </span>
        </div>
        <p className="text-soft py-2">
          {savedWords(post.saved) ?? 'Nothing on it shares its set-up.'}
          {over &&
            ` It is ${minutes(post.minutes - post.capacity)} longer than the ${minutes(post.capacity)} you gave it.`}
        </p>
        {here.map((one) => (
          <div key={one.rig.id}>
            {rigs.length > 1 && <h3 className="pt-2 text-lg">{one.model.name}</h3>}
            <ul>
              {rows
                .filter((row) => row.rig === one.rig.id)
                .map((row) => (
                  <JobRow key={row.key} row={row} plan={plan} post={post} view={one} />
                ))}
            </ul>
          </div>
        ))}
      </section>
      <div className="grid content-start gap-6 lg:row-span-2">
        {here.map((one) => (
          <RigDay key={one.rig.id} plan={plan} post={post} view={one} name={rigs.length > 1} />
        ))}
        <section aria-label="Change this day" className="grid gap-3">
          <h3 className="text-lg">Change this day</h3>
          <div className="flex flex-wrap gap-2">
            <Button
              onClick={() =>
                plan.edit(
                  post.pinned
                    ? unpin(
                        plan.edits,
                        post.works.flatMap((j) => plan.yard.works[j]?.id ?? []),
                      )
                    : pinDay(plan.yard.problem, plan.planned.found.visits, plan.edits, post.k),
                  post.pinned ? 'Day unpinned' : 'Day pinned',
                )
              }
            >
              {post.pinned ? <PinOff aria-hidden size={18} /> : <Pin aria-hidden size={18} />}
              {post.pinned ? 'Unpin this day' : 'Pin this day'}
            </Button>
            <Button
              onClick={() =>
                plan.edit(
                  closeDay(plan.yard.problem, plan.edits, post.k),
                  `${planDay(post.day, view.now)} kept free`,
                )
              }
            >
              Leave it free
            </Button>
            {rain.length > 0 && (
              <Button
                onClick={() =>
                  plan.edit(keepOff(plan.edits, rain, post.day), 'It rains: what needs dry ground moves')
                }
              >
                It rains
              </Button>
            )}
          </div>
          <Hours plan={plan} post={post} view={view} />
          <PrintDay plan={plan} post={post} view={view} rigs={rigs} />
        </section>
      </div>
      <div className="grid content-start gap-8">{children}</div>
    </div>
  );
}
