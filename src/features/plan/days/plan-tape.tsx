'use client';

import { DndContext, PointerSensor, useDraggable, useDroppable, useSensor, useSensors } from '@dnd-kit/core';
import { Pin } from 'lucide-react';
import { useMemo, useState, type KeyboardEvent, type ReactNode } from 'react';
import type { UnitSystem } from '@/core/base';
import { daysApart, moveDay, moveJobs, type PlanEdits, type Visits } from '@/core/plan';
import type { RigView } from '@/features/rigs';
import { minutes } from '@/text';
import { planDay } from '@/text/plan';
import { cx } from '@/ui';
import { lanesOf } from './lanes';
import type { Post } from './posts';
import { TapeDrawing } from './tape-drawing';
import { frameOf, type TapeFrame } from './tape-layout';
import type { PlanReady } from './use-plan';
import { useWidth } from './use-width';

/** So much room (px) the flag of a post takes. */
const FLAG = 104;

interface Flag extends Post {
  /** Where it stands (px), and where the left edge of its flag hangs. */
  readonly x: number;
  readonly left: number;
}

/** Hangs each flag over its post, or as near as its neighbors leave room. */
function flagsOf(posts: readonly Post[], frame: TapeFrame, from: string): readonly Flag[] {
  const at = posts.map((post) => frame.x(daysApart(from, post.day) + 0.5));
  const left = at.map((x) => x - FLAG / 2);
  const gap = FLAG + 4;
  for (let i = 0; i < left.length; i++)
    left[i] = Math.max(left[i] ?? 0, (left[i - 1] ?? frame.left - FLAG / 2 - gap) + gap, 4);
  let room = frame.width - FLAG;
  for (let i = left.length - 1; i >= 0; i--) {
    left[i] = Math.min(left[i] ?? 0, room);
    room = (left[i] ?? 0) - gap;
  }
  // Where a flag was pushed right, the ones before it give way by half: it hangs nearer to its post.
  for (let i = left.length - 1; i > 0; i--) {
    const push = (left[i] ?? 0) - ((at[i] ?? 0) - FLAG / 2);
    const before = (left[i - 1] ?? 0) - Math.max(0, (left[i - 2] ?? -gap) + gap);
    if (push > 0 && (left[i] ?? 0) - (left[i - 1] ?? 0) <= gap + 1) {
      const by = Math.min(push / 2, Math.max(0, before));
      left[i] = (left[i] ?? 0) - by;
      left[i - 1] = (left[i - 1] ?? 0) - by;
    }
  }
  return posts.map((post, i) => ({ ...post, x: at[i] ?? 0, left: left[i] ?? 0 }));
}

/** A yard day on the tape: as tall as it is long, its flag on top. It is dragged, or moved by the arrow keys. */
function PostMark({
  flag,
  frame,
  longest,
  chosen,
  now,
  onChoose,
  onStep,
}: {
  flag: Flag;
  frame: TapeFrame;
  longest: number;
  chosen: boolean;
  now: string;
  onChoose: () => void;
  onStep: (by: 1 | -1) => void;
}) {
  const { x, left, day, minutes: takes, pinned, works } = flag;
  const drag = useDraggable({ id: `post ${day}` });
  const drop = useDroppable({ id: `onto ${day}` });
  const tall = Math.max(14, ((frame.bottom - frame.lanes) * takes) / Math.max(longest, 1));
  const keys = (event: KeyboardEvent) => {
    if (event.key !== 'ArrowLeft' && event.key !== 'ArrowRight') return;
    event.preventDefault();
    onStep(event.key === 'ArrowRight' ? 1 : -1);
  };
  // The post's own place within its flag's width.
  const foot = x - left;
  return (
    <button
      ref={(node) => {
        drag.setNodeRef(node);
        drop.setNodeRef(node);
      }}
      type="button"
      aria-pressed={chosen}
      aria-label={`Yard day ${planDay(day, now)}, ${minutes(takes)}, ${works.length} ${works.length === 1 ? 'job' : 'jobs'}${pinned ? ', pinned' : ''}. Arrow keys move it.`}
      onClick={onChoose}
      onKeyDown={keys}
      onPointerDown={drag.listeners?.['onPointerDown'] as React.PointerEventHandler}
      className={cx(
        'group absolute touch-none',
        drag.isDragging ? 'z-30 cursor-grabbing' : 'z-10 cursor-grab',
        chosen && 'z-20',
      )}
      style={{
        left,
        top: frame.flags,
        width: FLAG,
        height: 46,
        ...(drag.transform && { transform: `translateX(${drag.transform.x}px)` }),
      }}
    >
      <svg
        aria-hidden
        className="pointer-events-none absolute top-0 left-0 overflow-visible"
        width={FLAG}
        height={frame.bottom - frame.flags}
      >
        <path
          d={`M${FLAG / 2} 46L${foot} 62V${frame.bottom - frame.flags}`}
          fill="none"
          stroke={chosen ? 'var(--accent)' : 'var(--ink)'}
          strokeWidth="1.2"
        />
        <rect
          x={foot - 3.5}
          width="7"
          y={frame.bottom - frame.flags - tall}
          height={tall}
          fill={chosen ? 'var(--accent)' : 'var(--ink)'}
        />
      </svg>
      <span
        className={cx(
          'figures absolute inset-x-0 top-0 grid h-[46px] content-center rounded-sheet border-[1.5px] text-center leading-tight',
          chosen
            ? 'bg-accent text-accent-ink border-accent'
            : 'bg-sheet border-ink group-hover:bg-accent-wash',
          drop.isOver && !drag.isDragging && 'outline-accent outline-3',
        )}
      >
        <span className="flex items-center justify-center gap-1 text-[0.92rem] font-semibold whitespace-nowrap">
          {pinned && <Pin aria-hidden size={13} />}
          {planDay(day, now)}
        </span>
        <span className="text-[0.86rem]">{minutes(takes)}</span>
      </span>
    </button>
  );
}

