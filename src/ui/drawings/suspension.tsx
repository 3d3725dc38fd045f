import { Sided } from './forward';
import { guarded } from '../guarded';

/** What a step under the frame is about. */
export type SuspensionPart = 'springs' | 'equalizer' | 'hangers' | 'bushings' | 'bolts' | 'axles' | 'stands';

const RAIL = 60;
const EYE = 104;

function Spring({ x, meant }: { x: number; meant: boolean }) {
  const style = meant ? 'ink-meant' : 'ink-metal';
  return (
    <g>
      <path d={`M${x} ${EYE}q70 62 140 0l0 7q-70 62 -140 0z`} className={style} />
      <path d={`M${x + 22} ${EYE + 20}q48 38 96 0l0 7q-48 38 -96 0z`} className={style} />
    </g>
  );
}

function Bolts({ x, meant }: { x: number; meant: boolean }) {
  return (
    <g className={meant ? 'ink-meant' : 'ink'}>
      <path d={`M${x - 15} 128v58M${x + 15} 128v58`} strokeWidth="4" />
      <path d={`M${x - 24} 182h48v7h-48z`} />
    </g>
  );
}

function Stand({ x, meant }: { x: number; meant: boolean }) {
  return (
    <path
      d={`M${x - 9} ${RAIL + 10}h18v10h-5l18 138h-44l18 -138h-5z`}
      className={meant ? 'ink-meant' : 'ink-metal'}
    />
  );
}

function SuspensionDrawing({
  part,
  axles,
  up,
  side = 'L',
}: {
  part: SuspensionPart;
  axles: number;
  up: boolean;
  side?: 'L' | 'R';
}) {
  const pair = axles > 1;
  const hangers = pair ? [30, 200, 370] : [90, 310];
  const springs = pair ? [30, 230] : [115];
  const eyes = pair ? [30, 170, 230, 370] : [115, 255];
  return (
    <svg
      viewBox="0 0 400 236"
      className="h-auto w-full"
      role="img"
      aria-label={`Suspension from outside; in hand: ${part}`}
    >
      <Sided side={side} width={400}>
        <rect x="0" y={RAIL - 18} width="400" height="24" className="ink-body" />
        {up && [12, 388].map((x) => <Stand key={x} x={x} meant={part === 'stands'} />)}
        {hangers.map((x) => (
          <path
            key={x}
            d={`M${x - 16} ${RAIL + 6}h32l-9 40h-14z`}
            className={part === 'hangers' ? 'ink-meant' : 'ink-metal'}
          />
        ))}
        {springs.map((x) => (
          <Spring key={x} x={x} meant={part === 'springs'} />
        ))}
        {pair ? (
          <path
            d="M162 100q38 -26 76 0l-4 14q-34 -20 -68 0z"
            className={part === 'equalizer' ? 'ink-meant' : 'ink-metal'}
          />
        ) : (
          <path d="M255 104L306 92" className={part === 'equalizer' ? 'ink-meant' : 'ink'} strokeWidth="8" />
        )}
        {springs.map((x) => (
          <g key={x}>
            <Bolts x={x + 70} meant={part === 'bolts'} />
            <circle cx={x + 70} cy="158" r="19" className={part === 'axles' ? 'ink-meant' : 'ink-body'} />
          </g>
        ))}
        {eyes.map((x) => (
          <g key={x}>
            <circle cx={x} cy={EYE + 3} r="13" className={part === 'bushings' ? 'ink-meant' : 'ink-body'} />
            <circle cx={x} cy={EYE + 3} r="5" className="ink" />
          </g>
        ))}
        <line x1="0" x2="400" y1="222" y2="222" className="ink" />
      </Sided>
    </svg>
  );
}

/** The suspension of one side from outside, forward to the left: hangers, springs, equalizer between two axles, U-bolts; the part in hand is meant. */
export const Suspension = guarded(SuspensionDrawing);
