import type { DrawingProps } from './drawing';
import { scaleOf } from './drawing';

const WIDTH = 640;
const LEFT = 16;
const RIGHT = WIDTH - 16;

/** What the tires carry and what the axle weighs, as two tapes from the same end. */
export function TireTapes({ n, result, told }: DrawingProps) {
  const carries = result('carries');
  const weighs = n('scale');
  if (carries === undefined || weighs === undefined) return null;
  const x = scaleOf([0, Math.max(carries, weighs) * 1.06], [LEFT, RIGHT]);
  const rows = [
    { y: 62, value: carries, name: 'both tires carry', told: told('carries'), color: 'var(--accent)' },
    {
      y: 152,
      value: weighs,
      name: 'the axle weighs',
      told: told('scale'),
      color: weighs > carries ? 'var(--stop)' : 'var(--ink)',
    },
  ];
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 190`}
      className="fig h-auto w-full"
      role="img"
      aria-label={`Both tires carry ${told('carries')}, the axle weighs ${told('scale')}`}
    >
      {rows.map((row) => (
        <g key={row.name}>
          <text x={LEFT} y={row.y - 30} fontSize="17" fill="var(--soft)">
            {row.name}
          </text>
          <text
            x={RIGHT}
            y={row.y - 30}
            fontSize="20"
            fontWeight="600"
            textAnchor="end"
            fill={row.color}
            className="figures"
          >
            {row.told}
          </text>
          {Array.from({ length: 41 }, (_, i) => {
            const at = LEFT + ((RIGHT - LEFT) * i) / 40;
            return (
              <line
                key={i}
                x1={at}
                x2={at}
                y1={row.y - (i % 10 === 0 ? 16 : i % 5 === 0 ? 11 : 7)}
                y2={row.y}
                stroke="var(--soft)"
                strokeWidth="0.9"
              />
            );
          })}
          <line
            x1={LEFT}
            x2={x.at(row.value)}
            y1={row.y + 6}
            y2={row.y + 6}
            stroke={row.color}
            strokeWidth="8"
          />
        </g>
      ))}
      <line
        x1={x.at(carries)}
        x2={x.at(carries)}
        y1="46"
        y2="170"
        stroke="var(--accent)"
        strokeWidth="1.6"
        strokeDasharray="4 4"
      />
    </svg>
  );
}
