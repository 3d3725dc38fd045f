/** Resistance of copper wire (Ω/m) at 20 °C by American wire gauge. */
const OHMS: Readonly<Record<number, number>> = {
  8: 2.061e-3,
  10: 3.277e-3,
  12: 5.211e-3,
  14: 8.286e-3,
  16: 13.17e-3,
  18: 20.95e-3,
};
/** What copper gains in resistance with each kelvin. */
const COPPER = 0.00393;
const WARM = 293.15;

/** A circuit of brake magnets: volts at the battery, one magnet (Ω), and the wire to them, one way (m). */
export interface MagnetCircuit {
  readonly volts: number;
  readonly magnet: number;
  readonly length: number;
  readonly gauge: 8 | 10 | 12 | 14 | 16 | 18;
  /** Of the wire (K). */
  readonly temperature?: number | undefined;
}

/** The gauges of wire that are reckoned with. */
export const GAUGES = [8, 10, 12, 14, 16, 18] as const;

/** Resistance (Ω) of a run of wire there and back, `length` (m) one way, at a temperature (K). */
export function wireResistance(gauge: MagnetCircuit['gauge'], length: number, temperature = WARM): number {
  return 2 * length * (OHMS[gauge] ?? 0) * (1 + COPPER * (temperature - WARM));
}

/** Current (A) that some magnets draw together, wire there and back (handbook 8.7); none draw nothing. */
export function magnetCurrent(circuit: MagnetCircuit, magnets: number): number {
  if (magnets === 0) return 0;
  const wire = wireResistance(circuit.gauge, circuit.length, circuit.temperature);
  return circuit.volts / (wire + circuit.magnet / magnets);
}

/** What each of some pulling magnets gets: A through it, and V across it. */
export function atMagnets(
  circuit: MagnetCircuit,
  magnets: number,
): { readonly current: number; readonly each: number; readonly volts: number } {
  const current = magnetCurrent(circuit, magnets);
  const each = magnets === 0 ? 0 : current / magnets;
  return { current, each, volts: each * circuit.magnet };
}

/** What a measured current says of the magnets of a rig. */
export interface MagnetsPulling {
  /** How many pull, the count whose current lies nearest. */
  readonly count: number;
  /** What that count would draw (A), and what all of them would. */
  readonly expected: number;
  readonly full: number;
  /** The current fits that count: no more than halfway to its neighbors. */
  readonly fits: boolean;
}

/** How many of some magnets a measured current (A) fits; more than all of them would draw is a short. */
export function magnetsPulling(circuit: MagnetCircuit, of: number, measured: number): MagnetsPulling {
  const draws = Array.from({ length: of + 1 }, (_, n) => magnetCurrent(circuit, n));
  const off = (n: number) => Math.abs((draws[n] ?? 0) - measured);
  const count = draws.reduce((best, _, n) => (off(n) < off(best) ? n : best), 0);
  const full = draws[of] ?? 0;
  const step = full - (draws[of - 1] ?? 0);
  return {
    count,
    expected: draws[count] ?? 0,
    full,
    fits: measured <= full + Math.max(step / 2, full * 0.1),
  };
}
