import type { z } from 'zod/mini';
import type { Instant } from '../base';
import type { RoutinePlace } from '../rules';
import type { RigState } from './state';

/** What an entry's effect may know beside its body. */
export interface Applied {
  readonly id: string;
  readonly happened: Instant;
}

/** Records that a replay made itself and nobody else holds yet: they may be worked on in place. */
export type Own = WeakSet<object>;

/** A record to be changed: itself where a replay made it, a copy of it otherwise. */
export function mine<T>(record: Readonly<Record<string, T>>, own: Own | undefined): Record<string, T> {
  if (own?.has(record)) return record;
  const copy = { ...record };
  own?.add(copy);
  return copy;
}

/** What an entry changes of a rig; nothing where it has no effect. */
export type Patch = Partial<RigState> | undefined;

/** What the Logbook can be narrowed to, in its order. */
export const LOG_GROUPS = ['trips', 'work', 'walks', 'findings', 'parts', 'facts', 'notes'] as const;
export type LogGroup = (typeof LOG_GROUPS)[number];

/** One kind of entry: its body at the current version, how older bodies are lifted, and what it does to a rig. */
export interface KindDef<K extends string, B extends z.ZodMiniType> {
  readonly kind: K;
  readonly version: number;
  readonly body: B;
  readonly group: LogGroup;
  /** The places of its rig that it speaks of itself. */
  readonly places: (body: z.infer<B>) => readonly RoutinePlace[];
  /** The other entries that it speaks of, first the one whose place is its own where it names none. */
  readonly others?: (body: z.infer<B>) => readonly string[];
  /** The moments of its body that mean a day, beside when it happened. */
  readonly moments?: (body: z.infer<B>) => Readonly<Record<string, Instant | undefined>>;
  /** Its figures are set right in the Logbook, or it is told anew where it was told. */
  readonly corrected: 'here' | 'elsewhere';
  /** `upcasters[i]` lifts a body of version i + 1 to version i + 2; each is frozen once shipped. */
  readonly upcasters: readonly ((body: unknown) => unknown)[];
  readonly apply: (rig: RigState, body: z.infer<B>, entry: Applied, own?: Own) => Patch;
}

/** Declares a kind; throws where the sequence of upcasters has a gap. */
export function defineKind<K extends string, B extends z.ZodMiniType>(def: KindDef<K, B>): KindDef<K, B> {
  if (def.upcasters.length !== def.version - 1)
    throw new Error(`${def.kind}: version ${def.version} needs ${def.version - 1} upcasters`);
  return def;
}

/** Lifts a body written at `version` to the current one; the body given is left as it is. */
export function upcast(
  def: Pick<KindDef<string, z.ZodMiniType>, 'upcasters'>,
  version: number,
  body: unknown,
): unknown {
  return def.upcasters
    .slice(version - 1)
    .reduce<unknown>((older, lift) => lift(structuredClone(older)), body);
}
