import type { Pattern, Sight, TestDone, Wiring } from '@/core/faults';

/** A lamp test under way. */
export interface LightsDraft {
  readonly how: 'alone' | 'filmed' | 'helper';
  readonly wiring: Wiring;
  /** The step of the sequence in hand; past the last one the results are told. */
  readonly step: number;
  /** What was seen, by lamp and function; what is not told yet counts as burning. */
  readonly seen: Readonly<Record<string, Sight>>;
  readonly tests: readonly TestDone[];
}

/** A lamp test that begins. */
export const FRESH: LightsDraft = { how: 'alone', wiring: 'shared', step: 0, seen: {}, tests: [] };

/** The pattern that a draft comes to. */
export function patternOf(
  draft: LightsDraft,
  cells: readonly Pick<Pattern[number], 'lamp' | 'shows'>[],
): Pattern {
  return cells.map((cell) => ({ ...cell, result: draft.seen[`${cell.lamp} ${cell.shows}`] ?? 'ok' }));
}
