'use client';

import {
  DndContext,
  PointerSensor,
  pointerWithin,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { createContext, use, type ReactNode } from 'react';
import type { Place, RigModel } from '@/core/rig';
import { cx, RigPlan, type PlaceLabel, type TargetProps } from '@/ui';

/** Which places hold something that can be dragged. */
const Held = createContext<ReadonlySet<Place>>(new Set());

/** A place of the drawing that can be dragged from and onto; a click or Enter picks up and puts down as well. */
function DragTarget({ place, className, style, ...rest }: TargetProps) {
  const held = use(Held).has(place);
  const drop = useDroppable({ id: place });
  const drag = useDraggable({ id: place, disabled: !held });
  const { transform, isDragging } = drag;
  // The package's keyboard words promise arrow keys; here Enter picks up and Enter puts down.
  const { onPointerDown } = drag.listeners ?? {};
  return (
    <button
      type="button"
      {...rest}
      ref={(node) => {
        drop.setNodeRef(node);
        drag.setNodeRef(node);
      }}
      onPointerDown={onPointerDown as TargetProps['onPointerDown']}
      className={cx(
        className,
        'touch-none',
        held && 'cursor-grab',
        drop.isOver && !isDragging && 'bg-accent-wash outline-accent outline-3',
        isDragging && 'bg-sheet/90 outline-ink z-20 outline-2',
      )}
      style={{
        ...style,
        ...(transform && { transform: `translate(${transform.x}px, ${transform.y}px)` }),
      }}
    />
  );
}

/** A place beside the drawing: the shelf. */
export function DropZone({
  id,
  children,
  className,
}: {
  id: string;
  children: ReactNode;
  className?: string;
}) {
  const { setNodeRef, isOver } = useDroppable({ id });
  return (
    <div ref={setNodeRef} className={cx(className, isOver && 'bg-accent-wash outline-accent outline-3')}>
      {children}
    </div>
  );
}

/** A part beside the drawing that can be dragged onto it. */
export function DragChip({
  id,
  picked,
  children,
  onPick,
}: {
  id: string;
  picked: boolean;
  children: ReactNode;
  onPick: () => void;
}) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id: `part ${id}` });
  return (
    <button
      type="button"
      ref={setNodeRef}
      aria-pressed={picked}
      onClick={onPick}
      onPointerDown={listeners?.['onPointerDown'] as TargetProps['onPointerDown']}
      className={cx(
        'min-h-11 touch-none cursor-grab rounded-sheet border-[1.5px] px-3 py-1 text-left',
        picked ? 'border-accent bg-accent-wash font-semibold' : 'border-ink bg-sheet',
        isDragging && 'z-20 opacity-90',
      )}
      style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
    >
      {children}
    </button>
  );
}

/** The drawing as a board on which parts are moved. */
export function Board({
  model,
  slots,
  held,
  labels,
  chosen,
  onTap,
  onDrop,
  children,
}: {
  model: RigModel;
  slots: readonly Place[];
  held: ReadonlySet<Place>;
  labels: Readonly<Partial<Record<Place, PlaceLabel>>>;
  chosen: readonly Place[];
  onTap: (place: Place) => void;
  /** What was dragged (a place of the drawing, or `part` and its id) onto which place. */
  onDrop: (what: string, onto: string) => void;
  children: ReactNode;
}) {
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 8 } }));
  const end = ({ active, over }: DragEndEvent) => {
    if (over) onDrop(String(active.id), String(over.id));
  };
  const plan = { model, labels, chosen, choosable: slots, onChoose: onTap, Made: DragTarget };
  return (
    <Held value={held}>
      <DndContext
        sensors={sensors}
        collisionDetection={pointerWithin}
        onDragEnd={end}
        accessibility={{ container: undefined }}
      >
        <RigPlan {...plan} heading="up" className="mx-auto max-w-sm px-1 py-3" />
        {children}
      </DndContext>
    </Held>
  );
}
