import type { Entry } from './entry';
import { compareWritten } from './order';

/** The entry that this one withdraws or corrects, if any. */
export function targetOf(entry: Entry): string | undefined {
  return entry.kind === 'void' ? entry.body.target : entry.replaces;
}

/**
 * The ids of entries that no longer count: withdrawn, or corrected, by an entry that itself
 * counts. Only a later-written entry can withdraw an earlier one, so chains cannot bite their
 * own tail whatever a file contains; of two corrections of one entry the later-written counts.
 */
export function deadIds(entries: readonly Entry[]): ReadonlySet<string> {
  const acting = entries.filter((entry) => targetOf(entry) !== undefined);
  if (acting.length === 0) return new Set();
  const wanted = new Set(acting.map(targetOf));
  const found = new Map(entries.filter((entry) => wanted.has(entry.id)).map((entry) => [entry.id, entry]));
  const withdrawn = new Set<string>();
  const corrected = new Set<string>();
  const outdone = new Set<string>();
  // Latest-written first: what befell an actor is settled before it acts.
  for (const actor of acting.sort((a, b) => compareWritten(b, a))) {
    // A withdrawn correction gives its original back, unless a later correction took its place.
    if (withdrawn.has(actor.id) && !corrected.has(actor.id)) continue;
    const id = targetOf(actor) ?? '';
    const target = found.get(id);
    if (!target || target.rig !== actor.rig || compareWritten(target, actor) >= 0) continue;
    if (actor.kind === 'void') withdrawn.add(id);
    else if (target.kind === actor.kind) {
      if (corrected.has(id)) outdone.add(actor.id);
      corrected.add(id);
    }
  }
  return new Set([...withdrawn, ...corrected, ...outdone]);
}
