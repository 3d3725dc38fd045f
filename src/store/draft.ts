import type * as z from 'zod/mini';

/** A kind of form that is kept while it is half filled in: its version, and what makes it one. */
export interface DraftDef<T> {
  readonly version: number;
  readonly schema: z.ZodMiniType<T>;
}

interface Tagged {
  readonly draft: number;
  readonly value: unknown;
}

function isTagged(raw: unknown): raw is Tagged {
  return typeof raw === 'object' && raw !== null && 'draft' in raw && 'value' in raw;
}

/** A draft as it lies on disk; `rev` counts its changes where more than one tab may make them. */
export function storeDraft<T>(
  { version }: DraftDef<T>,
  value: T,
  rev?: number,
): Tagged & { readonly rev?: number } {
  return { draft: version, value, ...(rev !== undefined && { rev }) };
}

/** A draft from disk; undefined where it is of another version or shape: half a form that a page cannot show is no form. Those from before drafts had versions are read by their shape. */
export function readDraft<T>({ version, schema }: DraftDef<T>, raw: unknown): T | undefined {
  if (raw === undefined || (isTagged(raw) && raw.draft !== version)) return undefined;
  const read = schema.safeParse(isTagged(raw) ? raw.value : raw);
  return read.success ? read.data : undefined;
}
