import { targetOf, type Entry, type Fold } from '@/core/log';
import type { UnitSystem } from '@/core/quantity';
import { entryWords, KIND_OF_ENTRY, partNamer } from '@/text';
import { GROUPS, hasAll, isAbout, SearchIndex, wordsOf, type Group } from './search';
import { pageOf, storyOf, type Story, type Told } from './story';

/** What is wanted of the Logbook. */
export interface PageWanted {
  readonly rig?: string | undefined;
  readonly group?: Group | undefined;
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

/** Ids of other entries that an entry speaks of. */
function spokenOf(entry: Entry): readonly string[] {
  const target = targetOf(entry);
  switch (entry.kind) {
    case 'finding.seen':
    case 'finding.closed':
      return [
        entry.body.finding,
        ...(entry.kind === 'finding.closed' && entry.body.work ? [entry.body.work] : []),
      ];
    case 'opinion':
      return entry.body.finding ? [entry.body.finding] : [];
    case 'photo':
      return entry.body.of ? [entry.body.of] : [];
    default:
      return target === undefined ? [] : [target];
  }
}

function withOthers(told: readonly Told[], story: Story, more: boolean): LogPage {
  const ids = new Set(told.flatMap(({ entry }) => spokenOf(entry)));
  const others = [...ids].flatMap((id) => {
    const other = story.byId.get(id);
    return other ? [other] : [];
  });
  return { told, others, more };
}

/** Reads the Logbook; what it has worked out of a log serves until that has changed. */
export class LogbookReader {
  private story: { readonly fold: Fold; readonly story: Story } | undefined;
  private index:
    { readonly units: UnitSystem; readonly state: Fold['state']; readonly index: SearchIndex } | undefined;

  private storyOf(fold: Fold): Story {
    if (this.story?.fold !== fold) this.story = { fold, story: storyOf(fold) };
    return this.story.story;
  }

  /** The words of entries: names of parts change with the log, those of entries never. */
  private indexOf(fold: Fold, units: UnitSystem): SearchIndex {
    if (this.index?.units !== units || this.index.state !== fold.state) {
      const index = new SearchIndex((entry) => {
        const { title, lines } = entryWords(
          entry,
          units,
          () => undefined,
          partNamer(fold.state, entry.rig, units),
        );
        return `${KIND_OF_ENTRY[entry.kind]} ${title} ${lines.join(' ')}`;
      });
      this.index = { units, state: fold.state, index };
    }
    return this.index.index;
  }

  /** A page of it, the newest first. */
  page(fold: Fold, { rig, group, place, sought, units, most }: PageWanted): LogPage {
    const words = wordsOf(sought);
    const kinds: readonly string[] | undefined = group && GROUPS[group];
    const index = words.length > 0 ? this.indexOf(fold, units) : undefined;
    const match =
      !index && !kinds && !place
        ? undefined
        : (entry: Entry) =>
            (!kinds || kinds.includes(entry.kind)) &&
            (!place || isAbout(entry, place)) &&
            (!index || hasAll(index.textOf(entry), words));
    const story = this.storyOf(fold);
    const { entries, more } = pageOf(fold, rig, match, most);
    return withOthers(entries.map(story.tell), story, more);
  }

  /** One entry with what became of it, and the entries it speaks of; undefined where the log has none such. */
  one(fold: Fold, id: string): LogPage | undefined {
    const story = this.storyOf(fold);
    const entry = story.byId.get(id);
    return entry && withOthers([story.tell(entry)], story, false);
  }
}
