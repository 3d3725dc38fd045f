'use client';

import { useDraggable } from '@dnd-kit/core';
import { GripVertical, Pin } from 'lucide-react';
import { useState } from 'react';
import { keepOff, moveJobs, unpin } from '@/core/plan';
import { usePreferences } from '@/store';
import { planDay } from '@/text/plan';
import { Button, Select } from '@/ui';
import { toldOf, type Row } from './posts';
import type { Shown } from './shown';
import type { PlanReady } from './use-plan';

/** Where the work of a row may go: the free days, those with a post first. */
function daysFor(
  plan: PlanReady,
  now: string,
): readonly { readonly value: string; readonly label: string }[] {
  const open = new Set(plan.planned.found.visits.flat());
  return plan.yard.problem.days.map(({ day }, k) => ({
    value: day,
    label: open.has(k) ? `${planDay(day, now)}, a yard day` : planDay(day, now),
  }));
}

/** Work of a yard day with the reason it stands there; it is dragged onto another post, or moved, pinned and kept off by hand. */
export function JobRow({ row, plan, post, view }: Shown & { row: Row }) {
  const { units } = usePreferences();
  const [asks, setAsks] = useState(false);
  const { works, title, why } = toldOf(plan, row, post, view.now, units);
  const ids = works.map(({ id }) => id);
  const { setNodeRef, listeners, transform } = useDraggable({ id: `jobs ${ids.join('|')}` });
  const pinned = ids.every((id) => plan.edits.pins[id] === post.day);
  const move = (day: string) => {
    const k = plan.yard.problem.days.findIndex((one) => one.day === day);
    if (k >= 0)
      plan.edit(
        moveJobs(plan.yard.problem, plan.edits, ids, k, post.k),
        `${title} moved to ${planDay(day, view.now)}`,
      );
  };
  return (
    <li
      className="border-line grid grid-cols-[minmax(0,1fr)_auto] gap-x-2 md:grid-cols-[1.5rem_minmax(0,1fr)_auto] border-b py-2.5"
      style={
        transform
          ? {
              transform: `translate(${transform.x}px, ${transform.y}px)`,
              position: 'relative',
              background: 'var(--sheet)',
              zIndex: 40,
            }
          : undefined
      }
    >
      <span
        ref={setNodeRef}
        aria-hidden
        title="Drag it onto another yard day"
        onPointerDown={listeners?.['onPointerDown'] as React.PointerEventHandler}
        className="text-soft hidden cursor-grab touch-none self-start pt-1 md:block"
      >
        <GripVertical size={18} />
      </span>
      <div className="min-w-0 md:col-start-2">
        <p className="font-semibold">
          {pinned && <Pin aria-label="Pinned" size={15} className="mr-1 inline" />}
          {title}
        </p>
        <p className="text-soft text-[0.94rem]">{why}</p>
        {asks && (
          <div className="mt-2 grid gap-2">
            <Select label="Move it to" value={post.day} onChange={move}>
              {daysFor(plan, view.now).map(({ value, label }) => (
                <option key={value} value={value}>
                  {label}
                </option>
              ))}
            </Select>
            <div className="flex flex-wrap items-end gap-2">
              <Button
                onClick={() =>
                  plan.edit(
                    pinned ? unpin(plan.edits, ids) : moveJobs(plan.yard.problem, plan.edits, ids, post.k),
                    pinned ? `${title} unpinned` : `${title} pinned`,
                  )
                }
              >
                {pinned ? 'Unpin it' : 'Pin it here'}
              </Button>
              <Button
                onClick={() => plan.edit(keepOff(plan.edits, ids, post.day), `${title} not on this day`)}
              >
                Not on this day
              </Button>
            </div>
          </div>
        )}
      </div>
      <Button
        look="quiet"
        className="-mr-3 self-start"
        aria-expanded={asks}
        aria-label={`Change ${title}`}
        onClick={() => setAsks(!asks)}
      >
        Change
      </Button>
    </li>
  );
}
