import { fromSI, toSI, type UnitSystem } from '@/core/base';
import { thousandths } from '@/text/practice';

const WIDTH = 640;
const FROM = 24;
const TO = WIDTH - 24;

/** End play on a ruled tape: the window as a bracket, what was set, and where each school would have landed. */
export function PlayTape({
  window,
  marks: given,
  units,
}: {
  window: { readonly min: number; readonly max: number };
  marks: readonly { readonly name: string; readonly play: number; readonly own?: boolean }[];
  units: UnitSystem;
}) {
  // The loosest stand on top: their lines are short and cross nobody's words.
  const marks = [...given].sort((a, b) => b.play - a.play || Number(b.own ?? false) - Number(a.own ?? false));
  const most = Math.max(toSI(0.022, 'in'), ...marks.map(({ play }) => play)) * 1.05;
  const x = (play: number) => FROM + ((TO - FROM) * play) / most;
  const ticks = Math.min(30, Math.floor(fromSI(most, 'in') / 0.002));
  const ROW = 26;
  const top = 70;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${top + marks.length * ROW + 8}`}
      className="fig h-auto w-full"
      role="img"
      aria-label={`End play on a tape: ${marks.map(({ name, play }) => `${name} ${thousandths(play, units)}`).join('; ')}`}
    >
      <line x1={FROM} x2={TO} y1={40} y2={40} stroke="var(--ink)" strokeWidth="1.4" />
      {Array.from({ length: ticks + 1 }, (_, i) => {
        const at = x(toSI(i * 0.002, 'in'));
        return (
          <g key={i}>
            <line x1={at} x2={at} y1={40} y2={i % 5 === 0 ? 28 : 34} stroke="var(--ink)" />
            {i % 5 === 0 && (
              <text
                x={at}
                y={20}
                fontSize="13"
                textAnchor={i === 0 ? 'start' : 'middle'}
                fill="var(--soft)"
                className="figures"
              >
                {thousandths(toSI(i * 0.002, 'in'), units)}
              </text>
            )}
          </g>
        );
      })}
      <rect x={x(window.min)} y={42} width={x(window.max) - x(window.min)} height={8} fill="var(--clear)" />
      {marks.map(({ name, play, own }, i) => (
        <line
          key={name}
          x1={x(play)}
          x2={x(play)}
          y1={40}
          y2={top + i * ROW + 4}
          stroke={own ? 'var(--accent)' : 'var(--soft)'}
          strokeWidth={own ? 2.6 : 1.2}
        />
      ))}
      {marks.map(({ name, play, own }, i) => {
        const at = x(play);
        const end = at > WIDTH * 0.6;
        return (
          <text
            key={name}
            x={at + (end ? -7 : 7)}
            y={top + i * ROW + 8}
            fontSize="15"
            fontWeight={own ? 700 : 400}
            textAnchor={end ? 'end' : 'start'}
            fill={own ? 'var(--accent)' : 'var(--ink)'}
            stroke="var(--sheet)"
            strokeWidth="5"
            paintOrder="stroke"
          >
            {name}, <tspan className="figures">{thousandths(play, units)}</tspan>
          </text>
        );
      })}
    </svg>
  );
}
