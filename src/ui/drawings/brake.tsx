import { Sided } from './forward';
import { arc } from './polar';
import { guarded } from '../guarded';

/** What a brake step is about. */
export type BrakePart = 'star-wheel' | 'shoes' | 'caliper' | 'magnet' | 'plate' | 'whole';

const C = 150;

function Disc({ part }: { part: BrakePart }) {
  return (
    <>
      <circle cx={C} cy={C} r="118" className={part === 'whole' ? 'ink-meant' : 'ink-body'} />
      <circle cx={C} cy={C} r="66" className="ink" />
      <circle cx={C} cy={C} r="22" className="ink-metal" />
      <path
        d="M226 92q34 58 0 116h36q30 -58 0 -116z"
        className={part === 'caliper' ? 'ink-meant' : 'ink-metal'}
      />
      <path d="M236 100v100" className="ink" />
    </>
  );
}

function Drum({ part, electric }: { part: BrakePart; electric: boolean }) {
  const shoe = part === 'shoes' || part === 'whole' ? 'ink-meant' : 'ink-metal';
  const screw = part === 'star-wheel' ? 'ink-meant' : 'ink-metal';
  return (
    <>
      <circle cx={C} cy={C} r="136" className={part === 'plate' ? 'ink-meant' : 'ink-body'} />
      <circle cx={C} cy={C} r="122" className="ink-thin" />
      {/* Forward is to the left: the shorter lining faces it. */}
      <path
        d={`${arc(C, C, 116, 0.9, 0.62)} ${arc(C, C, 100, 0.62, 0.9).replace('M', 'L')}Z`}
        className={shoe}
      />
      <path
        d={`${arc(C, C, 116, 0.06, 0.42)} ${arc(C, C, 100, 0.42, 0.06).replace('M', 'L')}Z`}
        className={shoe}
      />
      <path d={`${arc(C, C, 96, 0.95, 0.58)}M${C} 54`} className="ink" />
      <path d={arc(C, C, 96, 0.03, 0.44)} className="ink" />
      <circle cx={C} cy="52" r="9" className="ink-metal" />
      <path d="M112 78q38 -16 76 0" className="ink-thin" />
      <path d="M116 236h24v12h-24zM160 236h24v12h-24z" className="ink-metal" />
      <path d="M140 228h20v28h-20z" className={screw} />
      {[232, 238, 244, 250].map((y) => (
        <line key={y} x1="140" x2="160" y1={y} y2={y} className="ink-thin" />
      ))}
      <circle cx={C} cy={C} r="26" className="ink-metal" />
      {electric && (
        <>
          <path d="M150 60q-52 40 -46 92" className="ink" />
          <ellipse
            cx="106"
            cy="178"
            rx="17"
            ry="26"
            transform="rotate(-16 106 178)"
            className={part === 'whole' || part === 'magnet' ? 'ink-meant' : 'ink-body'}
          />
          <ellipse cx="106" cy="178" rx="8" ry="14" transform="rotate(-16 106 178)" className="ink-thin" />
        </>
      )}
    </>
  );
}

function BrakeDrawing({
  kind,
  part,
  side = 'L',
}: {
  kind: 'electric' | 'hydraulic-drum' | 'hydraulic-disc';
  part: BrakePart;
  side?: 'L' | 'R';
}) {
  return (
    <svg
      viewBox="0 0 300 300"
      className="h-auto w-full"
      role="img"
      aria-label={`Brake from outside; in hand: ${part}`}
    >
      <Sided side={side} width={300}>
        {kind === 'hydraulic-disc' ? (
          <Disc part={part} />
        ) : (
          <Drum part={part} electric={kind === 'electric'} />
        )}
      </Sided>
    </svg>
  );
}

/** The brake seen from outside with drum or hub taken away, forward to the left, on a right wheel to the right; the part in hand is meant. */
export const Brake = guarded(BrakeDrawing);
