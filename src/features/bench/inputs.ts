import { parseNumber, parseQuantity, unitFor, type UnitSystem } from '@/core/quantity';
import { READINGS, type CardStep, type ReadingId, type StepRecord } from '@/core/routine';
import type { DraftDef } from '@/store';
import { typed } from '@/text';
import * as z from 'zod/mini';

/** What is typed and chosen at a step, before it is taken. */
export interface StepInput {
  /** The units it is typed in: they stay with the text. */
  readonly units: UnitSystem;
  readonly readings: Readonly<Record<string, string>>;
  readonly grades: StepRecord['grades'];
  readonly note?: string;
}

/** What is typed at the step in hand, as it is kept: a step that is not the one in hand has none. */
export interface KeptInput {
  readonly key: string;
  readonly input: StepInput;
}

/** How it lies on this device. */
export const STEP_DRAFT: DraftDef<KeptInput> = {
  version: 1,
  schema: z.object({
    key: z.string(),
    input: z.object({
      // What was kept before units were kept with it was typed in the usual ones.
      units: z.catch(z.enum(['us', 'metric']), 'us'),
      readings: z.record(z.string(), z.string()),
      grades: z.record(z.string(), z.string()) as unknown as z.ZodMiniType<StepInput['grades']>,
      note: z.optional(z.string()),
    }),
  }) as unknown as z.ZodMiniType<KeptInput>,
};

/** Digits behind the point of a length or a pressure as it is shown again. */
const DECIMALS = { length: 4, pressure: 1 } as const;

function shown(what: string, value: number | string, system: UnitSystem): string {
  const def = Object.hasOwn(READINGS, what) ? READINGS[what as ReadingId] : undefined;
  return def?.as === 'quantity' && typeof value === 'number'
    ? typed(value, def.of, system, DECIMALS[def.of])
    : String(value);
}

/** A step's record as it is shown in its fields again. */
export function inputOf(record: StepRecord | undefined, system: UnitSystem): StepInput {
  const readings = Object.entries(record?.readings ?? {}).map(
    ([what, value]) => [what, shown(what, value, system)] as const,
  );
  return {
    units: system,
    readings: Object.fromEntries(readings),
    grades: record?.grades ?? {},
    ...(record?.note && { note: record.note }),
  };
}

/** One reading as it is kept: SI for quantities, counts as numbers, what is read off parts as text; undefined where it is no such thing. */
function readOne(what: ReadingId, text: string, system: UnitSystem): number | string | undefined {
  const def = READINGS[what];
  if (def.as === 'text' || def.as === 'choice') return text;
  const read =
    def.as === 'quantity' ? parseQuantity(text, def.of, unitFor(def.of, system)) : parseNumber(text);
  return read.ok ? read.value : undefined;
}

/** The readings of a step as they are kept; what is no number, or in a wrong unit, is named. */
export function readInput(
  step: CardStep,
  input: StepInput,
): { readonly readings: StepRecord['readings']; readonly bad: readonly ReadingId[] } {
  const readings: Record<string, number | string> = {};
  const bad: ReadingId[] = [];
  for (const { what } of step.readings) {
    const text = input.readings[what]?.trim() ?? '';
    if (text === '') continue;
    const value = readOne(what, text, input.units);
    if (value === undefined || (typeof value === 'number' && value < 0)) bad.push(what);
    else readings[what] = value;
  }
  return { readings, bad };
}
