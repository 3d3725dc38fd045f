import { guarded } from '../guarded';

/** What a raising or lowering step is about. */
export type CornerPart =
  'vehicle' | 'chocks' | 'stabilizer' | 'cover' | 'nuts' | 'jack' | 'stand' | 'wheel' | 'tray';

const GROUND = 226;

function Wheel({
  x,
  y,
  meant,
  nuts,
  cover,
}: {
  x: number;
  y: number;
  meant: boolean;
  nuts: boolean;
  cover: boolean;
}) {
  return (
    <g>
      <circle cx={x} cy={y} r="62" className={meant ? 'ink-meant' : 'ink-body'} />
      <circle cx={x} cy={y} r="40" className={cover ? 'ink-meant' : 'ink-thin'} />
      <circle cx={x} cy={y} r="11" className="ink" />
      {Array.from({ length: 6 }, (_, i) => {
        const angle = (i / 6) * 2 * Math.PI;
        return (
          <circle
            key={i}
            cx={x + 24 * Math.sin(angle)}
            cy={y - 24 * Math.cos(angle)}
            r="5.5"
            className={nuts ? 'ink-meant' : 'ink'}
          />
        );
      })}
    </g>
  );
}

function Chock({ x, flip, meant }: { x: number; flip: boolean; meant: boolean }) {
  const s = flip ? -1 : 1;
  return (
    <path
      d={`M${x} ${GROUND}h${s * 34}l${s * -6} -28q${s * -14} 22 ${s * -28} 28z`}
      className={meant ? 'ink-meant' : 'ink-metal'}
    />
  );
}

function CornerDrawing({
  part,
  up,
  wheelOn,
  torsion,
}: {
  part: CornerPart;
  up: boolean;
  wheelOn: boolean;
  torsion: boolean;
}) {
  const y = up ? 146 : 164;
  const rail = up ? 78 : 96;
  const stood = part === 'stand' || (up && part !== 'jack');
  return (
    <svg
      viewBox="0 0 560 262"
      className="h-auto w-full"
      role="img"
      aria-label={`Corner from the side, ${up ? 'raised' : 'on the ground'}; in hand: ${part}`}
    >
      <path d={`M10 ${GROUND}H550`} className="ink" />
      {Array.from({ length: 27 }, (_, i) => (
        <line
          key={i}
          x1={20 + i * 20}
          x2={10 + i * 20}
          y1={GROUND + 2}
          y2={GROUND + 12}
          className="ink-thin"
        />
      ))}
      <path d={`M70 ${rail}H540v-18H70z`} className="ink-body" />
      <path d={`M70 ${rail - 9}L22 ${rail + 6}`} className="ink" />
      <circle cx="18" cy={rail + 8} r="6" className={part === 'vehicle' ? 'ink-meant' : 'ink'} />
      {part === 'vehicle' && (
        <text x="14" y={rail + 38} fontSize="17" className="font-semibold" fill="var(--accent)">
          hitched
        </text>
      )}
      {torsion ? (
        <path d={`M300 ${rail}v14h-10l40 34`} className="ink" />
      ) : (
        <path d={`M216 ${rail}v10q84 ${up ? 58 : 44} 168 0v-10`} className="ink" />
      )}
      {wheelOn ? (
        <Wheel x={300} y={y} meant={part === 'wheel'} nuts={part === 'nuts'} cover={part === 'cover'} />
      ) : (
        <g>
          <circle cx="300" cy={y} r="30" className="ink-body" />
          <circle cx="300" cy={y} r="11" className="ink" />
          <path
            d={`M372 ${GROUND - 6}h124v-14h-124z`}
            className={part === 'wheel' ? 'ink-meant' : 'ink-body'}
          />
        </g>
      )}
      {(up || part === 'jack') && (
        <g>
          <path
            d={`M168 ${GROUND}h44l-8 -14h-28zM184 ${GROUND - 14}h12V${rail}h-12zM180 ${rail + 6}h20v-6h-20z`}
            className={part === 'jack' ? 'ink-meant' : 'ink-metal'}
          />
          {part === 'jack' && (
            <text
              x="190"
              y={rail - 26}
              textAnchor="middle"
              fontSize="17"
              className="font-semibold"
              fill="var(--accent)"
            >
              under the frame
            </text>
          )}
        </g>
      )}
      {stood && (
        <path
          d={`M106 ${GROUND}l14 -${GROUND - rail - 8}h20l14 ${GROUND - rail - 8}h-10l-9 -60h-10l-9 60zM116 ${rail + 8}h28v-8h-28z`}
          className={part === 'stand' ? 'ink-meant' : 'ink-metal'}
        />
      )}
      {part === 'stabilizer' && (
        <path
          d={`M452 ${rail}l44 ${GROUND - rail - 6}h16v6h-28v-6h4l-46 -${GROUND - rail - 6}z`}
          className="ink-meant"
        />
      )}
      {part === 'chocks' && (
        <>
          <Chock x={232} flip meant />
          <Chock x={368} flip={false} meant />
          <text
            x="300"
            y="252"
            textAnchor="middle"
            fontSize="17"
            className="font-semibold"
            fill="var(--accent)"
          >
            the side that stays down
          </text>
        </>
      )}
      {part === 'tray' && <path d={`M404 ${GROUND}h90l8 -20h-106z`} className="ink-meant" />}
    </svg>
  );
}

/** One corner from the side: ground, frame rail, wheel, jack, stand; the part in hand is meant. */
export const Corner = guarded(CornerDrawing);
