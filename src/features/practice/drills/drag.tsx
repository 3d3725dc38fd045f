'use client';

import { useState } from 'react';
import { dragAt, dragDrill, dragOutcome } from '@/core/practice';
import { usePreferences } from '@/store';
import { count, gradeWords, measure } from '@/text';
import { Button } from '@/ui';
import type { DrillProps } from '../drill';
import { Ended } from '../ended';

const WIDTH = 640;
const PARTS = 96;
/** What is drawn to the top (N·m). */
const MOST = 6;

/** Brake by clicks: the star wheel is turned until the shoes just drag. */
export default function DragDrillView({ seed, onEnd }: DrillProps) {
  const { units } = usePreferences();
  const [drill] = useState(() => dragDrill(seed));
  const [clicks, setClicks] = useState(0);
  const [spun, setSpun] = useState<number>();
  const [ended, setEnded] = useState(false);
  const outcome = dragOutcome(drill, clicks);
  const y = (drag: number) => 130 - (Math.min(MOST, drag) / MOST) * 110;
  const turn = (by: number) => {
    setClicks(Math.max(0, clicks + by));
    setSpun(undefined);
  };
  const end = () => {
    setSpun(clicks);
    setEnded(true);
    onEnd(outcome.grade === 'even');
  };
  const most = measure(outcome.most, 'torque', units, 1);
  const least = measure(outcome.least, 'torque', units, 1);
  const feel =
    outcome.most < 0.05
      ? 'Nothing touches.'
      : outcome.grade === 'binds'
        ? 'It holds the wheel hard.'
        : outcome.least < 0.05
          ? 'It drags once a turn and lets go again.'
          : 'It drags all the way around.';
  return (
    <div className="grid max-w-4xl gap-5">
      <p className="figures text-5xl font-semibold">{count(clicks, 'click')}</p>
      <svg
        viewBox={`0 0 ${WIDTH} 160`}
        className="fig border-line bg-sheet h-auto w-full rounded-sheet border"
        role="img"
        aria-label={
          spun === undefined
            ? 'Drag over one turn: spin it to feel it'
            : `Drag over one turn: ${least} to ${most}`
        }
      >
        <line x1="20" x2={WIDTH - 20} y1={130} y2={130} stroke="var(--ink)" strokeWidth="1.4" />
        {[0, 0.25, 0.5, 0.75, 1].map((part) => (
          <line
            key={part}
            x1={20 + part * (WIDTH - 40)}
            x2={20 + part * (WIDTH - 40)}
            y1={130}
            y2={part === 0 || part === 1 ? 118 : 124}
            stroke="var(--ink)"
          />
        ))}
        <text x="20" y="150" fontSize="13" fill="var(--soft)">
          one turn of the wheel
        </text>
        <line
          x1="20"
          x2={WIDTH - 20}
          y1={y(drill.mate)}
          y2={y(drill.mate)}
          stroke="var(--soft)"
          strokeDasharray="6 5"
        />
        <text x={WIDTH - 24} y={y(drill.mate) - 6} fontSize="13" textAnchor="end" fill="var(--soft)">
          its mate
        </text>
        {spun !== undefined && (
          <path
            d={Array.from(
              { length: PARTS + 1 },
              (_, i) =>
                `${i === 0 ? 'M' : 'L'}${(20 + (i / PARTS) * (WIDTH - 40)).toFixed(1)} ${y(dragAt(drill, spun, i / PARTS)).toFixed(1)}`,
            ).join('')}
            fill="none"
            stroke="var(--accent)"
            strokeWidth="3"
          />
        )}
      </svg>
      <p role="status" className="min-h-7 text-lg">
        {spun === undefined ? '' : `${feel} ${outcome.most < 0.05 ? '' : `${least} to ${most} by hand.`}`}
      </p>
      {!ended ? (
        <div className="grid grid-cols-2 gap-2.5 sm:flex sm:flex-wrap">
          <Button size="lg" onClick={() => turn(1)}>
            One click on
          </Button>
          <Button size="lg" onClick={() => turn(-1)} disabled={clicks === 0}>
            One click back
          </Button>
          <Button size="lg" onClick={() => setSpun(clicks)}>
            Spin it
          </Button>
          <Button size="lg" look="primary" onClick={end}>
            Leave it so
          </Button>
        </div>
      ) : (
        <Ended
          verdict={outcome.judged?.verdict ?? 'due'}
          title={
            outcome.grade === 'even'
              ? 'A light drag, as it should be'
              : outcome.grade === 'binds'
                ? 'Too tight: it will cook'
                : 'Too loose: it comes in late'
          }
        >
          <p>
            {outcome.grade === 'binds'
              ? 'The wheel does not go on by itself. Under way the drum heats and the shoes press harder.'
              : `By the grades of the Bench: “${gradeWords('drag', outcome.grade, units)}”.`}{' '}
            No drum is quite round: it touches once a turn before it touches all the way around. Either is
            right, as long as all wheels feel alike. Its mate drags {measure(drill.mate, 'torque', units, 1)}.
          </p>
          <p className="text-soft text-[0.92rem]">
            Simulated from our own assumptions; the maker’s way of adjusting outranks it.
          </p>
        </Ended>
      )}
    </div>
  );
}
