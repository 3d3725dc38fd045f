import english from 'zod/v4/locales/en.js';
import * as z from 'zod/mini';
import {
  fail,
  isCivilDay,
  isInstant,
  ok,
  shaped,
  type CivilDay,
  type Instant,
  type Result,
  uuid,
} from '../base';
import { upcast } from './define';
import { REGISTRY } from './registry';

// The pages forbid eval, which zod would otherwise try, and report, when it builds fast validators;
// the small build comes without words for what is wrong.
z.config({ ...english(), jitless: true });

/** A kind of entry. */
export type Kind = keyof typeof REGISTRY;

/** An entry of one kind: what happened, when, when it was written down, to which rig. */
export interface EntryOf<K extends Kind> {
  readonly id: string;
  readonly kind: K;
  readonly v: number;
  readonly rig: string;
  readonly happened: Instant;
  readonly recorded: Instant;
  /** The entry this one corrects. */
  readonly replaces?: string | undefined;
  /** The other acts on what it withdraws or corrects that were known when it was written: it outranks them. */
  readonly seen?: readonly string[] | undefined;
  /** The days that its moments were where it was written, by name. */
  readonly days?: Readonly<Record<string, CivilDay>> | undefined;
  readonly body: z.infer<(typeof REGISTRY)[K]['body']>;
}

/** Any entry. */
export type Entry = { [K in Kind]: EntryOf<K> }[Kind];

/** Why something read is no entry: a code, the field at fault, and what is wrong with it. */
export interface EntryProblem {
  readonly code: 'shape' | 'unknown-kind' | 'newer';
  readonly field: string;
  readonly detail: string;
}

const instant = z
  .string()
  .check(z.refine(isInstant, { message: 'not a moment in UTC such as 2026-05-16T09:00:00.000Z' }));

const envelope = z.strictObject({
  id: uuid(),
  kind: z.string(),
  v: z.int().check(z.minimum(1)),
  rig: uuid(),
  happened: instant,
  recorded: instant,
  replaces: z.optional(uuid()),
  seen: z.optional(z.array(uuid()).check(z.maxLength(1000))),
  days: z.optional(
    z.record(
      shaped(/^[a-z]{1,20}$/),
      z.string().check(z.refine(isCivilDay, { message: 'not a day of the calendar' })),
    ),
  ),
  body: z.unknown(),
});

/** The fields every entry has. */
export const ENVELOPE_KEYS = Object.keys(envelope.shape);

const variants = Object.values(REGISTRY).map((def) =>
  z.extend(envelope, { kind: z.literal(def.kind), v: z.literal(def.version), body: def.body }),
);

/** The schema of an entry at the current version of its kind: the open format. */
export const entrySchema = z.union(variants);

function problem(error: z.core.$ZodError, under = ''): EntryProblem {
  const first = error.issues[0];
  const field = [under, ...(first?.path ?? [])].filter((part) => part !== '').join('.');
  return { code: 'shape', field, detail: first?.message ?? 'not an entry' };
}

/** Reads one entry of any known version, lifted to the current one; refused with the field and the reason. */
export function readEntry(raw: unknown): Result<Entry, EntryProblem> {
  const outer = envelope.safeParse(raw);
  if (!outer.success) return fail(problem(outer.error));
  const { kind, v } = outer.data;
  if (!Object.hasOwn(REGISTRY, kind))
    return fail({ code: 'unknown-kind', field: 'kind', detail: `"${kind}" is not a kind of entry` });
  const def = REGISTRY[kind as Kind];
  if (v > def.version)
    return fail({
      code: 'newer',
      field: 'v',
      detail: `${kind} version ${v} is newer than version ${def.version}`,
    });
  let lifted: unknown;
  try {
    lifted = upcast(def, v, outer.data.body);
  } catch {
    // An upcaster takes an old body at its word; what is no such body is found out by it.
    return fail({ code: 'shape', field: 'body', detail: `not ${kind} as version ${v} had it` });
  }
  const body = def.body.safeParse(lifted);
  if (!body.success) return fail(problem(body.error, 'body'));
  return ok({ ...outer.data, v: def.version, body: body.data } as Entry);
}

/** An entry of a kind or version that this version does not know: kept as it is, for one that does. */
export interface UnreadEntry {
  readonly id: string;
  readonly rig: string;
  readonly raw: unknown;
  readonly why: EntryProblem;
}

/** What cannot be read as an entry, with its id and rig where it has them; undefined for what nobody can tell apart. */
export function unreadEntry(raw: unknown, why: EntryProblem): UnreadEntry | undefined {
  const known = z.object({ id: uuid(), rig: uuid() }).safeParse(raw);
  return known.success ? { ...known.data, raw, why } : undefined;
}

/** True for what a newer version wrote: nothing is wrong with it. */
export function isNewer({ code }: EntryProblem): boolean {
  return code === 'newer' || code === 'unknown-kind';
}

/** True for an entry kept at the current version of its kind, which needs no lifting. */
export function isCurrent(entry: Pick<Entry, 'kind' | 'v'>): boolean {
  return Object.hasOwn(REGISTRY, entry.kind) && REGISTRY[entry.kind].version === entry.v;
}
