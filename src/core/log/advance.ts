import { targetOf } from './retractions';
import type { Entry } from './entry';
import { stepped, type Fold } from './fold';
import { compareEntries } from './order';
import type { YardState } from './state';

/** Where a log ends: what has to be known of it to go on from its state alone. */
export interface LogEnd {
  /** Its last entry, as far as its order goes. */
  readonly last: Pick<Entry, 'happened' | 'recorded' | 'id'> | undefined;
  /** Ids that it acts on and that have not arrived yet. */
  readonly awaited: readonly string[];
}

/** Where a log ends. */
export function endOf(fold: Fold): LogEnd {
  const last = fold.entries.at(-1);
  return {
    last: last && { happened: last.happened, recorded: last.recorded, id: last.id },
    awaited: [...fold.acts.wanted].filter((id) => !fold.acts.targets.has(id)),
  };
}

/**
 * The state of a log with some entries more, from its state alone; undefined where they do not all come after its
 * end, or act on others, or were acted on before they came: then the log has to be folded.
 */
export function advance(state: YardState, end: LogEnd, added: readonly Entry[]): YardState | undefined {
  const ordered = [...added].sort(compareEntries);
  const [first] = ordered;
  if (first && end.last && compareEntries(end.last, first) >= 0) return undefined;
  if (ordered.some((entry) => targetOf(entry) !== undefined || end.awaited.includes(entry.id)))
    return undefined;
  return ordered.reduce(
    (now, entry, i) => (entry.id === ordered[i - 1]?.id ? now : stepped(now, entry)),
    state,
  );
}
