import type { Entry } from './entry';
import { compareWritten } from './order';

/** The id of the entry that this one withdraws or corrects, if any. */
export function targetOf(entry: Entry): string | undefined {
  return entry.kind === 'void' ? entry.body.target : entry.replaces;
}

/** The entries that act on others, and those they act on; few beside the whole log. */
export interface Acts {
  readonly actors: readonly Entry[];
  /** Ids acted on, whether or not their entries have arrived. */
  readonly wanted: ReadonlySet<string>;
  readonly targets: ReadonlyMap<string, Entry>;
}

/** The acts of a log. */
export function actsOf(entries: readonly Entry[]): Acts {
  const actors: Entry[] = [];
  const wanted = new Set<string>();
  for (const entry of entries) {
    const target = targetOf(entry);
    if (target === undefined) continue;
    actors.push(entry);
    wanted.add(target);
  }
  const targets = new Map<string, Entry>();
  if (wanted.size > 0) for (const entry of entries) if (wanted.has(entry.id)) targets.set(entry.id, entry);
  return { actors, wanted, targets };
}

/** The acts of a log with one more entry, which is among `entries` already. */
export function extendActs(acts: Acts, entry: Entry, entries: readonly Entry[]): Acts {
  const target = targetOf(entry);
  const wanted = target === undefined ? acts.wanted : new Set([...acts.wanted, target]);
  const targets = new Map(acts.targets);
  if (wanted.has(entry.id)) targets.set(entry.id, entry);
  const met = target !== undefined && !targets.has(target) && entries.find((one) => one.id === target);
  if (met) targets.set(met.id, met);
  return { actors: target === undefined ? acts.actors : [...acts.actors, entry], wanted, targets };
}

/** Of acts on one entry the one that holds: none that another of them had seen; of those that did not know of each other the later recorded, then the id. */
function strongest(acts: readonly Entry[]): Entry | undefined {
  const outranked = new Set(acts.flatMap(({ seen = [] }) => seen));
  const unknown = acts.filter(({ id }) => !outranked.has(id));
  // Acts that have all seen one another were made by nobody's product: their clocks decide.
  const rest = unknown.length > 0 ? unknown : acts;
  return rest.reduce<Entry | undefined>(
    (best, act) => (best && compareWritten(best, act) > 0 ? best : act),
    undefined,
  );
}

/** The acts that can act at all: on an entry that has arrived, of the same rig, a correction on its own kind. */
function possible({ actors, targets }: Acts): readonly Entry[] {
  return actors.filter((actor) => {
    const target = targets.get(targetOf(actor) ?? '');
    // What was let go of is gone: nothing brings it back.
    if (target?.kind === 'let.go') return false;
    return target?.rig === actor.rig && (actor.kind === 'void' || target.kind === actor.kind);
  });
}

/**
 * The ids of entries that no longer count: withdrawn, corrected, or a correction that another one outdid. Clocks have
 * no say where one act had seen the other: a withdrawal withdraws what it names, whenever either claims to be written.
 * An act that was itself withdrawn acts no more; one that was corrected does, its successor in its place. Acts that
 * stand in a ring were made by nobody's product, and do nothing.
 */
export function retractedBy(acts: Acts): ReadonlySet<string> {
  const able = possible(acts);
  const byId = new Map(able.map((actor) => [actor.id, actor]));
  const waiting = new Map<string, number>();
  for (const actor of able) {
    const id = targetOf(actor) ?? '';
    waiting.set(id, (waiting.get(id) ?? 0) + 1);
  }
  const live = new Map<string, Entry[]>();
  const holds = new Map<string, Entry | undefined>();
  // Whatever acts on an act is weighed before it: rings are never reached.
  const inward = able.filter(({ id }) => !waiting.has(id));
  for (const actor of inward) {
    const held = strongest(live.get(actor.id) ?? []);
    holds.set(actor.id, held);
    const id = targetOf(actor) ?? '';
    if (held?.kind !== 'void') live.set(id, [...(live.get(id) ?? []), actor]);
    const left = (waiting.get(id) ?? 0) - 1;
    waiting.set(id, left);
    const next = byId.get(id);
    if (left === 0 && next) inward.push(next);
  }
  for (const [id, on] of live) if (!holds.has(id)) holds.set(id, strongest(on));
  const retracted = new Set<string>();
  for (const [id, held] of holds) if (held) retracted.add(id);
  // From what is corrected to what corrects it: a correction stands where it holds, of an entry that stands.
  const outdone = new Set<string>();
  for (const actor of inward.reverse()) {
    const id = targetOf(actor) ?? '';
    if (actor.kind !== 'void' && (holds.get(id) !== actor || outdone.has(id))) outdone.add(actor.id);
  }
  return new Set([...retracted, ...outdone]);
}
