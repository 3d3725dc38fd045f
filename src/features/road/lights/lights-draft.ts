import * as z from 'zod/mini';
import {
  SIGHTS,
  TESTS,
  type Pattern,
  type Sight,
  type TestDone,
  type TestKind,
  type Wiring,
} from '@/core/judge';
import type { DraftDef } from '@/store';

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

/** How a lamp test under way lies on this device. */
export const LIGHTS_DRAFT: DraftDef<LightsDraft> = {
  version: 1,
  schema: z.object({
    how: z.enum(['alone', 'filmed', 'helper']),
    wiring: z.enum(['shared', 'separate']),
    step: z.int().check(z.minimum(0)),
    seen: z.record(z.string(), z.enum(SIGHTS)),
    tests: z.array(
      z.object({
        test: z.enum(Object.keys(TESTS) as [TestKind, ...TestKind[]]),
        side: z.optional(z.enum(['left', 'right'])),
        result: z.string(),
      }),
    ),
  }),
};

/** A lamp test that begins. */
export const FRESH: LightsDraft = { how: 'alone', wiring: 'shared', step: 0, seen: {}, tests: [] };

/** The pattern that a draft comes to. */
export function patternOf(
  draft: LightsDraft,
  cells: readonly Pick<Pattern[number], 'lamp' | 'shows'>[],
): Pattern {
  return cells.map((cell) => ({ ...cell, result: draft.seen[`${cell.lamp} ${cell.shows}`] ?? 'ok' }));
}
