import { toSI } from '../base';

/** A nominal brake assembly; lengths in m, the usual rating of its axle in kg. */
export interface Assembly {
  readonly diameter: number;
  readonly width: number;
  readonly ratings: readonly [min: number, max: number];
  /** Bolts that usually hold its backing plate. */
  readonly bolts: readonly (4 | 5)[];
}

const inch = (value: number) => toSI(value, 'in');
const lb = (value: number) => toSI(value, 'lb');

/** The nominal assemblies (handbook 8.12). */
export const ASSEMBLIES: readonly Assembly[] = [
  { diameter: inch(7), width: inch(1.25), ratings: [lb(2000), lb(2200)], bolts: [4] },
  { diameter: inch(10), width: inch(1.5), ratings: [lb(2500), lb(3500)], bolts: [4] },
  { diameter: inch(10), width: inch(2.25), ratings: [lb(3500), lb(4400)], bolts: [4] },
  { diameter: inch(12), width: inch(2), ratings: [lb(4400), lb(7000)], bolts: [4, 5] },
  { diameter: inch(12.25), width: inch(2.5), ratings: [lb(8000), lb(9000)], bolts: [5] },
  { diameter: inch(12.25), width: inch(3.375), ratings: [lb(9000), lb(10_000)], bolts: [5] },
];

/** How far a drum may be worn beyond nominal (m) where its maximum is not stamped. */
export const DRUM_WEAR = inch(0.09);

const EPSILON = 1e-9;

/** The most a drum of a nominal diameter may measure (m) where its maximum is not stamped: one limit for whoever asks. */
export function drumMaximum(nominal: number): number {
  return nominal + DRUM_WEAR;
}

/** What is left (m) of a drum before its maximum: as stamped, else by its nominal diameter. */
export function drumLeft(measured: number, nominal: number, stamped?: number): number {
  return (stamped ?? drumMaximum(nominal)) - measured;
}

/** A measured brake against the nominal assemblies. */
export type AssemblyMatch =
  | { readonly found: 'one' | 'several'; readonly assemblies: readonly Assembly[] }
  /** The drum fits one, but is past what wear allows. */
  | { readonly found: 'worn'; readonly assemblies: readonly Assembly[] }
  | { readonly found: 'none' };

/** Names the assembly that a measured drum inside diameter and shoe width (m) belong to, wear allowed for. */
export function matchAssembly(diameter: number, width: number): AssemblyMatch {
  const slack = inch(0.06);
  const byWidth = ASSEMBLIES.filter((one) => Math.abs(one.width - width) <= inch(0.2));
  const inside = byWidth.filter(
    (one) => diameter >= one.diameter - slack && diameter <= drumMaximum(one.diameter) + EPSILON,
  );
  if (inside.length > 0) {
    // Of two that both fit within wear, the one whose width is nearer is named first.
    const ordered = [...inside].sort((a, b) => Math.abs(a.width - width) - Math.abs(b.width - width));
    return { found: inside.length === 1 ? 'one' : 'several', assemblies: ordered };
  }
  const worn = byWidth.filter((one) => diameter > one.diameter && diameter <= one.diameter + 2 * DRUM_WEAR);
  return worn.length > 0 ? { found: 'worn', assemblies: worn } : { found: 'none' };
}
