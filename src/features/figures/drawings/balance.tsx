import { LOADS, TONGUE_WINDOW } from '@/core/figures';
import { handleOf, scaleOf, type DrawingProps } from './drawing';
import { Handle } from './handle';

const WIDTH = 720;
const LEFT = 44;
const RIGHT = WIDTH - 24;
const MIDDLE = 118;
const HALF = 62;
/** So much of the tape is shown (%). */
const MOST = 25;

/** The trailer from above: the axle slides, loads are blocks to drag; below it the share on the tongue on a tape with its window. */
export function BalanceDrawing(props: DrawingProps) {
  const { n, t, result, told } = props;
  const axle = n('axle') ?? 3;
  const names = ['empty', ...LOADS.map((i) => `load${i}`)];
  const places = ['emptyAt', ...LOADS.map((i) => `at${i}`)];
  const loads = names.flatMap((name, i) => {
    const weight = n(name);
    const at = n(places[i] ?? '');
    return weight === undefined || at === undefined || weight <= 0
      ? []
      : [{ name, place: places[i] ?? '', weight, at, i }];
  });
  const longest = Math.max(axle * 1.35, ...loads.map(({ at }) => at * 1.12));
  const x = scaleOf([0, longest], [LEFT, RIGHT]);
  const front = x.at(axle * 0.3);
  const share = result('share');
  const window = TONGUE_WINDOW[t('kind') === 'boat' ? 'boat' : 'trailer'];
  const tape = scaleOf([0, MOST], [LEFT, RIGHT]);
  const center = result('center');
  const heaviest = Math.max(...loads.map(({ weight }) => weight), 1);
  const shown = share === undefined ? undefined : Math.min(MOST, Math.max(0, share));
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 318`}
      className="fig h-auto w-full"
      role="group"
      aria-label={`Trailer from above, ${told('share')} on the tongue`}
    >
      <path
        d={`M${x.at(0)} ${MIDDLE}L${front} ${MIDDLE - HALF * 0.7}M${x.at(0)} ${MIDDLE}L${front} ${MIDDLE + HALF * 0.7}`}
        className="ink"
      />
      <rect x={front} y={MIDDLE - HALF} width={RIGHT - front} height={2 * HALF} rx="4" className="ink-body" />
      <circle cx={x.at(0)} cy={MIDDLE} r="9" className="ink-body" />
      <text x={x.at(0)} y={MIDDLE + 30} fontSize="14" textAnchor="middle" fill="var(--soft)">
        coupler
      </text>
      <Handle {...handleOf(props, 'axle')} onDrag={(at) => props.set('axle', x.back(at.x))}>
        <rect
          x={x.at(axle) - 26}
          y={MIDDLE - HALF - 34}
          width="52"
          height={2 * HALF + 68}
          fill="transparent"
        />
        <line
          x1={x.at(axle)}
          x2={x.at(axle)}
          y1={MIDDLE - HALF - 12}
          y2={MIDDLE + HALF + 12}
          stroke="var(--ink)"
          strokeWidth="3"
        />
        {[-1, 1].map((side) => (
          <rect
            key={side}
            className="grip ink-body"
            x={x.at(axle) - 24}
            y={MIDDLE + side * (HALF + 16) - 11}
            width="48"
            height="22"
            rx="6"
          />
        ))}
      </Handle>
      <text
        x={x.at(axle)}
        y={MIDDLE - HALF - 34}
        fontSize="15"
        textAnchor="middle"
        fill="var(--ink)"
        className="figures"
      >
        axle {told('axle')}
      </text>
      {loads.map(({ name, place, weight, at, i }) => {
        const size = 20 + (i === 0 ? 16 : 28) * Math.sqrt(weight / heaviest);
        const y = MIDDLE + (i === 0 ? 0 : i % 2 === 1 ? -34 : 34);
        return (
          <Handle key={name} {...handleOf(props, place)} onDrag={(to) => props.set(place, x.back(to.x))}>
            <rect
              className="grip"
              x={x.at(at) - size / 2}
              y={y - size / 2}
              width={size}
              height={size}
              rx="3"
              fill={i === 0 ? 'var(--sheet)' : 'var(--accent-wash)'}
              stroke="var(--accent)"
              strokeWidth="2"
              strokeDasharray={i === 0 ? '4 3' : undefined}
            />
            <text
              x={x.at(at)}
              y={y + 5}
              fontSize="15"
              fontWeight="600"
              textAnchor="middle"
              fill="var(--ink)"
              className="figures"
            >
              {i === 0 ? 'E' : i}
            </text>
          </Handle>
        );
      })}
      {center !== undefined && (
        <g>
          <path d={`M${x.at(center) - 7} ${MIDDLE + HALF + 22}h14l-7 -11z`} fill="var(--ink)" />
          <text x={x.at(center)} y={MIDDLE + HALF + 40} fontSize="14" textAnchor="middle" fill="var(--soft)">
            center
          </text>
        </g>
      )}
      <rect
        x={tape.at(window.min * 100)}
        y={256}
        width={tape.at(window.max * 100) - tape.at(window.min * 100)}
        height="26"
        fill="var(--accent-wash)"
        stroke="var(--clear)"
        strokeWidth="1.5"
      />
      {Array.from({ length: MOST + 1 }, (_, i) => (
        <g key={i}>
          <line
            x1={tape.at(i)}
            x2={tape.at(i)}
            y1={282 - (i % 5 === 0 ? 16 : 8)}
            y2={282}
            stroke="var(--soft)"
            strokeWidth="1"
          />
          {i % 5 === 0 && (
            <text
              x={tape.at(i)}
              y={302}
              fontSize="15"
              textAnchor="middle"
              fill="var(--soft)"
              className="figures"
            >
              {i} %
            </text>
          )}
        </g>
      ))}
      <line x1={LEFT} x2={RIGHT} y1="282" y2="282" stroke="var(--soft)" strokeWidth="1" />
      {shown !== undefined && (
        <g>
          <path d={`M${tape.at(shown) - 7} 244h14l-7 10z`} fill="var(--ink)" />
          <line
            x1={tape.at(shown)}
            x2={tape.at(shown)}
            y1="250"
            y2="288"
            stroke="var(--ink)"
            strokeWidth="2.4"
          />
        </g>
      )}
    </svg>
  );
}
