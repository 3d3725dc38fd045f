import { fail, ok, type Result } from '../base';
import type { Entry } from '../log';
import { toLine } from './format';

/** What bringing entries in would do. */
export interface MergePlan {
  readonly added: readonly Entry[];
  /** Entries that are here already, to the letter. */
  readonly same: number;
}

/** An entry that is here already with other words: one of the two was tampered with. */
export interface MergeProblem {
  readonly code: 'conflict';
  readonly id: string;
}

/** An entry as its owner wrote it: the days beside its moments may have been added by the device that first read it. */
const asWritten = ({ days: _, ...entry }: Entry) => toLine(entry as Entry);

/** The union of a log with entries from elsewhere: an entry is added once, and never changed. */
export function planMerge(
  here: readonly Entry[],
  incoming: readonly Entry[],
): Result<MergePlan, MergeProblem> {
  const known = new Map(here.map((entry) => [entry.id, entry]));
  const added: Entry[] = [];
  let same = 0;
  for (const entry of incoming) {
    const mine = known.get(entry.id);
    if (!mine) added.push(entry);
    else if (asWritten(mine) === asWritten(entry)) same += 1;
    else return fail({ code: 'conflict', id: entry.id });
  }
  return ok({ added, same });
}
