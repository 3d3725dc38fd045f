import * as z from 'zod/mini';
import { shaped, text, words } from '../../base';
import { defineKind } from '../define';
import { markNow, restart } from '../marks';

const name = shaped(/^[a-z][a-z-]*$/);

const body = z.strictObject({
  /** Brake and turn share a filament, or each has its own. */
  wiring: z.enum(['shared', 'separate']),
  how: z.enum(['alone', 'filmed', 'helper']),
  results: z
    .array(z.strictObject({ lamp: name, shows: name, result: z.enum(['ok', 'dim', 'out', 'wrong']) }))
    .check(z.minLength(1)),
  /** What was tried to find the cause, and what came of it. */
  tests: z.array(z.strictObject({ test: words(60), result: name })),
  /** The likeliest cause as it was left, and how sure (share of 1). */
  cause: z.optional(z.strictObject({ fault: words(60), sure: z.number() })),
  note: z.optional(text(2000)),
});

/** A test of the lamps, function by function. */
export type LightsBody = z.infer<typeof body>;

/** Lamps tested; they were, whatever came of it. */
export const lights = defineKind({
  kind: 'lights',
  version: 1,
  body,
  upcasters: [],
  apply: (rig, _, entry, own) =>
    restart(rig, [{ routine: 'lights', place: 'rig' }], markNow(rig, entry), own),
});
