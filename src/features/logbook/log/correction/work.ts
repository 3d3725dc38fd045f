import { ok, type UnitSystem } from '@/core/base';
import type { WorkBody } from '@/core/log';
import { correctWork } from '@/core/record';
import { THICKENERS } from '@/core/figures';
import { canBeRead, parseReading } from '@/core/rules';
import { readingProblemWords, readingTyped } from '@/text';
import { refuse, type Correctable } from './typed';

type Reading = WorkBody['readings'][number];

/** A reading as typed over: its value in SI, undefined where it was taken out, or what is wrong. */
function readOne(one: Reading, typed: string, system: UnitSystem) {
  // What was not touched keeps its value to the last digit.
  if (typed === readingTyped(one.what, one.value, system)) return { value: one.value };
  if (typed === '') return {};
  if (typeof one.value === 'string') return { value: typed };
  const read = parseReading(one.what, typed, system);
  if (!read.ok) return { wrong: readingProblemWords(read.error, system) };
  return canBeRead(one.what, read.value)
    ? { value: read.value }
    : { wrong: 'Out of range here. Look at the unit.' };
}

/** Finished work typed over: its readings, grades, greases and note. */
export const WORK: Correctable<'work'> = {
  values: ({ note, readings, conditions, materials }, system) => ({
    note: note ?? '',
    ...Object.fromEntries(
      readings.map((one, i) => [`reading ${i}`, readingTyped(one.what, one.value, system)]),
    ),
    ...Object.fromEntries(conditions.map((one, i) => [`grade ${i}`, one.grade])),
    ...Object.fromEntries(materials.map((one, i) => [`grease ${i}`, one.grease])),
  }),
  read: (body, values, { system }) => {
    const read: { value?: string | number; wrong?: string }[] = body.readings.map((one, i) =>
      readOne(one, values[`reading ${i}`]?.trim() ?? '', system),
    );
    const errors = Object.fromEntries(
      read.flatMap(({ wrong }, i) => (wrong === undefined ? [] : [[`reading ${i}`, wrong]])),
    );
    if (Object.keys(errors).length > 0) return refuse(errors);
    return ok(
      correctWork(body, {
        readings: read.map(({ value }) => value),
        grades: body.conditions.map((one, i) => values[`grade ${i}`] ?? one.grade),
        greases: body.materials.map(
          (one, i) => THICKENERS.find((grease) => grease === values[`grease ${i}`]) ?? one.grease,
        ),
        note: values['note'] ?? '',
      }),
    );
  },
};
