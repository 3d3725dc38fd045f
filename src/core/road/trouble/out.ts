import type { Because, TroubleId, RoadVerdict } from '../../rules';

/** How far what stays is rolled all the same, once, from a place of danger: out of it, no farther than clear of the lane, or not at all (trouble 2). */
export type OutOfDanger = 'out' | 'clear-of-the-lane' | 'not-at-all';

/** Stopped for: flames, gas. */
const NOT_AT_ALL: ReadonlySet<Because> = new Set<Because>(['flames', 'gas-smelt']);
/** A wheel off or leaning on its hub, wheels locked, coupler not held, tongue or main rail cracked through. */
const LANE: ReadonlySet<Because> = new Set<Because>([
  'hub-leans',
  'as-studs',
  'holes-worn',
  'too-few',
  'two-neighbors',
  'wheel-lost',
  'other-nuts-loose',
  'drags-on',
  'not-latched',
  'came-off',
  'ball-differs',
  'play-seen',
  'carries-the-axle',
]);
const LANE_TROUBLES: ReadonlySet<TroubleId> = new Set<TroubleId>(['leaning', 'lost']);

/** How a rig that stays gets out of danger; undefined for a verdict that lets it roll anyway. */
export function outOfDanger(id: TroubleId, { roll, because }: RoadVerdict): OutOfDanger | undefined {
  if (roll !== 'stay') return undefined;
  if (NOT_AT_ALL.has(because)) return 'not-at-all';
  return LANE.has(because) || LANE_TROUBLES.has(id) ? 'clear-of-the-lane' : 'out';
}
