import { starOrder } from '@/core/figures';
import type { StudCount } from '@/core/rig';
import { around, polygon } from './polar';
import { guarded } from '../guarded';

const C = 160;
const CIRCLE = 92;

function StarDrawing({
  studs,
  done,
  onNut,
}: {
  studs: StudCount;
  done: number;
  onNut?: (() => void) | undefined;
}) {
  const order = starOrder(studs);
  const spot = (stud: number, r = CIRCLE) => around(C, C, r, (stud - 1) / studs);
  const next = order[done];
  const before = done > 0 ? order[done - 1] : undefined;
  const nut = studs > 6 ? 19 : 22;
  return (
    <svg
      viewBox="0 0 320 320"
      className="h-auto w-full"
      role="img"
      aria-label={`Star of ${studs} nuts. ${done >= studs ? 'All nuts of this round done' : `Nut ${done + 1} of ${studs} is next`}`}
      onClick={onNut}
    >
      <circle cx={C} cy={C} r="152" className="ink-body" />
      <circle cx={C} cy={C} r="144" className="ink-thin" />
      <circle cx={C} cy={C} r="132" className="ink-thin" />
      <circle cx={C} cy={C} r="44" className="ink-body" />
      <circle cx={C} cy={C} r="36" className="ink-thin" />
      {order.slice(1).map((stud, i) => {
        const [x0, y0] = spot(order[i] ?? 1);
        const [x1, y1] = spot(stud);
        return <line key={stud} x1={x0} y1={y0} x2={x1} y2={y1} className="ink-dash" opacity={0.7} />;
      })}
      {next !== undefined && before !== undefined && (
        <line
          x1={spot(before)[0]}
          y1={spot(before)[1]}
          x2={spot(next)[0]}
          y2={spot(next)[1]}
          stroke="var(--accent)"
          strokeWidth="3"
        />
      )}
      {order.map((stud, i) => {
        const [x, y] = spot(stud);
        const state = i < done ? 'done' : i === done ? 'next' : 'open';
        return (
          <g key={stud}>
            {state === 'next' && (
              <circle
                cx={x}
                cy={y}
                r={nut + 8}
                fill="var(--paper)"
                stroke="var(--accent)"
                strokeWidth="2.4"
              />
            )}
            <path
              d={polygon(x, y, nut, 6, (stud - 1) / studs)}
              fill={
                state === 'done' ? 'var(--accent)' : state === 'next' ? 'var(--accent-wash)' : 'var(--sheet)'
              }
              stroke={state === 'open' ? 'var(--ink)' : 'var(--accent)'}
              strokeWidth={state === 'next' ? 2.6 : 1.6}
              strokeLinejoin="round"
            />
            <text
              x={x}
              y={y + 1}
              textAnchor="middle"
              dominantBaseline="central"
              className="figures font-semibold"
              fontSize={nut * 0.95}
              fill={state === 'done' ? 'var(--accent-ink)' : 'var(--ink)'}
            >
              {i + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

/**
 * The star of one wheel: nuts numbered in the order they are tightened. `done` of them are filled,
 * the next one is the thing meant; a line leads to it across the hub.
 */
export const Star = guarded(StarDrawing);
