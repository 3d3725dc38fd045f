import * as z from 'zod/mini';
import { fail, ok, type Result } from '../base';
import { rigModelSchema } from '../rig';
import { SUBJECTS, WORKS, READING_IDS } from '../rules';
import type { Run } from './run';
import { RUN_VERSION, type StoredRun } from './stored-shape';
import { ACTS, BRANCH_IDS, PHASES } from './steps';

/** Why a stored card cannot be read: the field at fault and what is wrong with it. */
export interface RunProblem {
  readonly code: 'shape' | 'newer';
  readonly field: string;
  readonly detail: string;
}

/** What a page does with a card it has read: everything that is looked up in a table is checked to be in it. */
const runSchema = z.looseObject({
  id: z.string(),
  rig: z.string(),
  model: rigModelSchema,
  card: z.looseObject({
    jobs: z.array(z.looseObject({ routine: z.enum(WORKS), place: z.string() })),
    house: z.looseObject({}),
    branches: z.array(z.looseObject({ branch: z.enum(BRANCH_IDS) })),
    rechecks: z.array(z.number()),
    steps: z
      .array(
        z.looseObject({
          key: z.string(),
          step: z.enum(ACTS),
          phase: z.enum(PHASES),
          needs: z.array(z.string()),
          gives: z.array(z.string()),
          takes: z.array(z.string()),
          readings: z.array(
            z.looseObject({
              what: z.enum(READING_IDS),
            }),
          ),
          subjects: z.array(z.enum(SUBJECTS)),
          minutes: z.number(),
        }),
      )
      .check(z.minLength(1)),
  }),
  index: z.int().check(z.minimum(0)),
  records: z.record(
    z.string(),
    z.looseObject({
      state: z.enum(['done', 'skipped']),
      at: z.string(),
      readings: z.record(z.string(), z.union([z.number(), z.string()])),
      grades: z.record(z.string(), z.string()),
    }),
  ),
  findings: z.array(
    z.looseObject({
      place: z.string(),
      verdict: z.string(),
      text: z.optional(z.string()),
      of: z.optional(z.looseObject({})),
    }),
  ),
  started: z.string(),
  touched: z.string(),
});

type Loose = Record<string, unknown>;
const isLoose = (value: unknown): value is Loose => typeof value === 'object' && value !== null;

/** Cards of version 1 lay on disk as they were: the usual water stood by itself, there were no branches, and a jack stood where the words said. */
function fromFirst(raw: Loose): Loose {
  const run: Loose = { ...raw };
  if (isLoose(run['model']) && 'water' in run['model']) {
    const { water, ...model } = run['model'];
    run['model'] = water === undefined ? model : { ...model, environment: { water } };
  }
  if (!isLoose(run['card'])) return run;
  const steps: unknown = run['card']['steps'];
  run['card'] = {
    ...run['card'],
    branches: run['card']['branches'] ?? [],
    steps: Array.isArray(steps)
      ? steps.map((step: unknown) =>
          isLoose(step) && step['step'] === 'jack' ? { ...step, lift: step['lift'] ?? 'frame' } : step,
        )
      : steps,
  };
  return run;
}

/** Reads a card in hand as any version left it; refused with the field and the reason. */
export function readRun(raw: unknown): Result<StoredRun, RunProblem> {
  if (!isLoose(raw)) return fail({ code: 'shape', field: '', detail: 'not a card' });
  const tagged = 'run' in raw && 'v' in raw;
  const v = tagged ? raw['v'] : 1;
  if (typeof v !== 'number') return fail({ code: 'shape', field: 'v', detail: 'not a version' });
  if (v > RUN_VERSION)
    return fail({ code: 'newer', field: 'v', detail: `version ${v} is newer than ${RUN_VERSION}` });
  const run = tagged ? raw['run'] : fromFirst(raw);
  const read = runSchema.safeParse(run);
  if (!read.success) {
    const [first] = read.error.issues;
    return fail({
      code: 'shape',
      field: first?.path.join('.') ?? '',
      detail: first?.message ?? 'not a card',
    });
  }
  if (read.data.index > read.data.card.steps.length)
    return fail({ code: 'shape', field: 'index', detail: 'past the end of the card' });
  const rev = tagged && typeof raw['rev'] === 'number' ? raw['rev'] : 0;
  // The schema looks; what is handed on is what lay there, to the letter.
  return ok({ v: RUN_VERSION, rev, run: run as unknown as Run });
}

/** A card in hand as it is put on disk. */
export function storeRun(run: Run, rev: number): StoredRun {
  return { v: RUN_VERSION, rev, run };
}
