import { parseNumber } from '@/core/quantity';
import type { CardStep, StepRecord } from '@/core/routine';

/** What is typed and chosen at a step, before it is taken. */
export interface StepInput {
  readonly readings: Readonly<Record<string, string>>;
  readonly grades: StepRecord['grades'];
}

const NUMERIC = new Set(['nuts-counted', 'nuts-started', 'slots-back', 'strokes']);

/** A step's record as it is shown in its fields again. */
export function inputOf(record: StepRecord | undefined): StepInput {
  const readings = Object.entries(record?.readings ?? {}).map(
    ([what, value]) => [what, String(value)] as const,
  );
  return { readings: Object.fromEntries(readings), grades: record?.grades ?? {} };
}

/** The readings of a step as they are kept: counts as numbers, what is read off parts as text; what is no number is named. */
export function readInput(
  step: CardStep,
  input: StepInput,
): { readonly readings: StepRecord['readings']; readonly bad: readonly string[] } {
  const readings: Record<string, number | string> = {};
  const bad: string[] = [];
  for (const { what } of step.readings) {
    const text = input.readings[what]?.trim() ?? '';
    if (text === '') continue;
    if (!NUMERIC.has(what)) readings[what] = text;
    else {
      const number = parseNumber(text);
      if (number.ok && number.value >= 0 && number.value <= 1000) readings[what] = number.value;
      else bad.push(what);
    }
  }
  return { readings, bad };
}
