import {
  groupOfEntry,
  isAbout,
  othersIn,
  type Entry,
  type Fold,
  type LogGroup,
  type YardState,
} from '@/core/log';
import type { UnitSystem } from '@/core/quantity';
import { hasAll, SearchIndex, wordsOf } from './search';
import { pageOf, storyOf, type Story, type Told } from './story';

/** What is wanted of the Logbook. */
export interface PageWanted {
  readonly rig?: string | undefined;
  readonly group?: LogGroup | undefined;
  readonly place?: string | undefined;
  /** Words to be found, as typed; empty for all. */
  readonly sought: string;
  readonly units: UnitSystem;
  readonly most: number;
}

/** A page of the Logbook, with the entries that its entries speak of. */
export interface LogPage {
  readonly told: readonly Told[];
  readonly others: readonly Entry[];
  readonly more: boolean;
}

/** A log in its order and what of it no longer counts; its state as well where words are sought. */
type Log = Pick<Fold, 'entries' | 'dead'> & Partial<Pick<Fold, 'state'>>;

/** Makes what tells entries in words. */
type Teller = (state: YardState, units: UnitSystem) => (entry: Entry) => string;

function withOthers(told: readonly Told[], story: Story, more: boolean): LogPage {
  const ids = new Set(told.flatMap(({ entry }) => othersIn(entry)));
  const others = [...ids].flatMap((id) => {
    const other = story.byId.get(id);
    return other ? [other] : [];
  });
  return { told, others, more };
}

/** Reads the Logbook; what it has worked out of a log serves until that has changed. */
export class LogbookReader {
  private story: { readonly log: Log; readonly story: Story } | undefined;
  private index:
    { readonly units: UnitSystem; readonly state: Fold['state']; readonly index: SearchIndex } | undefined;

  private storyOf(log: Log): Story {
    if (this.story?.log.entries !== log.entries) this.story = { log, story: storyOf(log) };
    return this.story.story;
  }

  /** The words of entries: names of parts change with the log, those of entries never. */
  private indexOf({ state }: Log, units: UnitSystem, teller: Teller | undefined): SearchIndex {
    if (!teller || !state) throw new Error('Words are sought where there are none');
    if (this.index?.units !== units || this.index.state !== state)
      this.index = { units, state, index: new SearchIndex(teller(state, units)) };
    return this.index.index;
  }

  /** A page of it, the newest first. */
  page(log: Log, { rig, group, place, sought, units, most }: PageWanted, teller?: Teller): LogPage {
    const words = wordsOf(sought);
    const story = this.storyOf(log);
    const index = words.length > 0 ? this.indexOf(log, units, teller) : undefined;
    const match =
      !index && !group && !place
        ? undefined
        : (entry: Entry) =>
            (!group || groupOfEntry(entry) === group) &&
            (!place || isAbout(entry, place, (id) => story.byId.get(id))) &&
            (!index || hasAll(index.textOf(entry), words));
    const { entries, more } = pageOf(log, rig, match, most);
    return withOthers(entries.map(story.tell), story, more);
  }

  /** One entry with what became of it, and the entries it speaks of; undefined where the log has none such. */
  one(log: Log, id: string): LogPage | undefined {
    const story = this.storyOf(log);
    const entry = story.byId.get(id);
    return entry && withOthers([story.tell(entry)], story, false);
  }
}
