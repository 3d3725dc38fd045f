import { axleOf, hasDrum, isGear, isWheelEnd, sideOf, type Axle, type RigModel } from '@/core/rig';
import type { CardStep, StepId } from '@/core/routine';
import {
  Brake,
  Corner,
  HubStack,
  RigPlan,
  Star,
  Suspension,
  type BrakePart,
  type CornerPart,
  type HubPart,
  type SuspensionPart,
} from '@/ui';

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
  'plug-out': ['cap'],
  'wipe-fitting': ['cap', 'spindle'],
  pump: ['cap'],
  'plug-in': ['cap'],
  'look-back': ['seal'],
  'see-hub': ['lock'],
  'lock-out': ['lock'],
  'soak-pin': ['lock'],
  'lock-in': ['lock'],
  'mark-hole': ['spindle'],
  'nut-off': ['nut'],
  'outer-out': ['outer', 'washer'],
  'outer-in': ['outer', 'washer'],
  'find-washer': ['washer'],
  'hub-off': ['hub'],
  'hub-on': ['hub'],
  'check-set': ['hub'],
  'read-seal': ['seal'],
  'seal-out': ['seal'],
  'clear-line': ['seal', 'spindle'],
  'seal-in': ['seal'],
  'inner-out': ['inner'],
  'inner-in': ['inner'],
  clean: ALL_PARTS,
  'look-bearings': ['inner', 'outer'],
  'look-spindle': ['spindle'],
  'wipe-spindle': ['spindle'],
  'read-hub': ['seal', 'hub', 'outer'],
  'look-seal': ['seal'],
  'unwind-ring': ['cap', 'hub'],
  'cap-look': ['lock', 'cap'],
  'cap-fit': ['cap'],
  renew: ['inner', 'outer'],
  'race-out': ['inner', 'outer', 'hub'],
  'race-in': ['inner', 'outer', 'hub'],
  'match-hub': ['hub'],
  'wipe-face': ['hub'],
  pack: ['inner', 'outer'],
  smear: ['spindle', 'hub'],
  'oil-check': ['cap', 'hub'],
  'maker-service': ALL_PARTS,
};

interface Scene {
  readonly part: CornerPart;
  readonly up: boolean;
  readonly wheelOn: boolean;
}

const wheel = (up: boolean, wheelOn = true): Scene => ({ part: 'wheel', up, wheelOn });

const CORNER: Partial<Record<StepId, Scene>> = {
  'brake-on': { part: 'vehicle', up: false, wheelOn: true },
  chock: { part: 'chocks', up: false, wheelOn: true },
  'chock-over': { part: 'chocks', up: false, wheelOn: true },
  steady: { part: 'stabilizer', up: false, wheelOn: true },
  'cover-off': { part: 'cover', up: false, wheelOn: true },
  'break-loose': { part: 'nuts', up: false, wheelOn: true },
  jack: { part: 'jack', up: true, wheelOn: true },
  stand: { part: 'stand', up: true, wheelOn: true },
  feel: wheel(true),
  'wheel-off': wheel(true, false),
  'wheel-on': wheel(true),
  'swap-tire': wheel(true, false),
  rotate: wheel(true, false),
  'hand-start': { part: 'nuts', up: true, wheelOn: true },
  'renew-stud': { part: 'nuts', up: true, wheelOn: false },
  'last-spin': wheel(true),
  lower: { part: 'jack', up: false, wheelOn: true },
  'set-pressure': wheel(false),
  pressure: wheel(false),
  'look-tire': wheel(false),
  'look-spare': wheel(false),
  'cover-on': { part: 'cover', up: false, wheelOn: true },
  'open-rechecks': { part: 'nuts', up: false, wheelOn: true },
  unchock: { part: 'tray', up: false, wheelOn: true },
};

