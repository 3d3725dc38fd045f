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

/**
 * The ids of entries that no longer count: withdrawn, or corrected, by an entry that itself
 * counts. Only a later-written entry can withdraw an earlier one, so chains cannot bite their
 * own tail whatever a file contains; of two corrections of one entry the later-written counts.
 */
export function retractedBy({ actors, targets }: Acts): ReadonlySet<string> {
  const withdrawn = new Set<string>();
  const corrected = new Set<string>();
  const outdone = new Set<string>();
  // Latest-written first: what befell an actor is settled before it acts.
  for (const actor of [...actors].sort((a, b) => compareWritten(b, a))) {
    // A withdrawn correction gives its original back, unless a later correction took its place.
    if (withdrawn.has(actor.id) && !corrected.has(actor.id)) continue;
    const id = targetOf(actor) ?? '';
    const target = targets.get(id);
    if (!target || target.rig !== actor.rig || compareWritten(target, actor) >= 0) continue;
    if (actor.kind === 'void') withdrawn.add(id);
    else if (target.kind === actor.kind) {
      if (corrected.has(id)) outdone.add(actor.id);
      corrected.add(id);
    }
  }
  return new Set([...withdrawn, ...corrected, ...outdone]);
}
