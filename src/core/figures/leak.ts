import { ONE_TEMPERATURE, pressureAt } from './pressure';

/** A pressure (Pa) read in air of a temperature (K), at a moment in days. */
export interface PressureRead {
  readonly pressure: number;
  readonly temperature: number;
  readonly altitude?: number | undefined;
  readonly day: number;
}

/** How well an ordinary gauge is read (Pa): half a psi either way. */
const GAUGE_ERROR = 3447;
/** What rubber lets through in a month, as a share of the gauge pressure (handbook 8.4). */
export const PERMEATION = 0.02;
const MONTH = 30;

/** What two readings say of a leak: Pa at one temperature, and Pa a month with the least and most that the gauge allows. */
export interface Leak {
  readonly lost: number;
  readonly monthly: number;
  readonly least: number;
  readonly most: number;
  /** As a share of the first pressure, in a month. */
  readonly share: number;
}

/** The loss between two readings brought to one temperature (handbook 8.4); undefined where no time lies between them. */
export function leakBetween(first: PressureRead, second: PressureRead): Leak | undefined {
  const days = second.day - first.day;
  if (days <= 0) return undefined;
  const one = ({ pressure, temperature, altitude }: PressureRead) =>
    pressureAt(pressure, { temperature, altitude }, { temperature: ONE_TEMPERATURE });
  const from = one(first);
  const lost = from - one(second);
  const monthly = (lost / days) * MONTH;
  // Two gauge readings are off apart from each other.
  const spread = (Math.SQRT2 * GAUGE_ERROR * MONTH) / days;
  return { lost, monthly, least: monthly - spread, most: monthly + spread, share: monthly / from };
}
