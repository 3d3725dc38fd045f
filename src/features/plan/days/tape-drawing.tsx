import type { UnitSystem } from '@/core/base';
import type { YardProblem } from '@/core/plan';
import { measure } from '@/text';
import type { Lane } from './lanes';
import { monthsOf, toldIn, tripsOn, type TapeFrame } from './tape-layout';

/** What a lane is called. */
const laneName = ({ place }: Lane) => (place === 'body' ? 'Hitch, body' : place);

/** The pickets before a limit: they grow and darken toward a red one, and hatching says how far the day may lie off. */
function Pickets({
  lane,
  base,
  frame,
  posts,
}: {
  lane: Lane;
  base: number;
  frame: TapeFrame;
  posts: readonly number[];
}) {
  const { x, days } = frame;
  const tall = frame.laneHeight - 19;
  const step = Math.max(1, (7 * days) / (frame.right - frame.left));
  return (
    <g>
      {toldIn(lane, frame, posts).map(({ of: one, label, at: told }) => {
        const marks: number[] = [];
        for (let at = Math.max(0, one.from); at < one.likely; at += step) marks.push(at);
        const end = x(one.likely);
        const hatch = one.late - one.early > 2;
        return (
          <g key={`${one.likely} ${one.names[0] ?? ''}`}>
            {marks.map((at) => {
              const share = Math.max(0, Math.min(1, (at - one.from) / Math.max(1, one.likely - one.from)));
              return (
                <line
                  key={at}
                  x1={x(at)}
                  x2={x(at)}
                  y1={base - 3 - tall * share ** 1.4}
                  y2={base}
                  stroke={share > 0.55 ? 'var(--soon)' : 'var(--soft)'}
                  strokeWidth={1 + 1.6 * share}
                  opacity={0.3 + 0.7 * share}
                />
              );
            })}
            {one.likely <= days && (
              <line x1={end} x2={end} y1={base - tall - 4} y2={base} stroke="var(--due)" strokeWidth="3.2" />
            )}
            {hatch && (
              <line
                x1={x(one.early)}
                x2={x(Math.min(days, one.late))}
                y1={base - 3.5}
                y2={base - 3.5}
                stroke="var(--due)"
                strokeWidth="5"
                strokeDasharray="1.4 3.2"
                opacity="0.75"
              />
            )}
            {told !== undefined && (
              <text x={told} y={base - tall - 6} fontSize="13" fill="var(--ink)" opacity="0.85">
                {label}
              </text>
            )}
          </g>
        );
      })}
    </g>
  );
}

/** What is drawn behind the posts: dates, trips, what ripens in each lane, expected miles. */
export function TapeDrawing({
  yard,
  rig,
  lanes,
  frame,
  posts,
  units,
  label,
}: {
  yard: YardProblem;
  rig: string;
  lanes: readonly Lane[];
  frame: TapeFrame;
  /** Where posts stand (px). */
  posts: readonly number[];
  units: UnitSystem;
  label: string;
}) {
  const { x, axis, bottom, left, right, days, laneHeight } = frame;
  const weeks = Array.from({ length: Math.floor(days / 7) + 1 }, (_, i) => i * 7);
  const towed = yard.towed[rig] ?? [];
  const months = monthsOf(yard);
  const miles = months.map(({ at }) => ({
    at,
    far: towed[Math.min(towed.length - 1, Math.floor(at / 7))] ?? 0,
  }));
  return (
    <svg
      width={frame.width}
      height={frame.height}
      viewBox={`0 0 ${frame.width} ${frame.height}`}
      role="img"
      aria-label={label}
      className="block"
    >
      {tripsOn(yard, rig, frame, units).map(({ id, mine, x: at, name, at: to, row }) => (
        <g key={id} opacity={mine ? 1 : 0.75}>
          <rect
            x={at}
            width={Math.max(9, x(3) - x(0))}
            y={axis}
            height={bottom - axis}
            fill="var(--accent)"
            opacity={mine ? 0.13 : 0.07}
          />
          <line x1={at} x2={at} y1={20 + row * 17} y2={axis} stroke="var(--accent)" strokeWidth="1.2" />
          <line
            x1={at}
            x2={at + Math.max(9, x(3) - x(0))}
            y1={axis + 2.5}
            y2={axis + 2.5}
            stroke="var(--accent)"
            strokeWidth="4"
          />
          <text x={to + 4} y={15 + row * 17} fontSize="14" fill="var(--accent)">
            {name}
          </text>
        </g>
      ))}
      {weeks.map((at) => (
        <line key={at} x1={x(at)} x2={x(at)} y1={axis - 8} y2={axis} stroke="var(--soft)" strokeWidth="0.9" />
      ))}
      {months.map(({ at, name }) => (
        <g key={at}>
          <line x1={x(at)} x2={x(at)} y1={axis - 24} y2={axis} stroke="var(--ink)" strokeWidth="1.6" />
          <text
            x={x(at) + 5}
            y={axis - 11}
            stroke="var(--sheet)"
            strokeWidth="4"
            paintOrder="stroke"
            fontSize="15"
            fontWeight="600"
            fill="var(--ink)"
            className="figures"
          >
            {name}
          </text>
        </g>
      ))}
      <line x1={left} x2={right} y1={axis} y2={axis} stroke="var(--ink)" strokeWidth="1.4" />
      {lanes.map((lane, i) => {
        const base = frame.lanes + (i + 1) * laneHeight;
        return (
          <g key={lane.place}>
            <text x={6} y={base - 12} fontSize="16" fontWeight="600" fill="var(--ink)" className="figures">
              {laneName(lane)}
            </text>
            <line x1={6} x2={right} y1={base} y2={base} stroke="var(--line)" strokeWidth="1" />
            <Pickets lane={lane} base={base} frame={frame} posts={posts} />
          </g>
        );
      })}
      <line x1={left} x2={right} y1={bottom} y2={bottom} stroke="var(--ink)" strokeWidth="1.4" />
      {[{ at: 0, far: 0 }, ...miles.filter(({ at }) => x(at) - x(0) > 70)].map(({ at, far }) => (
        <g key={at}>
          <line x1={x(at)} x2={x(at)} y1={bottom} y2={bottom + 8} stroke="var(--ink)" strokeWidth="1" />
          <text
            x={Math.max(left, x(at))}
            y={bottom + 25}
            fontSize="14"
            textAnchor={at === 0 ? 'start' : 'middle'}
            fill="var(--soft)"
            className="figures"
          >
            {at === 0 ? 'now' : `about ${measure(far, 'distance', units, 0)}`}
          </text>
        </g>
      ))}
      <path d={`M${x(0) - 7} ${axis - 20}h14l-7 10z`} fill="var(--ink)" />
      <line x1={x(0)} x2={x(0)} y1={axis - 12} y2={bottom} stroke="var(--ink)" strokeWidth="2" />
    </svg>
  );
}