/** The tape laid long: what ripens in each lane, trips, and the yard days as posts that are dragged; jobs dragged from the list land on a post. */
export function PlanTape({
  plan,
  posts,
  view,
  units,
  chosen,
  onChoose,
  children,
}: {
  plan: PlanReady;
  posts: readonly Post[];
  view: RigView;
  units: UnitSystem;
  chosen: string | undefined;
  onChoose: (day: string) => void;
  children: ReactNode;
}) {
  const { yard, problem, edits, planned } = plan;
  const [ref, width] = useWidth();
  const lanes = useMemo(() => lanesOf(yard, view.rig.id, view.model), [yard, view.rig.id, view.model]);
  const frame = frameOf(Math.max(640, width), daysApart(yard.from, yard.to), lanes.length);
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 5 } }));
  const [drag, setDrag] = useState<{
    readonly day: string;
    readonly post: Post;
    readonly from: number;
    readonly to: number;
    readonly visits: Visits;
    readonly edits: PlanEdits;
  }>();
  const now = view.now;

  /** The free day nearest to a place on the tape. */
  const nearest = (x: number) =>
    yard.problem.days.reduce((best, { day }, k) => {
      const off = (of: string) => Math.abs(frame.x(daysApart(yard.from, of) + 0.5) - x);
      return off(day) < off(yard.problem.days[best]?.day ?? day) ? k : best;
    }, 0);
  const move = (from: number, to: number, visits: Visits, of: PlanEdits) =>
    moveDay(yard.problem, visits, of, from, to);
  const step = (post: Post, by: 1 | -1) => {
    const to = post.k + by;
    if (to < 0 || to >= problem.days.length) return;
    const day = yard.problem.days[to]?.day ?? '';
    plan.edit(move(post.k, to, planned.found.visits, edits), `Moved to ${planDay(day, now)}`);
    onChoose(day);
  };

  // A post keeps its place in the list while it is dragged: what the plan makes of it is shown beside.
  const shown = drag
    ? [
        ...posts.filter(({ k, day }) => k !== drag.to && day !== drag.day),
        { ...(posts.find(({ k }) => k === drag.to) ?? drag.post), k: drag.from, day: drag.day },
      ]
    : posts;
  const flags = flagsOf(
    [...shown].sort((a, b) => (a.day < b.day ? -1 : 1)),
    frame,
    yard.from,
  );
  const longest = Math.max(
    ...yard.problem.days.map(({ capacity }) => capacity),
    ...posts.map((post) => post.minutes),
  );
  const label = `The plan from ${planDay(yard.from, now)} to ${planDay(yard.to, now)}: ${posts
    .map((post) => `yard day ${planDay(post.day, now)}, ${minutes(post.minutes)}`)
    .join('; ')}. The list below says the same.`;

  return (
    <DndContext
      sensors={sensors}
      onDragStart={({ active }) => {
        const day = String(active.id).replace(/^post /, '');
        const post = posts.find((one) => `post ${one.day}` === active.id);
        if (post) setDrag({ day, post, from: post.k, to: post.k, visits: planned.found.visits, edits });
      }}
      onDragMove={({ active, delta }) => {
        if (!drag || !String(active.id).startsWith('post ')) return;
        const to = nearest(frame.x(daysApart(yard.from, drag.day) + 0.5) + delta.x);
        if (to === drag.to) return;
        setDrag({ ...drag, to });
        plan.preview(to === drag.from ? undefined : move(drag.from, to, drag.visits, drag.edits));
      }}
      onDragCancel={() => {
        setDrag(undefined);
        plan.preview(undefined);
      }}
      onDragEnd={({ active, over }) => {
        if (drag) {
          setDrag(undefined);
          if (drag.to === drag.from) return plan.preview(undefined);
          const day = yard.problem.days[drag.to]?.day ?? '';
          plan.edit(move(drag.from, drag.to, drag.visits, drag.edits), `Moved to ${planDay(day, now)}`);
          onChoose(day);
          return;
        }
        const onto = /^onto (.*)$/.exec(String(over?.id ?? ''))?.[1];
        const jobs = /^jobs (.*)$/.exec(String(active.id))?.[1];
        const k = yard.problem.days.findIndex(({ day }) => day === onto);
        if (jobs === undefined || onto === undefined || k < 0) return;
        plan.edit(
          moveJobs(yard.problem, edits, jobs.split('|'), k, posts.find((one) => one.day === chosen)?.k),
          `Moved to ${planDay(onto, now)}`,
        );
      }}
    >
      <div className="border-line bg-sheet rounded-sheet hidden overflow-x-auto border px-2 py-2 md:block">
        <div ref={ref} className="relative">
          {width > 0 && (
            <>
              <TapeDrawing
                yard={yard}
                rig={view.rig.id}
                lanes={lanes}
                frame={frame}
                posts={flags.map(({ x }) => x)}
                units={units}
                label={label}
              />
              {flags.map((flag) => (
                <PostMark
                  key={flag.day}
                  flag={flag}
                  frame={frame}
                  longest={longest}
                  chosen={flag.day === (drag ? drag.day : chosen)}
                  now={now}
                  onChoose={() => onChoose(flag.day)}
                  onStep={(by) => step(flag, by)}
                />
              ))}
            </>
          )}
        </div>
      </div>
      {children}
    </DndContext>
  );
}
