import { hasBrake, hasDrum } from '../../rig';
import type { StepContext } from './step';

/** True where shoes press on a drum once the work is done. */
export function drumBrake({ axle, has }: StepContext): boolean {
  return (axle !== undefined && hasDrum(axle)) || has('brakes-install');
}

/** True where there is a brake once the work is done. */
export function braking(context: StepContext): boolean {
  const { axle } = context;
  return (axle !== undefined && hasBrake(axle)) || drumBrake(context);
}
