import * as z from 'zod/mini';
import { DAY_MS, isInstant, msOf, type Instant, type UnitSystem } from '@/core/base';
import type { DraftDef } from '@/store';

/** What a form holds while it is half done: text as it was typed, and choices; figures are read when it is sent. */
export type FormValues = Record<string, string | boolean>;

/** A form half done, as it lies on disk: with the units its figures were typed in, and when it was last touched by this device's clock. */
export interface FormDraft {
  readonly units: UnitSystem;
  readonly at: Instant;
  readonly values: FormValues;
}

export const FORM_DRAFT: DraftDef<FormDraft> = {
  version: 1,
  schema: z.strictObject({
    units: z.enum(['us', 'metric']),
    at: z.string().check(z.refine(isInstant)),
    values: z.record(
      z.string().check(z.maxLength(40)),
      z.union([z.string().check(z.maxLength(5000)), z.boolean()]),
    ),
  }),
};

/** A month (ms): what was left half done longer ago is begun afresh. */
const A_MONTH = 31 * DAY_MS;

/** The draft of a form where it is still one: touched within a month. */
export function stillOpen(draft: FormDraft | undefined, now: Instant): FormDraft | undefined {
  return draft && msOf(now) - msOf(draft.at) < A_MONTH ? draft : undefined;
}

/** The values of a form with what was kept of them: fields that it no longer has, or that are of another type, are left out. */
export function withKept<V extends FormValues>(fresh: V, kept: FormValues): V {
  const taken = Object.entries(fresh).map(([name, value]) => {
    const old = Object.hasOwn(kept, name) ? kept[name] : undefined;
    return [name, typeof old === typeof value ? old : value] as const;
  });
  return Object.fromEntries(taken) as V;
}

/** The key of the one draft of a form: by its name, and what it is about. */
export const formKey = (name: string, about: string) => `form ${name} ${about}`;
