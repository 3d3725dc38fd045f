import { memo } from 'react';
import { SECONDS, traceOf } from '@/core/practice';

const WIDTH = 640;
const HEIGHT = 150;
const PARTS = 320;

function TraceDrawing({
  samples,
  turns,
  label,
  full,
}: {
  samples: Float32Array;
  turns?: readonly number[];
  label: string;
  /** The loudest that is drawn full; by itself where none is named. */
  full?: number;
}) {
  const peak = samples.reduce((most, x) => Math.max(most, Math.abs(x)), 0);
  const scale = full === undefined ? 1 : Math.min(1, peak / full);
  const loud = traceOf(samples, PARTS);
  const x = (share: number) => 10 + share * (WIDTH - 20);
  const middle = 62;
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="fig h-auto w-full" role="img" aria-label={label}>
      <line x1={10} x2={WIDTH - 10} y1={middle} y2={middle} stroke="var(--line)" />
      <path
        d={loud
          .map(
            (one, i) =>
              `M${x(i / PARTS).toFixed(1)} ${(middle - 1 - one * scale * 55).toFixed(1)}V${(middle + 1 + one * scale * 55).toFixed(1)}`,
          )
          .join('')}
        stroke="var(--ink)"
        strokeWidth="1.3"
      />
      {(turns ?? []).map((s) => (
        <line
          key={s}
          x1={x(s / SECONDS)}
          x2={x(s / SECONDS)}
          y1={122}
          y2={132}
          stroke="var(--accent)"
          strokeWidth="2"
        />
      ))}
      {Array.from({ length: SECONDS + 1 }, (_, s) => (
        <text
          key={s}
          x={x(s / SECONDS)}
          y={148}
          fontSize="13"
          textAnchor={s === 0 ? 'start' : s === SECONDS ? 'end' : 'middle'}
          fill="var(--soft)"
          className="figures"
        >
          {s} s
        </text>
      ))}
    </svg>
  );
}

/** A sound to be seen: how loud it is over five seconds, with a tick below where each turn of the wheel begins. Eighty thousand samples are gone through once, not with every choice beside it. */
export const Trace = memo(TraceDrawing);
