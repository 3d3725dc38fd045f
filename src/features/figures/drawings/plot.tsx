import { handleOf, scaleOf, type DrawingProps } from './drawing';
import { Handle } from './handle';

const WIDTH = 640;
const HEIGHT = 300;
const BOX = { left: 104, right: WIDTH - 20, top: 18, bottom: HEIGHT - 44 };
const POINTS = 49;

/** A line of a plot: what it is called and where it runs. */
interface Line {
  readonly name: string;
  readonly color: string;
  readonly of: (x: number) => number;
}

/** Curves over one input, whose mark is dragged along them. */
export function Plot({
  props,
  along,
  from,
  to,
  lines,
  xText,
  yText,
  label,
}: {
  props: DrawingProps;
  /** The input that runs along the bottom. */
  along: string;
  from: number;
  to: number;
  lines: readonly Line[];
  xText: (value: number) => string;
  yText: (value: number) => string;
  label: string;
}) {
  const here = props.n(along) ?? from;
  const xs = Array.from({ length: POINTS }, (_, i) => from + ((to - from) * i) / (POINTS - 1));
  const all = lines.flatMap(({ of }) => xs.map(of));
  const low = Math.min(...all);
  const high = Math.max(...all);
  const pad = (high - low || 1) * 0.08;
  const x = scaleOf([from, to], [BOX.left, BOX.right]);
  const y = scaleOf([low - pad, high + pad], [BOX.bottom, BOX.top]);
  const mark = x.at(Math.min(to, Math.max(from, here)));
  return (
    <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} className="fig h-auto w-full" role="group" aria-label={label}>
      {Array.from({ length: 5 }, (_, i) => {
        const value = from + ((to - from) * i) / 4;
        const level = low + ((high - low) * i) / 4;
        return (
          <g key={i}>
            <line
              x1={BOX.left}
              x2={BOX.right}
              y1={y.at(level)}
              y2={y.at(level)}
              stroke="var(--line)"
              strokeWidth="1"
            />
            <text
              x={x.at(value)}
              y={HEIGHT - 20}
              fontSize="14"
              textAnchor={i === 0 ? 'start' : i === 4 ? 'end' : 'middle'}
              fill="var(--soft)"
              className="figures"
            >
              {xText(value)}
            </text>
            <text
              x={BOX.left - 8}
              y={y.at(level) + 5}
              fontSize="14"
              textAnchor="end"
              fill="var(--soft)"
              className="figures"
            >
              {yText(level)}
            </text>
          </g>
        );
      })}
      <line
        x1={BOX.left}
        x2={BOX.right}
        y1={BOX.bottom}
        y2={BOX.bottom}
        stroke="var(--ink)"
        strokeWidth="1.3"
      />
      {lines.map(({ name, color, of }, i) => (
        <g key={name}>
          <path
            d={xs.map((value, k) => `${k === 0 ? 'M' : 'L'}${x.at(value)} ${y.at(of(value))}`).join('')}
            fill="none"
            stroke={color}
            strokeWidth="2.6"
            strokeDasharray={['', '8 5', '3 4'][i]}
          />
          <text
            x={BOX.right - 4}
            y={y.at(of(to)) - 8}
            fontSize="15"
            fontWeight="600"
            textAnchor="end"
            fill={color}
          >
            {name}
          </text>
        </g>
      ))}
      <Handle {...handleOf(props, along)} onDrag={(at) => props.set(along, x.back(at.x))}>
        <rect x={mark - 22} y={BOX.top} width="44" height={BOX.bottom - BOX.top + 30} fill="transparent" />
        <line x1={mark} x2={mark} y1={BOX.top} y2={BOX.bottom} stroke="var(--ink)" strokeWidth="1.8" />
        <path
          className="grip"
          d={`M${mark - 9} ${BOX.bottom + 14}h18l-9 -14z`}
          fill="var(--ink)"
          stroke="var(--ink)"
        />
        {lines.map(({ name, color, of }) => (
          <circle key={name} cx={mark} cy={y.at(of(Math.min(to, Math.max(from, here))))} r="6" fill={color} />
        ))}
      </Handle>
    </svg>
  );
}
