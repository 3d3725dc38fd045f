import { checkTorque } from '@/core/figures';
import type { UnitSystem } from '@/core/base';
import { partLength } from './facts';
import { measure } from './measure';

/** What is asked of a torque (N·m) that is unusual for studs of a diameter (m); undefined where it is usual. */
export function oddTorqueWords(
  torque: number,
  studDiameter: number | undefined,
  system: UnitSystem,
): string | undefined {
  const { usual, min, max } = checkTorque(torque, studDiameter);
  if (usual) return undefined;
  const studs = studDiameter === undefined ? 'trailer studs' : `${partLength(studDiameter, system)} studs`;
  const band = `${measure(min, 'torque', system)} to ${measure(max, 'torque', system)}`;
  return `Usual for ${studs} is ${band}. If the maker says ${measure(torque, 'torque', system)}, save again to confirm.`;
}
