import type { Verdict } from '../../base';
import { magnetsPulling, type MagnetCircuit, type MagnetsPulling } from '../../figures';
import type { RigModel } from '../../rig';

/** What a measured current of the brake circuit speaks for. */
export type BrakeCircuitFault =
  'all-pull' | 'none' | 'some' | 'side-or-axle' | 'too-much' | 'high-resistance';

/** A measured current judged: how many magnets pull, and what that speaks for. */
export interface BrakeCircuit extends MagnetsPulling {
  readonly of: number;
  readonly fault: BrakeCircuitFault;
}

/** How many magnets a rig has: two to each axle with electric brakes. */
export function magnetsOf(model: Pick<RigModel, 'axles'>): number {
  return model.axles.filter(({ brake }) => brake === 'electric').length * 2;
}

/** What a current (A) measured with the brakes full on says of the magnets of a rig (handbook 8.7). */
export function judgeBrakeCircuit(circuit: MagnetCircuit, of: number, measured: number): BrakeCircuit {
  const pulling = magnetsPulling(circuit, of, measured);
  const { count, expected, full, fits } = pulling;
  const fault: BrakeCircuitFault = !fits
    ? 'too-much'
    : count === 0
      ? 'none'
      : count === of
        ? 'all-pull'
        : // A current that lies between two counts is rather a poor joint than a dead magnet.
          Math.abs(measured - expected) > (full / of) * 0.38
          ? 'high-resistance'
          : of >= 4 && count * 2 === of
            ? 'side-or-axle'
            : 'some';
  return { ...pulling, of, fault };
}

/** How bad it is that not all magnets pull: none at all, or a short, is not towed on. */
export function circuitVerdict({ fault }: Pick<BrakeCircuit, 'fault'>): Verdict {
  if (fault === 'all-pull') return 'clear';
  return fault === 'none' || fault === 'too-much' ? 'stop' : 'due';
}
