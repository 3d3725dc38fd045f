import { measure } from '@/text';
import type { UnitSystem } from '@/core/base';

/** A jack on its blocks against the point it lifts, to scale (m): lowest, highest, and where it has to come. */
export function JackDrawing({
  closed,
  raised,
  blocks,
  point,
  needed,
  units,
}: {
  closed: number;
  raised: number;
  blocks: number;
  /** The lifting point with a flat. */
  point: number;
  needed: number;
  units: UnitSystem;
}) {
  const top = Math.max(raised + blocks, needed, point) * 1.08;
  const y = (height: number) => 130 - (height / top) * 118;
  const length = (value: number) => measure(value, 'length', units, 1);
  return (
    <svg
      viewBox="0 0 340 146"
      role="img"
      aria-label={`Jack on ${length(blocks)} of blocks: from ${length(closed + blocks)} to ${length(raised + blocks)}; the point is at ${length(point)} with a flat and has to come to ${length(needed)}`}
      className="h-auto w-full max-w-[26rem]"
      fill="none"
      stroke="var(--ink)"
      strokeWidth="1.6"
    >
      <path d="M10 130.5H330" />
      {blocks > 0 && <rect x="62" y={y(blocks)} width="56" height={130 - y(blocks)} />}
      <rect x="76" y={y(blocks + closed)} width="28" height={y(blocks) - y(blocks + closed)} />
      <rect
        x="82"
        y={y(blocks + raised)}
        width="16"
        height={y(blocks + closed) - y(blocks + raised)}
        strokeDasharray="3 3"
      />
      <path d={`M40 ${y(point)}H180`} stroke="var(--soft)" />
      <path d={`M40 ${y(needed)}H180`} stroke="var(--accent)" strokeWidth="2.4" />
      <g stroke="none" fill="var(--ink)" fontSize="12">
        <text x="186" y={Math.min(126, y(point) + 4)}>
          point with a flat {length(point)}
        </text>
        <text x="186" y={Math.max(12, y(needed) + 4)} fill="var(--accent)">
          has to reach {length(needed)}
        </text>
        <text x="12" y={y(blocks + raised) + 4}>
          {length(raised + blocks)}
        </text>
      </g>
    </svg>
  );
}
