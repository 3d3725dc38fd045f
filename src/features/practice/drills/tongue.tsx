'use client';

import { useState } from 'react';
import { tongueDrill, tongueRight, tongueShare } from '@/core/practice';
import { formatNumber } from '@/core/quantity';
import { usePreferences } from '@/store';
import { measure } from '@/text';
import { Button } from '@/ui';
import type { DrillProps } from '../drill';
import { Ended } from '../ended';

const WIDTH = 680;

/** Tongue and load: one load is moved until the trailer tows straight. */
export default function TongueDrillView({ model, seed, onEnd }: DrillProps) {
  const { units } = usePreferences();
  const [drill] = useState(() => tongueDrill(model.kind, seed));
  const start = drill.loads[drill.moved]?.at ?? 0;
  const [at, setAt] = useState(start);
  const [ended, setEnded] = useState(false);
  const share = tongueShare(drill, at);
  const right = tongueRight(drill, share);
  const weight = drill.loads.reduce((sum, load) => sum + load.weight, 0);
  const percent = (one: number) => `${formatNumber(one * 100, 0)} %`;
  const length = drill.floor.to + 0.5;
  const x = (m: number) => 30 + ((WIDTH - 60) * m) / length;
  const box = (drill.loads[drill.moved]?.weight ?? 0) / 6;
  const step = (drill.floor.to - drill.floor.from) / 60;
  const set = () => {
    setEnded(true);
    onEnd(right);
  };
  return (
    <div className="grid max-w-4xl gap-5">
      <svg
        viewBox={`0 38 ${WIDTH} 170`}
        className="fig h-auto w-full"
        role="img"
        aria-label={`The trailer from the side. The load stands ${measure(at, 'height', units, 1)} behind the coupler, the axle ${measure(drill.axle, 'height', units, 1)}.`}
      >
        <rect x={x(0)} y={146} width={x(drill.floor.from) - x(0)} height={8} className="ink-body" />
        <rect
          x={x(drill.floor.from)}
          y={140}
          width={x(drill.floor.to) - x(drill.floor.from)}
          height={16}
          className="ink-body"
        />
        <circle cx={x(0)} cy={150} r="7" className="ink-metal" />
        <circle cx={x(drill.axle)} cy={172} r="28" className="ink-body" />
        <circle cx={x(drill.axle)} cy={172} r="9" className="ink-metal" />
        <rect x={x(drill.loads[1]?.at ?? 0) - 16} y={112} width={32} height={28} className="ink-body" />
        <text x={x(drill.loads[1]?.at ?? 0)} y={104} fontSize="13" textAnchor="middle" fill="var(--soft)">
          box
        </text>
        <rect
          x={x(at) - box / 2}
          y={140 - box}
          width={box}
          height={box}
          fill="var(--accent-wash)"
          stroke="var(--accent)"
          strokeWidth="2"
        />
        <text x={x(at)} y={132 - box} fontSize="15" fontWeight="600" textAnchor="middle">
          {measure(drill.loads[drill.moved]?.weight ?? 0, 'weight', units, 0)}
        </text>
      </svg>
      <label className="grid gap-1 font-semibold">
        Where the load stands, front to back
        <input
          type="range"
          className="accent-accent h-11 w-full"
          min={drill.floor.from}
          max={drill.floor.to}
          step={step}
          value={at}
          disabled={ended}
          aria-valuetext={`${measure(at, 'height', units, 1)} behind the coupler`}
          onChange={(event) => setAt(Number(event.target.value))}
        />
      </label>
      {!ended ? (
        <>
          <p className="text-soft">
            No scale is at hand. Where would you put it, before you weigh the tongue?
          </p>
          <div>
            <Button look="primary" size="lg" onClick={set}>
              Tie it down here
            </Button>
          </div>
        </>
      ) : (
        <Ended
          verdict={right ? 'clear' : share < drill.window.min ? 'stop' : 'due'}
          title={
            right ? 'It tows straight' : share < drill.window.min ? 'It will sway' : 'Too much on the hitch'
          }
        >
          <p className="figures text-lg">
            <strong>{percent(share)}</strong> of the weight on the tongue,{' '}
            {measure(weight * share, 'weight', units, 0)} of {measure(weight, 'weight', units, 0)}. It belongs
            between {percent(drill.window.min)} and {percent(drill.window.max)}.
          </p>
          <p>
            {share < drill.window.min
              ? 'Further forward: behind the axle it lifts the tongue, and a light tongue sways.'
              : right
                ? 'Just ahead of the axle, most of the weight forward of it.'
                : 'Further back: hitch, receiver and the vehicle’s rear axle carry too much.'}
          </p>
          <p className="text-soft text-[0.92rem]">
            By moments about the coupler, as under Figures. Weigh the real one: frames and loads differ. Trade
            default; the hitch and vehicle limits outrank it.
          </p>
        </Ended>
      )}
    </div>
  );
}
