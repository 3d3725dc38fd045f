/** A jack and what it has to lift; heights above the ground and lengths in m. */
export interface Lift {
  /** The jack at its lowest and at its highest. */
  readonly closed: number;
  readonly raised: number;
  /** Blocks under it. */
  readonly blocks: number;
  /** The lifting point now, with the tire flat. */
  readonly point: number;
  /** How far the flat lets the axle down: its height with a sound tire less its height now. */
  readonly sag: number;
  /** How far the wheel hangs down before it leaves the ground. */
  readonly droop: number;
  /** Air wanted under the tire. */
  readonly clearance: number;
}

/** Whether a jack goes under and lifts enough, and which blocks make it (m). */
export interface LiftFit {
  readonly goesUnder: boolean;
  readonly liftsEnough: boolean;
  /** How high the point has to come. */
  readonly needed: number;
  /** What is left, or wanting below nothing, under the point before and above it at the top. */
  readonly spareBelow: number;
  readonly spareAbove: number;
  /** The blocks that do both; undefined where this jack cannot. */
  readonly blocks: { readonly min: number; readonly max: number } | undefined;
}

/** A jack with blocks against the point it lifts (handbook 8.11). */
export function liftFit({ closed, raised, blocks, point, sag, droop, clearance }: Lift): LiftFit {
  const needed = point + sag + droop + clearance;
  const spareBelow = point - (closed + blocks);
  const spareAbove = raised + blocks - needed;
  const min = Math.max(0, needed - raised);
  const max = point - closed;
  return {
    goesUnder: spareBelow >= 0,
    liftsEnough: spareAbove >= 0,
    needed,
    spareBelow,
    spareAbove,
    blocks: min <= max ? { min, max } : undefined,
  };
}

/** By how much jack and stand are rated over what they carry (handbook 8.11). */
export const LIFT_MARGIN = 1.25;

/** What jack and stand have to be rated for at least (kg): a quarter over the side's share, for any number of axles. */
export function liftCapacity(gvwr: number, tongue: number): number {
  return (LIFT_MARGIN * (gvwr - tongue)) / 2;
}