const BRAKE: Partial<Record<StepId, BrakePart>> = {
  'shoes-back': 'star-wheel',
  'free-drum': 'star-wheel',
  'brake-adjust': 'star-wheel',
  'look-brake': 'shoes',
  'measure-brake': 'shoes',
  'shoes-off': 'shoes',
  'shoes-on': 'shoes',
  'magnet-out': 'magnet',
  'magnet-in': 'magnet',
  'wires-off': 'magnet',
  'wires-on': 'magnet',
  'plate-off': 'plate',
  'check-hand': 'whole',
  'plate-on': 'plate',
  'look-flange': 'plate',
  'grease-off-brake': 'whole',
  'brake-test': 'whole',
  'caliper-off': 'caliper',
  'caliper-on': 'caliper',
};

const SUSPENSION: Partial<Record<StepId, SuspensionPart>> = {
  'check-fixings': 'bolts',
  'torque-axle': 'bolts',
  'torque-joints': 'hangers',
  'free-bolt': 'hangers',
  'look-pivot': 'bushings',
  'grease-pivot': 'bushings',
  'note-spacing': 'equalizer',
  'frame-up': 'stands',
  'hold-axle': 'axles',
  'joints-off': 'hangers',
  'look-hangers': 'hangers',
  'bush-out': 'bushings',
  'look-eye': 'bushings',
  'bush-in': 'bushings',
  'renew-spring': 'springs',
  'equalizer-on': 'equalizer',
  'joints-on': 'hangers',
  'tighten-joints': 'hangers',
  'frame-down': 'stands',
  'seat-axle': 'axles',
  'axle-bolts': 'bolts',
};

const STAR: ReadonlySet<StepId> = new Set(['check-lugs', 'threads', 'dress-threads', 'adapter-torque']);

/** The brake a step works on: the one that is there, or the one that will be. */
function brakeOf(
  step: CardStep,
  axle: Axle | undefined,
): 'electric' | 'hydraulic-drum' | 'hydraulic-disc' | undefined {
  if (!BRAKE[step.step] || !axle?.brake) return undefined;
  return axle.brake === 'none' ? 'electric' : axle.brake;
}

/** True where a step's drawing lies wide and low: what is asked then has the whole width below it. */
export function drawsLow({ step }: CardStep): boolean {
  return STACK[step] !== undefined || CORNER[step] !== undefined;
}

/** The drawing of a step: the part in hand, in its place. Nut and rounds of the star are drawn by their own panels. */
export function StepDrawing({ step, model }: { step: CardStep; model: RigModel }) {
  const { place } = step;
  const axle = place !== undefined && isWheelEnd(place) ? model.axles[axleOf(place)] : model.axles[0];
  const side = place !== undefined && isWheelEnd(place) ? sideOf(place) : (step.side ?? 'L');
  const kind = brakeOf(step, axle);
  const brake = BRAKE[step.step];
  if (brake && kind)
    return (
      <div className="mx-auto max-w-xs">
        <Brake
          kind={kind}
          part={kind === 'hydraulic-disc' && brake === 'shoes' ? 'caliper' : brake}
          side={side}
        />
      </div>
    );
  const parts = STACK[step.step];
  if (parts) return <HubStack meant={parts} brake={axle !== undefined && hasDrum(axle)} />;
  if (STAR.has(step.step)) return <Star studs={model.wheels.studs} done={0} />;
  const hung = SUSPENSION[step.step];
  if (hung)
    return (
      <Suspension
        side={side}
        part={hung}
        axles={model.axles.length}
        up={step.phase === 'frame' && step.step !== 'frame-down'}
      />
    );
  const scene = CORNER[step.step];
  if (scene) return <Corner {...scene} torsion={axle?.suspension === 'torsion'} />;
  return (
    <RigPlan
      model={model}
      heading="up"
      bare
      chosen={place !== undefined && place !== 'rig' && isGear(place) ? [place] : []}
      className="mx-auto max-w-56"
    />
  );
}
