'use client';

import { Pin } from 'lucide-react';
import { jobsTitle, dateField, measure, minutes, month } from '@/text';
import type { UnitSystem } from '@/core/base';
import { noonOf, planDay } from '@/text/plan';
import { cx } from '@/ui';
import type { Post } from './posts';
import type { PlanReady } from './use-plan';

type Item =
  | { readonly as: 'post'; readonly day: string; readonly post: Post }
  | { readonly as: 'trip'; readonly day: string; readonly name: string; readonly far: string };

/** The same plan top to bottom: for a phone, and for whoever does not see the tape. Posts open their day. */
export function PlanList({
  plan,
  posts,
  now,
  units,
  chosen,
  onChoose,
}: {
  plan: PlanReady;
  posts: readonly Post[];
  now: string;
  units: UnitSystem;
  chosen: string | undefined;
  onChoose: (day: string) => void;
}) {
  const items: readonly Item[] = [
    ...posts.map((post): Item => ({ as: 'post', day: post.day, post })),
    ...plan.yard.trips.map((trip): Item => ({
      as: 'trip',
      day: dateField(trip.at),
      name: trip.name ?? 'Trip',
      far: measure(trip.distance, 'distance', units, 0),
    })),
  ].sort((a, b) => (a.day < b.day ? -1 : 1));
  const longest = Math.max(1, ...posts.map((post) => post.minutes));
  return (
    <ol aria-label="Yard days and trips" className="border-ink ml-2 border-l-2 md:sr-only">
      {items.map((item, i) => {
        const name = month(noonOf(item.day));
        const first = i === 0 || month(noonOf(items[i - 1]?.day ?? '')) !== name;
        return (
          <li key={`${item.as} ${item.day} ${i}`} className="relative pl-4">
            {first && (
              <p className="text-soft figures relative pt-2 pb-1 before:absolute before:top-1/2 before:-left-4 before:h-px before:w-3 before:bg-[var(--ink)]">
                {name}
              </p>
            )}
            {item.as === 'trip' ? (
              <p className="text-accent border-accent my-1.5 border-l-4 py-1 pl-3">
                {planDay(item.day, now)}: {item.name}, {item.far}
              </p>
            ) : (
              <button
                type="button"
                aria-pressed={item.day === chosen}
                onClick={() => {
                  onChoose(item.day);
                  // Its day lies further down.
                  setTimeout(() => void document.getElementById('yard-day')?.scrollIntoView(), 60);
                }}
                className={cx(
                  'rounded-sheet my-1.5 grid min-h-14 w-full grid-cols-[auto_1fr] items-center gap-x-3 border-[1.5px] px-3 py-2 text-left',
                  item.day === chosen ? 'border-accent bg-accent-wash' : 'border-ink bg-sheet',
                )}
              >
                <span
                  aria-hidden
                  className="bg-ink w-[7px] self-end"
                  style={{ height: `${12 + (36 * item.post.minutes) / longest}px` }}
                />
                <span className="min-w-0">
                  <span className="figures flex items-center gap-1.5 text-lg font-semibold">
                    {item.post.pinned && <Pin aria-label="Pinned" size={16} />}
                    {planDay(item.day, now)}, {minutes(item.post.minutes)}
                  </span>
                  <span className="text-soft block text-[0.94rem]">
                    {jobsTitle(item.post.works.flatMap((j) => plan.yard.works[j]?.jobs ?? []))}
                  </span>
                </span>
              </button>
            )}
          </li>
        );
      })}
    </ol>
  );
}
