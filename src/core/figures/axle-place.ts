/** The first mark for an axle on a frame that is being built: so far back from its front, as a share of its length (handbook). */
export const FIRST_MARK = 0.6;

/** Where the hangers of leaf springs go (m behind the coupler, or from wherever the axles are measured). */
export interface HangerPlaces {
  readonly front: number;
  /** The middle: the equalizer of a tandem, the axle of a single. */
  readonly middle: number;
  readonly rear: number;
  /** The axles themselves. */
  readonly axles: readonly number[];
}

/** Hangers and axles around a middle (m): spring from eye to eye, and how far apart the axles of a tandem stand. */
export function hangerPlaces(middle: number, spring: number, spacing?: number): HangerPlaces {
  const half = (spacing ?? 0) / 2;
  return {
    front: middle - half - spring / 2,
    middle,
    rear: middle + half + spring / 2,
    axles: spacing === undefined ? [middle] : [middle - half, middle + half],
  };
}

/** How far an axle stands askew (m) between its ends, from the two distances coupler to spindle end, and how wide it is (m). */
export function askew(left: number, right: number, width: number): number {
  // Both ends on circles around the coupler: the difference of the squares is twice the shift along the frame.
  const middle = (left + right) / 2;
  const along = Math.sqrt(Math.max(0, middle ** 2 - (width / 2) ** 2));
  return along === 0 ? 0 : ((left - right) * middle) / along;
}
