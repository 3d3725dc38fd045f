import type { FactId, RigModel, Specified } from '../rig';

/** Bolts that are brought to a figure: lug nuts, and those with figures of their own. */
export const TORQUE_IDS = ['lug', 'adapter', 'plate', 'caliper', 'axle', 'joints'] as const;

/** One of them. */
export type TorqueId = (typeof TORQUE_IDS)[number];

/** The fact that tells the figure of some bolts. */
export const TORQUE_FACTS: Readonly<Record<TorqueId, FactId>> = {
  lug: 'torque',
  adapter: 'adapterTorque',
  plate: 'plateTorque',
  caliper: 'caliperTorque',
  axle: 'axleTorque',
  joints: 'jointTorque',
};

/** The figure for some bolts (N·m), dry lug nuts; undefined where nobody told it. */
export function torqueOf(
  model: Pick<RigModel, 'wheels' | 'torques'>,
  id: TorqueId,
): Specified<number> | undefined {
  switch (id) {
    case 'lug':
      return model.wheels.torque;
    case 'adapter':
      return model.wheels.adapter?.torque;
    case 'plate':
    case 'caliper':
    case 'axle':
    case 'joints':
      return model.torques?.[id];
  }
}
