import { axleOf, hasDrum, type RigModel } from '@/core/rig';
import type { CardStep, StepId } from '@/core/routine';
import { Brake, Corner, HubStack, type BrakePart, type CornerPart, type HubPart } from '@/ui';

const ALL_PARTS: readonly HubPart[] = [
  'spindle',
  'seal',
  'inner',
  'hub',
  'outer',
  'washer',
  'nut',
  'lock',
  'cap',
];

const STACK: Partial<Record<StepId, readonly HubPart[]>> = {
  'cap-off': ['cap'],
  'cap-on': ['cap'],
  'top-up': ['cap'],
  'lock-out': ['lock'],
  'lock-in': ['lock'],
  'mark-hole': ['spindle'],
  'nut-off': ['nut'],
  'outer-out': ['outer', 'washer'],
  'outer-in': ['outer', 'washer'],
  'hub-off': ['hub'],
  'hub-on': ['hub'],
  'check-set': ['hub'],
  'read-seal': ['seal'],
  'seal-out': ['seal'],
  'seal-in': ['seal'],
  'inner-out': ['inner'],
  'inner-in': ['inner'],
  clean: ALL_PARTS,
  'look-bearings': ['inner', 'outer'],
  'look-spindle': ['spindle'],
  renew: ['inner', 'outer'],
  pack: ['inner', 'outer'],
  smear: ['spindle', 'hub'],
};

interface Scene {
  readonly part: CornerPart;
  readonly up: boolean;
  readonly wheelOn: boolean;
}

const CORNER: Partial<Record<StepId, Scene>> = {
  'brake-on': { part: 'vehicle', up: false, wheelOn: true },
  chock: { part: 'chocks', up: false, wheelOn: true },
  steady: { part: 'stabilizer', up: false, wheelOn: true },
  'cover-off': { part: 'cover', up: false, wheelOn: true },
  'break-loose': { part: 'nuts', up: false, wheelOn: true },
  jack: { part: 'jack', up: true, wheelOn: true },
  stand: { part: 'stand', up: true, wheelOn: true },
  feel: { part: 'wheel', up: true, wheelOn: true },
  'wheel-off': { part: 'wheel', up: true, wheelOn: false },
  'wheel-on': { part: 'wheel', up: true, wheelOn: true },
  'hand-start': { part: 'nuts', up: true, wheelOn: true },
  'last-spin': { part: 'wheel', up: true, wheelOn: true },
  lower: { part: 'jack', up: false, wheelOn: true },
  'cover-on': { part: 'cover', up: false, wheelOn: true },
  'open-rechecks': { part: 'nuts', up: false, wheelOn: true },
  unchock: { part: 'tray', up: false, wheelOn: true },
};

const BRAKE: Partial<Record<StepId, BrakePart>> = {
  'shoes-back': 'star-wheel',
  'brake-adjust': 'star-wheel',
  'look-brake': 'shoes',
  'brake-test': 'whole',
  'caliper-off': 'caliper',
  'caliper-on': 'caliper',
};

/** The drawing of a step: the part in hand, in its place. Nut and star are drawn by their own panels. */
export function StepDrawing({ step, model }: { step: CardStep; model: RigModel }) {
  const axle = step.place ? model.axles[axleOf(step.place)] : model.axles[0];
  const brake = BRAKE[step.step];
  if (brake && axle?.brake && axle.brake !== 'none')
    return (
      <div className="mx-auto max-w-xs">
        <Brake kind={axle.brake} part={brake} />
      </div>
    );
  const parts = STACK[step.step];
  if (parts) return <HubStack meant={parts} brake={axle !== undefined && hasDrum(axle)} />;
  const scene = CORNER[step.step];
  return scene ? <Corner {...scene} torsion={axle?.suspension === 'torsion'} /> : null;
}
