import { handleOf, scaleOf, type DrawingProps } from './drawing';
import { Handle } from './handle';

const WIDTH = 560;
const GROUND = 330;
/** The wheel of the drawing (m): a usual one. */
const WHEEL = 0.33;

/** Jack on its blocks beside the wheel, to scale: closed under the point, raised against where it has to come. */
export function JackDrawing(props: DrawingProps) {
  const { n, result, told } = props;
  const point = n('point') ?? 0.35;
  const blocks = n('blocks') ?? 0;
  const closed = (n('closed') ?? 0.15) + blocks;
  const raised = (n('raised') ?? 0.35) + blocks;
  const needed = result('needed') ?? point;

  const most = Math.max(point, raised, needed, 2 * WHEEL) * 1.1;
  const y = scaleOf([0, most], [GROUND, 30]);
  const under = closed <= point;
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 360`}
      className="fig h-auto w-full"
      role="group"
      aria-label={`Jack on ${told('blocks')} of blocks: point at ${told('point')}, to come up to ${told('needed')}`}
    >
      <line x1="10" x2={WIDTH - 10} y1={GROUND} y2={GROUND} stroke="var(--ink)" strokeWidth="1.6" />
      <circle cx="170" cy={y.at(WHEEL)} r={GROUND - y.at(WHEEL)} className="ink-body" />
      <circle cx="170" cy={y.at(WHEEL)} r="20" className="ink" />
      <rect x="60" y={y.at(point) - 16} width={WIDTH - 130} height="16" className="ink-body" />
      <text x={WIDTH - 64} y={y.at(point) + 5} fontSize="15" fill="var(--ink)" className="figures">
        {told('point')}
      </text>
      <line
        x1="220"
        x2={WIDTH - 70}
        y1={y.at(needed)}
        y2={y.at(needed)}
        stroke="var(--due)"
        strokeWidth="2"
        strokeDasharray="7 5"
      />
      <text x={WIDTH - 64} y={y.at(needed) + 5} fontSize="15" fill="var(--due)" className="figures">
        {result('needed') === undefined ? '' : told('needed')}
      </text>
      <Handle {...handleOf(props, 'blocks')} onDrag={(at) => props.set('blocks', y.back(at.y))}>
        <rect
          className="grip ink-metal"
          x="292"
          y={y.at(blocks)}
          width="136"
          height={Math.max(6, GROUND - y.at(blocks))}
        />
        <rect
          x="280"
          y={y.at(blocks) - 16}
          width="160"
          height={Math.max(36, GROUND - y.at(blocks) + 16)}
          fill="transparent"
        />
      </Handle>
      <path d={`M320 ${y.at(blocks)}h80l-14 -10h-52z`} className="ink-body" />
      <rect
        x="344"
        y={y.at(closed)}
        width="32"
        height={Math.max(4, y.at(blocks) - y.at(closed))}
        className="ink-body"
        stroke={under ? 'var(--ink)' : 'var(--stop)'}
      />
      <rect
        x="350"
        y={y.at(raised)}
        width="20"
        height={Math.max(0, y.at(closed) - y.at(raised))}
        fill="none"
        stroke={raised >= needed ? 'var(--clear)' : 'var(--stop)'}
        strokeWidth="2"
        strokeDasharray="5 4"
      />
      <text
        x="412"
        y={y.at(raised) + 5}
        fontSize="15"
        fill={raised >= needed ? 'var(--clear)' : 'var(--stop)'}
      >
        all the way up
      </text>
      <text x="360" y={GROUND + 22} fontSize="15" textAnchor="middle" fill="var(--soft)" className="figures">
        blocks {told('blocks')}
      </text>
    </svg>
  );
}
