import { targetOf, type Entry, type Fold } from '@/core/log';

/** How an entry stands in the log. */
export type Standing = 'counts' | 'withdrawn' | 'corrected';

/** An entry with what later entries did to it. */
export interface Told {
  readonly entry: Entry;
  readonly standing: Standing;
  /** The entry that withdrew or corrected it and itself counts. */
  readonly by: Entry | undefined;
  /** The entry it corrects. */
  readonly original: Entry | undefined;
}

/** What a log comes to as a story: each entry by id, and those that acted on others. */
export interface Story {
  readonly byId: ReadonlyMap<string, Entry>;
  readonly tell: (entry: Entry) => Told;
}

/** Reads the story of a log once, so that each row is a look-up. */
export function storyOf(fold: Pick<Fold, 'entries' | 'retracted'>): Story {
  const byId = new Map(fold.entries.map((entry) => [entry.id, entry]));
  const actors = new Map<string, Entry[]>();
  for (const entry of fold.entries) {
    const target = targetOf(entry);
    if (target === undefined || fold.retracted.has(entry.id)) continue;
    actors.set(target, [...(actors.get(target) ?? []), entry]);
  }
  return {
    byId,
    tell: (entry) => {
      const by = (actors.get(entry.id) ?? []).at(-1);
      const standing: Standing = !fold.retracted.has(entry.id)
        ? 'counts'
        : by && by.kind !== 'void'
          ? 'corrected'
          : 'withdrawn';
      return { entry, standing, by, original: entry.replaces ? byId.get(entry.replaces) : undefined };
    },
  };
}

/** A stretch of the log, newest first: of the entries of a rig, or of all, that match some words, `most` after the first `skip`. */
export function pageOf(
  fold: Pick<Fold, 'entries'>,
  rig: string | undefined,
  match: ((entry: Entry) => boolean) | undefined,
  { skip = 0, most }: { readonly skip?: number; readonly most: number },
): { readonly entries: readonly Entry[]; readonly more: boolean } {
  const entries: Entry[] = [];
  let passed = 0;
  for (let i = fold.entries.length - 1; i >= 0; i--) {
    const entry = fold.entries[i];
    if (!entry || (rig && entry.rig !== rig) || (match && !match(entry))) continue;
    if (passed < skip) {
      passed += 1;
      continue;
    }
    if (entries.length === most) return { entries, more: true };
    entries.push(entry);
  }
  return { entries, more: false };
}
