import { toSI } from '@/core/base';
import type { EntryOf, Kind } from '@/core/log';
import type { Axle, BrakeKind, HubKind, RigKind, RigModel, StudCount } from '@/core/rig';

/** An entry that a yard begins with; `ago` is how long before now it happened (ms). */
export type Seeded = {
  [K in Kind]: { readonly kind: K; readonly body: EntryOf<K>['body']; readonly ago?: number };
}[Kind];

/** A rig that a test begins with; what is left out nobody has told yet. */
export interface TestRig {
  readonly name: string;
  readonly kind: RigKind;
  readonly axles?: 1 | 2;
  readonly brakes?: BrakeKind;
  readonly hub?: HubKind;
  readonly lock?: 'cotter';
  readonly studs: StudCount;
  /** Lug torque by its maker (lbf·ft). */
  readonly torque?: number;
  /** What the trailer's own meter reads (mi); none where trips are told by their length. */
  readonly meter?: number;
  /** Thread of the spindle (turns to an inch), and the slots and cross holes of its nut. */
  readonly spindle?: { readonly tpi: number; readonly slots: number; readonly holes: 1 | 2 };
}

/** A plain single-axle rig with everything that a repack asks for. */
export const DRIFTWOOD: TestRig = {
  name: 'Driftwood',
  kind: 'utility',
  brakes: 'electric',
  hub: 'plain',
  lock: 'cotter',
  studs: 5,
  torque: 100,
  spindle: { tpi: 14, slots: 6, holes: 2 },
};

/** The entry that sets a rig up. */
export function setUpOf({ axles = 1, spindle, torque, meter, ...rig }: TestRig): Seeded {
  const axle: Axle = {
    suspension: 'leaf',
    ...(rig.brakes && { brake: rig.brakes }),
    ...(rig.hub && { hub: rig.hub }),
    ...(rig.lock && { lock: rig.lock }),
    ...(spindle && {
      threadPitch: { value: toSI(1 / spindle.tpi, 'in'), source: 'marking' },
      slots: { value: spindle.slots, source: 'marking' },
      pinHoles: { value: spindle.holes, source: 'marking' },
    }),
  };
  const model: RigModel = {
    name: rig.name,
    kind: rig.kind,
    axles: Array.from({ length: axles }, () => axle),
    wheels: {
      studs: rig.studs,
      ...(torque && { torque: { value: toSI(torque, 'lbf·ft'), source: 'maker' } }),
    },
    spares: 1,
    miles: meter === undefined ? 'trips' : 'meter',
  };
  return { kind: 'rig.setup', body: { model, ...(meter && { reading: toSI(meter, 'mi') }) } };
}
