import type { Subject } from '@/core/rules';
import { DrumFace, Lining, MagnetFace } from './braking';
import { Eye, Strap, Weld } from './metal';
import { TireWall, TreadAcross, TreadDepth } from './tires';
import { OldGrease, Rollers, Seal, Spindle } from './turning';
import { guarded } from '../../guarded';

/** What draws the grades of a subject; the others are told in words well enough. */
const DRAWN: Readonly<Partial<Record<Subject, (props: { grade: string }) => React.ReactNode>>> = {
  rollers: Rollers,
  spindle: Spindle,
  seal: Seal,
  'old-grease': OldGrease,
  lining: Lining,
  pads: Lining,
  drum: DrumFace,
  magnet: MagnetFace,
  'tire-wall': TireWall,
  wear: TreadAcross,
  tread: TreadDepth,
  eye: Eye,
  pivot: Eye,
  strap: Strap,
  weld: Weld,
};

/** True for a subject whose grades are drawn. */
export function isDrawn(subject: Subject): boolean {
  return DRAWN[subject] !== undefined;
}

function ConditionDrawing({ subject, grade }: { subject: Subject; grade: string }) {
  const Drawn = DRAWN[subject];
  return Drawn ? (
    <svg viewBox="0 0 96 64" className="h-auto w-full max-w-28" aria-hidden>
      <Drawn grade={grade} />
    </svg>
  ) : null;
}

/** A condition as it looks, so that two people grade alike; nothing for what is not drawn. */
export const Condition = guarded(ConditionDrawing);
