import { handleOf, type DrawingProps } from './drawing';
import { Handle } from './handle';

const P = { x: 390, y: 130 };
/** Drawing units in a meter. */
const BY = 720;

/** A torque wrench with an offset adapter: the nut's end turns and lengthens the adapter, the grip slides the hand. */
export function WrenchDrawing(props: DrawingProps) {
  const { n, told } = props;
  const wrench = (n('wrench') ?? 0.457) * BY;
  const length = (n('adapter') ?? 0.06) * BY;
  const angle = ((n('angle') ?? 0) * Math.PI) / 180;
  const grip = { x: P.x - Math.min(wrench, 340), y: P.y };
  const nut = {
    x: P.x + Math.max(44, length) * Math.cos(angle),
    y: P.y - Math.max(44, length) * Math.sin(angle),
  };
  return (
    <svg
      viewBox="30 20 580 200"
      className="fig h-auto w-full"
      role="group"
      aria-label={`Torque wrench ${told('wrench')} with an adapter of ${told('adapter')} at ${told('angle')}`}
    >
      <line
        x1={grip.x}
        y1={grip.y}
        x2={P.x}
        y2={P.y}
        stroke="var(--ink)"
        strokeWidth="9"
        strokeLinecap="round"
      />
      <line
        x1={P.x}
        y1={P.y}
        x2={nut.x}
        y2={nut.y}
        stroke="var(--accent)"
        strokeWidth="16"
        strokeLinecap="round"
      />
      <rect x={P.x - 12} y={P.y - 12} width="24" height="24" className="ink-body" />
      <path d={`M${P.x} ${P.y}h90`} stroke="var(--soft)" strokeDasharray="4 4" />
      <Handle {...handleOf(props, 'wrench')} onDrag={({ x }) => props.set('wrench', (P.x - x) / BY)}>
        <rect className="grip ink-body" x={grip.x - 10} y={grip.y - 17} width="64" height="34" rx="14" />
      </Handle>
      <Handle
        {...handleOf(props, 'angle')}
        onDrag={({ x, y }) => {
          const turned = Math.abs((Math.atan2(P.y - y, x - P.x) * 180) / Math.PI);
          props.set('angle', turned);
        }}
      >
        <circle cx={nut.x} cy={nut.y} r="34" fill="transparent" />
        <circle className="grip ink-body" cx={nut.x} cy={nut.y} r="24" />
        <path
          d={`${Array.from({ length: 6 }, (_, i) => {
            const a = (i * Math.PI) / 3;
            return `${i === 0 ? 'M' : 'L'}${nut.x + 15 * Math.cos(a)} ${nut.y + 15 * Math.sin(a)}`;
          }).join('')}Z`}
          className="ink"
        />
      </Handle>
      <text
        x={(grip.x + P.x) / 2}
        y={P.y + 40}
        fontSize="17"
        textAnchor="middle"
        fill="var(--ink)"
        className="figures"
      >
        {told('wrench')}
      </text>
      <text
        x={(P.x + nut.x) / 2}
        y={(P.y + nut.y) / 2 + 42}
        fontSize="17"
        textAnchor="middle"
        fill="var(--accent)"
        className="figures"
      >
        {told('adapter')}
      </text>
      <text x={P.x} y={P.y - 30} fontSize="17" textAnchor="middle" fill="var(--soft)" className="figures">
        {told('angle')}
      </text>
    </svg>
  );
}
