import * as z from 'zod/mini';
import { code, nonNegative, text, words } from '../../base';
import { defineKind } from '../define';
import { doneNow, restart } from '../last-done';

const name = code();

const body = z.strictObject({
  /** Brake and turn share a filament, or each has its own. */
  wiring: z.enum(['shared', 'separate']),
  how: z.enum(['alone', 'filmed', 'helper']),
  results: z
    .array(z.strictObject({ lamp: name, shows: name, result: z.enum(['ok', 'dim', 'out', 'wrong']) }))
    .check(z.minLength(1)),
  /** What was tried to find the cause, and what came of it. */
  tests: z.array(z.strictObject({ test: name, side: z.optional(z.enum(['left', 'right'])), result: name })),
  /** The likeliest cause as it was left, by its faults (`socket@left`), and how sure (share of 1); in words where an older version told it so. */
  cause: z.optional(
    z.strictObject({
      faults: z.array(code(/^[a-z][a-z-]*(@[a-z-]+)?$/)),
      said: z.optional(words(60)),
      sure: nonNegative(1),
    }),
  ),
  note: z.optional(text(2000)),
});

/** A test of the lamps, function by function. */
export type LightsBody = z.infer<typeof body>;

/** Faults as version 1 told them in words, after the lamp or side they are at. */
const TOLD: Readonly<Record<string, string>> = {
  'running filament burnt out': 'bulb-running',
  'brake and turn filament burnt out': 'bulb-bright',
  'brake bulb burnt out': 'bulb-brake',
  'turn bulb burnt out': 'bulb-turn',
  'bulb burnt out or loose': 'bulb-both',
  'bulb burnt out': 'bulb-single',
  'socket corroded': 'socket',
  'ground of that side': 'ground',
  'ground shared by all lamps': 'ground-shared',
  'running wire of that side': 'branch-running',
  'brake and turn wire of that side': 'branch-bright',
  'fuse of the running lamps': 'fuse-running',
  'running pin of the plug': 'pin-running',
  'pin of that side in the plug': 'pin-bright',
  'tow vehicle\u2019s wire or converter for that side': 'tow-bright',
  'tow vehicle\u2019s brake feed': 'tow-brake',
  'plug not in, or its ground': 'plug',
  'left and right wires crossed': 'crossed',
  'something else': 'unknown',
};
const AT: Readonly<Record<string, string>> = {
  'left lamp': 'left',
  'right lamp': 'right',
  'plate lamp': 'plate',
  'left markers': 'marker-left',
  'right markers': 'marker-right',
  left: 'left',
  right: 'right',
};

/** Version 1 told the likeliest cause in words, and the side of a test behind its name. */
function toCodes(body: unknown): unknown {
  const old = body as {
    tests: readonly { test: string; result: string }[];
    cause?: { fault: string; sure: number };
  };
  const tests = old.tests.map(({ test, result }) => {
    const [made, side] = test.split(' ');
    return { test: made, ...(side && { side }), result };
  });
  if (!old.cause) return { ...old, tests };
  const { fault, sure } = old.cause;
  const [where, what] = fault.includes(': ')
    ? fault.toLowerCase().split(': ')
    : [undefined, fault.toLowerCase()];
  const kind = TOLD[what ?? ''];
  const at = where === undefined ? undefined : AT[where];
  const lifted = kind !== undefined && (where === undefined || at !== undefined);
  const cause = lifted
    ? { faults: [at === undefined ? kind : `${kind}@${at}`], sure }
    : { faults: [], said: fault, sure };
  return { ...old, tests, cause };
}

/** Lamps tested; they were, whatever came of it. */
export const lights = defineKind({
  kind: 'lights',
  version: 2,
  body,
  group: 'walks',
  places: () => [],
  corrected: 'elsewhere',
  upcasters: [toCodes],
  apply: (rig, _, entry, own) =>
    restart(rig, [{ routine: 'lights', place: 'rig' }], doneNow(rig, entry), own),
});
