import { fail, ok, type Result } from '../base';

/** Something that weighs (kg) at a distance behind the coupler (m). */
export interface Load {
  readonly weight: number;
  readonly at: number;
}

/** How a trailer stands on hitch and axle: weights in kg, places in m behind the coupler. */
export interface Balance {
  readonly weight: number;
  /** The middle of all that weighs. */
  readonly center: number;
  readonly tongue: number;
  readonly axle: number;
  /** The part of the weight that the hitch carries, 0–1; below nothing it lifts the hitch. */
  readonly share: number;
}

/** The share of the weight that belongs on the tongue, by kind (handbook 8.10). */
export const TONGUE_WINDOW = {
  trailer: { min: 0.1, max: 0.15 },
  boat: { min: 0.07, max: 0.12 },
} as const;

/** Why loads make no balance. */
export type BalanceProblem =
  | { readonly code: 'nothing-loaded' }
  /** The axle, or the middle of two, has to stand behind the coupler. */
  | { readonly code: 'axle-not-behind' }
  | { readonly code: 'weight-negative' };

/** Tongue and axle load by moments about the coupler, with the axle, or the middle of a tandem, `axleAt` (m) behind it (handbook 8.10). */
export function balanceOf(loads: readonly Load[], axleAt: number): Result<Balance, BalanceProblem> {
  if (loads.some(({ weight }) => weight < 0)) return fail({ code: 'weight-negative' });
  const weight = loads.reduce((sum, load) => sum + load.weight, 0);
  if (weight === 0) return fail({ code: 'nothing-loaded' });
  if (axleAt <= 0) return fail({ code: 'axle-not-behind' });
  const center = loads.reduce((sum, load) => sum + load.weight * load.at, 0) / weight;
  const share = (axleAt - center) / axleAt;
  return ok({ weight, center, share, tongue: weight * share, axle: weight * (1 - share) });
}

/** Where the axle (m behind the coupler) puts `share` of the weight on the tongue; undefined where no place does. */
export function axleFor(center: number, share: number): number | undefined {
  return share < 1 && center > 0 ? center / (1 - share) : undefined;
}

/** How far one load (kg) moves (m, forward is negative) to put `share` on the tongue, the axle staying; undefined where it weighs next to nothing. */
export function moveFor(balance: Balance, axleAt: number, load: Load, share: number): number | undefined {
  // Less than a coin moves nothing.
  if (load.weight < 0.01) return undefined;
  return ((axleAt * (1 - share) - balance.center) * balance.weight) / load.weight;
}

/** Tongue weight (kg) by a bathroom scale under a plank: the tongue rests `toTongue` (m) from the fixed end, the scale stands `toScale` (m) from it. */
export function tongueByScale(reading: number, toTongue: number, toScale: number): number {
  return (reading * toScale) / toTongue;
}

/** Three tickets of a weighbridge (kg): the tow vehicle alone, hitched with the trailer's axles off the plate, and all of it on. */
export interface Tickets {
  readonly alone: number;
  readonly hitched: number;
  readonly whole: number;
}

/** Tickets that cannot all be right: which one is off, by how much (kg) at least. */
export type TicketProblem =
  | { readonly code: 'hitched-below-alone'; readonly by: number }
  | { readonly code: 'whole-below-hitched'; readonly by: number }
  /** More would rest on the tongue than on the axles. */
  | { readonly code: 'tongue-over-axles'; readonly by: number };

/** What three tickets say of the trailer (kg). */
export interface Weighed {
  readonly tongue: number;
  readonly axles: number;
  readonly weight: number;
  readonly share: number;
}

/** Tongue and axle load from three weighbridge tickets (handbook 8.10), or the ticket that contradicts the others. */
export function weighed({ alone, hitched, whole }: Tickets): Result<Weighed, TicketProblem> {
  if (hitched < alone) return fail({ code: 'hitched-below-alone', by: alone - hitched });
  if (whole <= hitched) return fail({ code: 'whole-below-hitched', by: hitched - whole });
  const tongue = hitched - alone;
  const axles = whole - hitched;
  if (tongue > axles) return fail({ code: 'tongue-over-axles', by: tongue - axles });
  return ok({ tongue, axles, weight: tongue + axles, share: tongue / (tongue + axles) });
}
