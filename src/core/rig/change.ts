import * as z from 'zod/mini';
import { fail, ok, shaped, type Result } from '../base';
import { rigModelSchema, type RigModel } from './model';

type Json = string | number | boolean | null | readonly Json[] | { readonly [key: string]: Json };

const path = shaped(/^[a-z][A-Za-z]*(\.([a-z][A-Za-z]*|\d))*$/);

/** What a schema looks like from inside, as far as the way to a field goes. */
interface Inside {
  readonly type: string;
  readonly innerType?: z.core.$ZodType;
  readonly element?: z.core.$ZodType;
  readonly shape?: Readonly<Record<string, z.core.$ZodType>>;
  readonly keyType?: z.core.$ZodType;
  readonly valueType?: z.core.$ZodType;
}

function schemaUnder(schema: z.core.$ZodType, keys: readonly string[]): z.core.$ZodType | undefined {
  const inside = schema._zod.def as unknown as Inside;
  if (inside.type === 'optional' && inside.innerType) return schemaUnder(inside.innerType, keys);
  const [key, ...rest] = keys;
  if (key === undefined) return schema;
  if (inside.type === 'array' && inside.element) return schemaUnder(inside.element, rest);
  if (inside.type === 'record' && inside.keyType && inside.valueType)
    return z.safeParse(inside.keyType, key).success ? schemaUnder(inside.valueType, rest) : undefined;
  const { shape } = inside;
  const next = shape && Object.hasOwn(shape, key) ? shape[key] : undefined;
  return next && schemaUnder(next, rest);
}

const schemas = new Map<string, z.core.$ZodType | undefined>();

/** True where a field of a rig can be told so; `null` takes any field away. */
function fits(at: string, value: unknown): boolean {
  if (!schemas.has(at)) {
    const found = schemaUnder(rigModelSchema, at.split('.'));
    // Paths come from files as well: what is no field is not remembered.
    if (!found) return false;
    schemas.set(at, found);
  }
  const schema = schemas.get(at);
  return schema !== undefined && (value === null || z.safeParse(schema, value).success);
}

/** Changes field by field: path to new value, `null` for a fact withdrawn. Two devices can each change one. */
export const changesSchema = z.record(path, z.json()).check(
  z.refine((changes) => Object.keys(changes).length > 0, { message: 'nothing is changed' }),
  z.refine((changes) => Object.entries(changes).every(([at, value]) => fits(at, value)), {
    message: 'not a field of a rig, or not what it can be',
  }),
);

/** Changes to a rig, field by field. */
export type Changes = z.infer<typeof changesSchema>;

// A specification changes as one: a value must never be left with another value's source.
function isWhole(value: unknown): boolean {
  return value === null || typeof value !== 'object' || 'source' in value;
}

function flatten(value: Json | undefined, at: string, into: Record<string, Json>): void {
  if (value === undefined) return;
  if (isWhole(value)) into[at] = value;
  else
    for (const [key, part] of Object.entries(value as Record<string, Json>))
      flatten(part, at === '' ? key : `${at}.${key}`, into);
}

/** The changes that lead from one model to another; empty when they are alike. */
export function diffModels(before: RigModel, after: RigModel): Changes {
  const old: Record<string, Json> = {};
  const now: Record<string, Json> = {};
  flatten(before as unknown as Json, '', old);
  flatten(after as unknown as Json, '', now);
  const changes: Changes = {};
  for (const [at, value] of Object.entries(now))
    if (JSON.stringify(old[at]) !== JSON.stringify(value)) changes[at] = value as Changes[string];
  // Later axles go first, so that an axle's last field does not leave a hole behind it.
  for (const at of Object.keys(old).reverse()) if (!(at in now)) changes[at] = null;
  return changes;
}

function set(node: Record<string, unknown>, keys: readonly string[], value: unknown): void {
  const [key = '', ...rest] = keys;
  if (rest.length === 0) {
    if (value === null) delete node[key];
    else node[key] = value;
    return;
  }
  const next = node[key];
  const child = next !== null && typeof next === 'object' ? (next as Record<string, unknown>) : {};
  node[key] = child;
  set(child, rest, value);
}

function prune(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(prune).filter((part) => part !== undefined);
  if (value === null || typeof value !== 'object') return value;
  const kept = Object.entries(value)
    .map(([key, part]) => [key, prune(part)] as const)
    .filter(([, part]) => part !== undefined);
  return kept.length === 0 ? undefined : Object.fromEntries(kept);
}

/** A model with changes made; refused, with the reason, where the outcome is no rig. */
export function applyChanges(model: RigModel, changes: Changes): Result<RigModel, string> {
  // Built anew part by part: a clone would keep two axles that are one object as one.
  const draft = prune(model) as Record<string, unknown>;
  for (const [at, value] of Object.entries(changes)) set(draft, at.split('.'), value);
  const read = rigModelSchema.safeParse(prune(draft));
  if (read.success) return ok(read.data);
  const first = read.error.issues[0];
  return fail(first ? `${first.path.join('.')}: ${first.message}` : 'not a rig');
}
