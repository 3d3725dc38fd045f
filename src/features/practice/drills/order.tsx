'use client';

import {
  DndContext,
  PointerSensor,
  TouchSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
} from '@dnd-kit/core';
import { ArrowDown, ArrowUp, GripVertical } from 'lucide-react';
import { useMemo, useState } from 'react';
import { breachesByStep, orderDrill, playOrder, type OrderDrill } from '@/core/practice';
import type { Breach } from '@/core/routine';
import { usePreferences } from '@/store';
import { jobsTitle, stepWords } from '@/text';
import { brokenWords } from '@/text/practice';
import { Button, cx, Mark } from '@/ui';
import type { DrillProps } from '../drill';
import { Ended } from '../ended';

function Row({
  at,
  of,
  keyed,
  title,
  breach,
  done,
  onMove,
}: {
  at: number;
  of: number;
  keyed: string;
  title: string;
  breach: Breach | undefined;
  done: boolean;
  onMove: (to: number) => void;
}) {
  const {
    setNodeRef: dragged,
    listeners,
    transform,
    isDragging,
  } = useDraggable({ id: keyed, disabled: done });
  const { setNodeRef: dropped, isOver } = useDroppable({ id: keyed });
  const broken = breach && brokenWords(breach);
  return (
    <li
      ref={dropped}
      className={cx(
        'border-line bg-sheet border-b',
        isOver && !isDragging && 'shadow-[inset_0_3px_0_var(--accent)]',
        isDragging && 'opacity-60',
      )}
      style={
        transform
          ? { transform: `translateY(${transform.y}px)`, position: 'relative', zIndex: 10 }
          : undefined
      }
    >
      <div className="flex items-center gap-1">
        {!done && (
          <span
            ref={dragged}
            {...listeners}
            className="text-soft grid min-h-14 w-10 cursor-grab touch-none place-items-center"
            aria-hidden
          >
            <GripVertical size={22} />
          </span>
        )}
        <span className={cx('figures text-soft w-7 text-xl', done && 'pl-1')}>{at + 1}</span>
        <span className="min-w-0 flex-1 py-2 text-lg leading-snug">{title}</span>
        {!done && (
          <span className="flex">
            <Button
              look="quiet"
              aria-label={`Earlier: ${title}`}
              disabled={at === 0}
              onClick={() => onMove(at - 1)}
            >
              <ArrowUp aria-hidden size={22} />
            </Button>
            <Button
              look="quiet"
              aria-label={`Later: ${title}`}
              disabled={at === of - 1}
              onClick={() => onMove(at + 1)}
            >
              <ArrowDown aria-hidden size={22} />
            </Button>
          </span>
        )}
        {done && !broken && (
          <span className="pr-3">
            <Mark mark="clear" size={22} />
          </span>
        )}
      </div>
      {broken && (
        <p className="flex gap-2.5 pr-3 pb-3 pl-8">
          <Mark mark="stop" size={22} />
          <span>
            <strong>{broken.rule}</strong> {broken.then}
          </span>
        </p>
      )}
    </li>
  );
}

function Steps({ drill, model, onEnd }: { drill: OrderDrill } & Pick<DrillProps, 'model' | 'onEnd'>) {
  const { units } = usePreferences();
  const [keys, setKeys] = useState<readonly string[]>(drill.start);
  const [breaches, setBreaches] = useState<readonly Breach[]>();
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 120, tolerance: 8 } }),
  );
  const titles = new Map(
    drill.steps.map((step) => [step.key, stepWords(step, model, drill.card, units).title]),
  );
  const move = (key: string, to: number) => {
    const left = keys.filter((one) => one !== key);
    setKeys([...left.slice(0, to), key, ...left.slice(to)]);
  };
  const check = () => {
    const found = breachesByStep(playOrder(drill, keys, model), keys);
    setBreaches(found);
    onEnd(found.length === 0);
  };
  const elsewhere = (breaches ?? []).filter(({ key }) => !keys.includes(key));
  return (
    <div className="grid max-w-3xl gap-5">
      <p className="text-soft">
        From the card “{jobsTitle(drill.card.jobs)}”, steps {drill.from + 1} to{' '}
        {drill.from + drill.steps.length} of {drill.card.steps.length}.{' '}
        {drill.from === 0 ? 'Nothing is done yet.' : 'What comes before them is done.'} Drag them, or use the
        arrows.
      </p>
      <DndContext
        sensors={sensors}
        onDragEnd={({ active, over }) => {
          if (over && active.id !== over.id) move(String(active.id), keys.indexOf(String(over.id)));
        }}
      >
        <ol aria-label="Steps in your order" className="border-ink border-t-2">
          {keys.map((key, i) => (
            <Row
              key={key}
              keyed={key}
              at={i}
              of={keys.length}
              title={titles.get(key) ?? key}
              breach={breaches?.find((one) => one.key === key)}
              done={breaches !== undefined}
              onMove={(to) => move(key, to)}
            />
          ))}
        </ol>
      </DndContext>
      {breaches === undefined ? (
        <div>
          <Button look="primary" size="lg" onClick={check}>
            Work it in this order
          </Button>
        </div>
      ) : (
        <Ended
          verdict={breaches.length === 0 ? 'clear' : 'stop'}
          title={breaches.length === 0 ? 'A safe order' : 'It does not hold'}
        >
          {elsewhere.map((breach) => (
            <p key={`${breach.key} ${breach.why}`}>
              <strong>Later on the card: {brokenWords(breach).rule}</strong> {brokenWords(breach).then}
            </p>
          ))}
          {breaches.length > 0 ? (
            <>
              <p>Safe would be:</p>
              <ol className="list-decimal pl-6">
                {drill.steps.map(({ key }) => (
                  <li key={key}>{titles.get(key)}</li>
                ))}
              </ol>
            </>
          ) : (
            <p>
              Played step by step by the check that every card of yours has to pass. More than one order can
              be safe.
            </p>
          )}
        </Ended>
      )}
    </div>
  );
}

/** Put it in order: eight steps of a card of this very rig. */
export default function OrderDrillView({ model, house, seed, onEnd }: DrillProps) {
  const drill = useMemo(() => orderDrill(model, house, seed), [model, house, seed]);
  if (!drill)
    return (
      <p className="text-lg">
        There is no work on this rig with eight steps yet: it needs an axle whose hub and brake are known.
        Tell them under Rig.
      </p>
    );
  return <Steps drill={drill} model={model} onEnd={onEnd} />;
}
