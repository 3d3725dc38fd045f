import { groupOfEntry, isAbout, othersIn, type Entry, type Fold, type LogGroup } from '@/core/log';
import type { UnitSystem } from '@/core/base';
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
  /** How many of the newest are had already (0 by default). */
  readonly skip?: number;
}

/** A page of the Logbook, with the entries that its entries speak of. */
export interface LogPage {
  readonly told: readonly Told[];
  readonly others: readonly Entry[];
  readonly more: boolean;
}

/** A log in its order and what of it no longer counts. */
type Log = Pick<Fold, 'entries' | 'retracted'>;

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

  private storyOf(log: Log): Story {
    if (this.story?.log.entries !== log.entries) this.story = { log, story: storyOf(log) };
    return this.story.story;
  }

  /** A page of it, the newest first. */
  page(
    log: Log,
    { rig, group, place, most, skip = 0 }: Omit<PageWanted, 'sought' | 'units'>,
    found?: (entry: Entry) => boolean,
  ): LogPage {
    const story = this.storyOf(log);
    const match =
      !found && !group && !place
        ? undefined
        : (entry: Entry) =>
            (!group || groupOfEntry(entry) === group) &&
            (!place || isAbout(entry, place, (id) => story.byId.get(id))) &&
            (!found || found(entry));
    const { entries, more } = pageOf(log, rig, match, { skip, most });
    return withOthers(entries.map(story.tell), story, more);
  }

  /** One entry with what became of it, and the entries it speaks of; undefined where the log has none such. */
  one(log: Log, id: string): LogPage | undefined {
    const story = this.storyOf(log);
    const entry = story.byId.get(id);
    return entry && withOthers([story.tell(entry)], story, false);
  }
}
