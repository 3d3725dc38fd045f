import type { RoutinePlace } from '../rules';
import { targetOf } from './retractions';
import type { LogGroup } from './define';
import type { Entry, Kind } from './entry';
import { REGISTRY } from './registry';

/** What an entry's kind knows of it; the registry pairs each kind with its own body, which the union hides. */
function defOf(entry: Pick<Entry, 'kind'>) {
  return REGISTRY[entry.kind] as unknown as {
    readonly group: LogGroup;
    readonly places: (body: Entry['body']) => readonly RoutinePlace[];
    readonly others?: (body: Entry['body']) => readonly string[];
    readonly corrected: 'here' | 'elsewhere';
  };
}

/** What an entry is listed under. */
export function groupOfEntry(entry: Entry): LogGroup {
  return defOf(entry).group;
}

/** The places that an entry itself speaks of, each once. */
export function placesOfEntry(entry: Entry): readonly RoutinePlace[] {
  return [...new Set(defOf(entry).places(entry.body))];
}

/** Ids of the other entries that an entry speaks of, or acts on. */
export function othersIn(entry: Entry): readonly string[] {
  const target = targetOf(entry);
  const others = defOf(entry).others?.(entry.body) ?? [];
  return target === undefined || others.includes(target) ? others : [...others, target];
}

/** True where an entry speaks of a place: itself, or of something that stands there, the first it names. */
export function isAbout(
  entry: Entry,
  place: string,
  find: (id: string) => Entry | undefined = () => undefined,
): boolean {
  const { places, others } = defOf(entry);
  const own = places(entry.body);
  // What has a place of its own is about that place alone.
  if (own.length > 0) return own.some((one) => one === place);
  // A finding that is closed is about where it was, not about where the work was that closed it.
  const [first] = others?.(entry.body) ?? [];
  const other = first === undefined ? undefined : find(first);
  return (
    other !== undefined &&
    defOf(other)
      .places(other.body)
      .some((one) => one === place)
  );
}

/** True for entries whose figures are set right in the Logbook itself. */
export function isCorrectedHere(entry: Pick<Entry, 'kind'>): boolean {
  return defOf(entry).corrected === 'here';
}

/** The entries of a rig that count, of some kinds or of all, in the order of the log. */
export function entriesOf<K extends Kind = Kind>(
  log: { readonly entries: readonly Entry[]; readonly retracted: ReadonlySet<string> },
  rig: string,
  ...kinds: readonly K[]
): readonly Extract<Entry, { kind: K }>[] {
  const of: readonly string[] = kinds;
  return log.entries.filter(
    (entry): entry is Extract<Entry, { kind: K }> =>
      entry.rig === rig && (of.length === 0 || of.includes(entry.kind)) && !log.retracted.has(entry.id),
  );
}
