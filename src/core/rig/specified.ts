import * as z from 'zod/mini';
import { MAKERS_SOURCES, SOURCES, WITH_WORKED } from './source';

/** The schema of a specification whose value has the given schema. */
export function specified<T extends z.ZodMiniType>(value: T) {
  return z.strictObject({ value, source: z.enum(SOURCES) });
}

/** The same for a figure that may be worked out of measured ones. */
export function workable<T extends z.ZodMiniType>(value: T) {
  return z.strictObject({ value, source: z.enum(WITH_WORKED) });
}

/** The schema of a specification that only a maker can give. */
export function byMaker<T extends z.ZodMiniType>(value: T) {
  return z.strictObject({ value, source: z.enum(MAKERS_SOURCES) });
}
