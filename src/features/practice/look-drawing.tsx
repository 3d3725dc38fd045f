import { FIELD, lookOf, type Ink, type Shape, type Tint } from '@/core/practice';
import type { GradeId, Subject } from '@/core/rules';

/** What stuff looks like: the same by day, at night and in full sun, so that its color can be judged. */
const TINTS: Record<Tint, string> = {
  lining: '#a99c86',
  rubber: '#7b8280',
  web: '#c9b26f',
  rag: '#efe9db',
  copper: '#c98554',
  grease: '#3d3522',
  stain: '#8a5f2d',
  rust: '#a4531f',
  blue: '#4a68b0',
  fresh: '#c9a34a',
  dark: '#6b4f1f',
  milky: '#d6d0bf',
  oil: '#dfc06a',
  black: '#1e1b16',
  spark: '#f7f6ef',
};
const METAL = '#d9d6cc';
const BODY = '#f3f0e8';
const INK = '#17201d';

const STYLE: Record<Ink, (shape: Shape) => React.SVGProps<SVGPathElement>> = {
  body: ({ tint }) => ({ fill: tint ? TINTS[tint] : BODY, stroke: INK, strokeWidth: 1.6 }),
  metal: ({ tint }) => ({ fill: tint ? TINTS[tint] : METAL, stroke: INK, strokeWidth: 1.6 }),
  line: ({ width = 1.6 }) => ({ fill: 'none', stroke: INK, strokeWidth: width }),
  thin: ({ width = 1 }) => ({ fill: 'none', stroke: '#535e59', strokeWidth: width }),
  crack: ({ width = 1.6, tint }) => ({ fill: 'none', stroke: tint ? TINTS[tint] : INK, strokeWidth: width }),
  dashed: () => ({ fill: 'none', stroke: '#535e59', strokeWidth: 1.4, strokeDasharray: '5 4' }),
  fill: ({ tint }) => ({ fill: tint ? TINTS[tint] : INK }),
};

/** A condition as it may look, by a seed; on paper by day and by night, as under a lamp. */
export function LookDrawing({
  subject,
  grade,
  seed,
  label,
}: {
  subject: Subject;
  grade: GradeId;
  seed: number;
  label: string;
}) {
  const { shapes, tilt, flipped } = lookOf(subject, grade, seed);
  const { width, height } = FIELD;
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={label}
      className="border-line h-auto w-full rounded-sheet border bg-[#fcfbf8]"
    >
      <g
        transform={`rotate(${tilt.toFixed(1)} ${width / 2} ${height / 2})${flipped ? ` translate(${width} 0) scale(-1 1)` : ''}`}
        strokeLinejoin="round"
        strokeLinecap="round"
      >
        {shapes.map((shape, i) => (
          <path key={i} d={shape.d} opacity={shape.opacity} {...STYLE[shape.ink](shape)} />
        ))}
      </g>
    </svg>
  );
}
