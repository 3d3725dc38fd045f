import MiniSearch from 'minisearch';
import { groupOfEntry, type Entry, type Fold, type YardState } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import { entryTeller } from './words';

/** The words of one entry. */
interface Words {
  readonly id: string;
  readonly text: string;
}

/** A log in its order with its state. */
type Log = Pick<Fold, 'entries' | 'state'>;

/** From this length on a word may be written with a slip; figures may not. */
const LONG_ENOUGH = 5;
const SLIPS = 0.2;

/** Without accents and capitals: as someone types who does not stop for them. */
function plain(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}

const emptyIndex = () =>
  new MiniSearch<Words>({
    fields: ['text'],
    processTerm: (term) => plain(term) || null,
    searchOptions: {
      combineWith: 'AND',
      prefix: true,
      fuzzy: (term) => (term.length >= LONG_ENOUGH && !/\d/.test(term) ? SLIPS : false),
    },
  });

/** What someone seeks: words, and what stands in quotes as it stands. */
function partsOf(sought: string): { readonly words: string; readonly quoted: readonly string[] } {
  const quoted = [...sought.matchAll(/"([^"]+)"/g)].map(([, text = '']) => plain(text.trim()));
  return { words: sought.replace(/"[^"]*"?/g, ' ').trim(), quoted: quoted.filter((text) => text !== '') };
}

/** Finds entries by their words: what begins so, with a slip, or without its accents. It grows with the log. */
export class LogSearch {
  private index = emptyIndex();
  private texts = new Map<string, string>();
  private units: UnitSystem | undefined;
  private state: YardState | undefined;

  private learn({ entries, state }: Log, units: UnitSystem): void {
    if (this.units !== units) {
      this.index = emptyIndex();
      this.texts = new Map();
    }
    const tell = entryTeller(state, units);
    const fresh: Words[] = [];
    for (const entry of entries) {
      const known = this.texts.get(entry.id);
      // Parts are told by name, and names change with what is read off them.
      if (known !== undefined && (this.state === state || groupOfEntry(entry) !== 'parts')) continue;
      const text = tell(entry);
      if (known === undefined) fresh.push({ id: entry.id, text });
      else if (known !== plain(text)) this.index.replace({ id: entry.id, text });
      this.texts.set(entry.id, plain(text));
    }
    this.index.addAll(fresh);
    this.units = units;
    this.state = state;
  }

  /** What matches words as they were typed. */
  matching(log: Log, units: UnitSystem, sought: string): (entry: Entry) => boolean {
    this.learn(log, units);
    const { words, quoted } = partsOf(sought);
    const found = words === '' ? undefined : new Set(this.index.search(words).map(({ id }) => String(id)));
    return ({ id }) =>
      (!found || found.has(id)) && quoted.every((text) => this.texts.get(id)?.includes(text) === true);
  }
}
