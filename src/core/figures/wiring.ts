import { GAUGES, wireResistance } from './magnets';

/** Fuses that are sold (A). */
const FUSES = [10, 15, 20, 25, 30, 40] as const;

/** The fuse (A) for a full brake current (A): the next that is sold over a quarter more; undefined past the largest. */
export function brakeFuse(current: number): number | undefined {
  return FUSES.find((size) => size >= current * 1.25);
}

/** The thinnest gauge of wire, `length` (m) one way, that keeps the loss on it (V) under `drop` at a current (A); undefined where none does. */
export function gaugeFor(current: number, length: number, drop: number): (typeof GAUGES)[number] | undefined {
  return [...GAUGES].reverse().find((gauge) => current * wireResistance(gauge, length) <= drop);
}

/** What wiring the brakes of bare axles takes. */
export interface WireRun {
  /** Wire to buy (m): to the axles and across each of them, both conductors. */
  readonly wire: number;
  readonly splices: number;
}

/** Wire and splices for `axles` braked axles: from plug to first axle, between axles, and across one, in m. */
export function wireRun(
  axles: number,
  lengths: { readonly toAxle: number; readonly between: number; readonly across: number },
): WireRun {
  const oneWay = lengths.toAxle + lengths.between * Math.max(0, axles - 1) + lengths.across * axles;
  // Two at each plate; two where the wires of an axle leave the trunk, but at the last, where they go on.
  return { wire: 2 * oneWay, splices: axles * 4 + 2 * Math.max(0, axles - 1) };
}
