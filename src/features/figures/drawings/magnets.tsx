import type { DrawingProps } from './drawing';

const WIDTH = 640;

/** The brake circuit with the current through each magnet; a tap switches one off, and on again. */
export function MagnetsDrawing({ n, result, told, set }: DrawingProps) {
  const count = Math.round(n('magnets') ?? 4);
  const off = Math.round(n('off') ?? 0);
  const each = result('each');
  const gap = (WIDTH - 190) / Math.max(1, count);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 246`}
      className="fig h-auto w-full"
      role="group"
      aria-label={`Brake circuit: ${told('current')} through ${count - off} of ${count} magnets`}
    >
      <path
        d={`M70 150V40H${WIDTH - 40}M70 176V208H${WIDTH - 40}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="2.4"
      />
      <path d="M50 150h40M60 163h20M50 176h40" stroke="var(--ink)" strokeWidth="3" />
      <text x="24" y="168" fontSize="15" textAnchor="middle" fill="var(--soft)" className="figures">
        {told('volts')}
      </text>
      <text x="120" y="30" fontSize="16" fill="var(--accent)" fontWeight="600" className="figures">
        {told('current')}
      </text>
      {Array.from({ length: count }, (_, i) => {
        // The last ones are the dead ones.
        const dead = i >= count - off;
        const x = 150 + gap * (i + 0.5);
        const toggle = () => set('off', dead ? off - 1 : off + 1);
        return (
          <g
            key={i}
            role="switch"
            tabIndex={0}
            aria-checked={!dead}
            aria-label={`Magnet ${i + 1}`}
            className="cursor-pointer outline-none [&:focus-visible_.grip]:stroke-[5] [&:focus-visible_.grip]:stroke-[var(--accent)]"
            onClick={toggle}
            onKeyDown={(event) => {
              if (event.key !== 'Enter' && event.key !== ' ') return;
              event.preventDefault();
              toggle();
            }}
          >
            <line x1={x} x2={x} y1="40" y2={dead ? 62 : 90} stroke="var(--ink)" strokeWidth="2" />
            <line x1={x} x2={x} y1="158" y2="208" stroke="var(--ink)" strokeWidth="2" />
            <ellipse
              className="grip ink-body"
              cx={x}
              cy="124"
              rx={Math.min(30, gap * 0.4)}
              ry="34"
              opacity={dead ? 0.45 : 1}
            />
            <path
              d={`M${x - 12} 108q12 -10 24 0M${x - 12} 122q12 -10 24 0M${x - 12} 136q12 -10 24 0`}
              className="ink"
              opacity={dead ? 0.3 : 1}
            />
            <text
              x={x}
              y="232"
              fontSize="15"
              textAnchor="middle"
              fill={dead ? 'var(--stop)' : 'var(--ink)'}
              className="figures"
            >
              {dead ? 'dead' : each === undefined ? '' : `${each.toFixed(2)} A`}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
