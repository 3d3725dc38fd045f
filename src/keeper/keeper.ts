import { sameValue, type Instant, type Result } from '@/core/base';
import {
  advance,
  compareEntries,
  daysApart,
  emptyFold,
  endOf,
  isNewer,
  isSimulated,
  photosIn,
  HOUSE,
  withDays,
  type Entry,
  type Fold,
  type GoneState,
  type RigState,
  type UnreadEntry,
  type YardState,
} from '@/core/log';
import type { LogKnown } from '@/core/record';
import type { StoredRun } from '@/core/routine';
import { Cards } from './cards';
import { readCheckpoint, sameRigs, type Checkpoint, type Standing } from './checkpoint';
import { KeptZone } from './kept-zone';
import { extendByRows, foldRows, orderRows, readRows, type LostRow } from './log-reader';
import { type Change, type ChangeProblem, type LogRow, type Row, type Shelf, type YardPort } from './port';
import { lostOf } from './lost';
import { bytesOf, Shelves, type PhotoRow } from './shelves';
import type { Shown } from './shown';
import { YardGone, YardMark } from './yard-mark';
import { dayHere } from './zone';
import { zoneMark } from './zone-mark';

/** What goes along with entries: lines of a newer version, forms that are through, and a draft that has to be there still. */
export interface AppendMore {
  readonly unread?: readonly UnreadEntry[];
  readonly forms?: readonly string[];
  readonly once?: string;
}

/** What a keeper needs of the house it stands in. */
export interface Surroundings {
  /** Names what folds the log: a state worked out by another says nothing. */
  readonly version: string;
  /** Tells developers what its owner need not know. */
  readonly warn: (message: string) => void;
  /** When it was opened, by this device. */
  readonly now: Instant;
  /** A number that no other yard has. */
  readonly mark: () => number;
  /** Tells that the yard is another one by now. */
  readonly gone?: (reason: string) => void;
  /** A demo's yard: it alone takes figures of simulated instruments. */
  readonly takesSimulated?: boolean;
}

/** Figures of simulated instruments were to be written to an own yard. */
class SimulatedRefused extends Error {
  override readonly name = 'SimulatedRefused';
  constructor() {
    super('Figures of simulated instruments belong to the demo: nothing was logged.');
  }
}

const newestOf = (entries: readonly Entry[], since: Instant | ''): Instant | '' =>
  entries.reduce((newest, { recorded }) => (recorded > newest ? recorded : newest), since);

/** A record with some more; the same one where there is nothing more. */
const withMore = <T>(before: Readonly<Record<string, T>>, more: Readonly<Record<string, T>>) =>
  Object.keys(more).length === 0 ? before : { ...before, ...more };

/** The one before, where the other says the same. */
const sameOr = <T>(before: T, next: T): T => (sameValue(before, next) ? before : next);

/** The page is drawn first (ms). */
const LATER = 1200;

/**
 * One yard, kept: reads its log, folds it, writes what is added, and tells what has changed, in this tab or another.
 * Everything is on disk before it is told.
 */
export class Keeper {
  private standing: Standing | undefined;
  private folded: { readonly fold: Fold; readonly seq: number } | undefined;
  private lostRows: readonly LostRow[] = [];
  private told: {
    readonly rigs: Readonly<Record<string, RigState>>;
    readonly runs: readonly StoredRun[] | undefined;
    readonly facts: string;
  } = { rigs: {}, runs: undefined, facts: '' };
  private rev = 0;
  private queue: Promise<unknown> = Promise.resolve();
  private show: ((shown: Shown) => void) | undefined;

  /** What lies beside the log. */
  readonly shelves: Shelves;
  /** The cards in hand. */
  readonly cards: Cards;
  /** The zone that entries from before days were kept belong to. */
  readonly zone: KeptZone;
  private readonly mark: YardMark;

  constructor(
    private readonly port: YardPort,
    private readonly around: Surroundings,
  ) {
    this.shelves = new Shelves(
      port,
      () => this.entries(),
      () => this.gone().photos,
    );
    this.cards = new Cards(port, (change) => this.changed(change));
    this.zone = new KeptZone(port);
    this.mark = new YardMark(port, around.mark);
  }

  /** Begins to tell of the yard: from its last checkpoint where there is one, then from the whole log. Resolves once the first is told; throws where nothing can be read. */
  async open(show: (shown: Shown) => void): Promise<() => void> {
    this.show = show;
    const stop = this.port.watch(
      () =>
        void this.refresh()
          // Another device's word that something is gone holds here as well.
          .then(() => this.letGo())
          .catch(() => undefined),
    );
    const kept = readCheckpoint(await this.port.get('checkpoints', 'fold'), this.around.version);
    const early = kept && (await this.goneOn(kept));
    if (early) {
      this.standing = early;
      await this.tell();
      // The page is drawn from what was known; whether it was so is looked at once that is done.
      this.lookLater(true);
    } else {
      await this.refresh();
      this.lookLater(false);
    }
    return () => {
      stop();
      clearTimeout(this.looking);
      clearTimeout(this.keeping);
    };
  }

  private lookLater(whole: boolean): void {
    const look = async () => {
      await this.mark.read();
      if (whole) await this.refresh(true);
      await this.letGo();
      await this.prove();
      await this.shelves.sweep(this.around.now);
    };
    this.looking = setTimeout(() => void look().catch(() => undefined), LATER);
  }

  /** Whether lines are taken at their word: not where one was found to be none of this version's. */
  private doubt: boolean | undefined;

  private async doubts(): Promise<boolean> {
    this.doubt ??= (await this.port.get('meta', 'doubted')) === this.around.version;
    return this.doubt;
  }

  /** Once for each version every line is read by its schema, behind what is shown: an older version may have let in what this one would refuse. */
  private async prove(): Promise<void> {
    if ((await this.port.get('meta', 'proved')) === this.around.version || (await this.doubts())) return;
    const found = await this.inTurn(async () => {
      const rows = await this.port.log(0);
      return readRows(rows, undefined, true).lost.length > this.lostRows.length;
    });
    const key = found ? 'doubted' : 'proved';
    // What was worked out with it is worked out anew.
    if (found) clearTimeout(this.keeping);
    await this.port.change({
      put: [{ shelf: 'meta', key, value: this.around.version }],
      drop: found ? [{ shelf: 'checkpoints', key: 'fold' }] : [],
    });
    if (!found) return;
    this.doubt = true;
    this.folded = undefined;
    this.ordered = undefined;
    await this.refresh(true);
  }

  /** The yard with what has come since; undefined where only the whole log tells. */
  private async goneOn(from: Standing): Promise<Standing | undefined> {
    const rows = await this.port.log(from.seq);
    const { entries, lost } = readRows(rows, rows.length > 0 ? await this.zone.oldDays() : undefined);
    if (lost.length > 0) return undefined;
    try {
      const state = advance(from.state, from.end, entries);
      const last = [...entries].sort(compareEntries).at(-1);
      return (
        state && {
          state,
          end: last
            ? { ...from.end, last: { happened: last.happened, recorded: last.recorded, id: last.id } }
            : from.end,
          count: from.count + entries.length,
          newest: newestOf(entries, from.newest),
          seq: rows.at(-1)?.seq ?? from.seq,
          days: withMore(from.days, daysApart(entries, dayHere)),
        }
      );
    } catch {
      return undefined;
    }
  }

  /** One thing at a time: what is asked while the log is being read waits for it. */
  private inTurn<T>(work: () => Promise<T>): Promise<T> {
    const done = this.queue.then(work, work);
    this.queue = done.catch(() => undefined);
    return done;
  }

  /** Reads what is new on disk, or the whole of it, and tells what it changed. */
  refresh(whole = false): Promise<void> {
    return this.inTurn(async () => {
      if (await this.mark.isGone()) return this.around.gone?.(new YardGone().message);
      if (whole || this.folded || !(await this.goOn())) await this.readLog();
      await this.tell();
    });
  }

  /** Goes on from the state alone, while the log behind it has not been read yet; tells whether that was enough. */
  private async goOn(): Promise<boolean> {
    const from = this.standing;
    const next = from && (await this.goneOn(from));
    if (!next) return false;
    if (next.seq !== from.seq) this.rev += 1;
    this.standing = next;
    return true;
  }

  private async readLog(): Promise<void> {
    const before = this.folded;
    const rows = before ? await this.port.log(before.seq) : await this.allRows();
    if (before && rows.length === 0) return;
    const oldDays = await this.zone.oldDays();
    const { fold, entries, lost } = before
      ? extendByRows(before.fold, rows, oldDays)
      : foldRows(rows, oldDays, this.ordered?.by ?? orderRows(rows, oldDays, await this.doubts()));
    this.ordered = undefined;
    const seq = rows.at(-1)?.seq ?? before?.seq ?? 0;
    this.lostRows = before ? [...this.lostRows, ...lost] : lost;
    const known = this.standing;
    const newest = newestOf(fold.entries, '');
    // Going on from a fold, rigs that did not change are the same objects already.
    const state = known && !before ? this.held(known, fold, seq) : fold.state;
    if (known?.seq !== seq || state !== known.state) this.rev += 1;
    // What is gone on from are the objects that were told: what did not change is not told again.
    this.folded = { fold: state === fold.state ? fold : { ...fold, state }, seq };
    // Only what came is looked at: a log of twenty years is not gone through for each entry.
    const apart = daysApart(entries, dayHere);
    const days = !known ? apart : before ? withMore(known.days, apart) : sameOr(known.days, apart);
    this.standing = { state, end: endOf(fold), count: fold.entries.length, newest, seq, days };
    this.keepCheckpoint();
  }

  /** What a checkpoint said of this very log is held against its fold; where they differ the fold is right. */
  private held(known: Standing, fold: Fold, seq: number): YardState {
    const { state, differs } = sameRigs(known.state, fold.state);
    if (differs && known.seq === seq && this.lostRows.length === 0)
      this.around.warn('The checkpoint did not say what the log says; it was thrown away.');
    return state;
  }

  private looking: ReturnType<typeof setTimeout> | undefined;
  private keeping: ReturnType<typeof setTimeout> | undefined;

  private keepCheckpoint(): void {
    clearTimeout(this.keeping);
    const { folded, standing } = this;
    if (!this.show || !folded || !standing || folded.fold.entries.length === 0 || this.lostRows.length > 0)
      return;
    this.keeping = setTimeout(() => {
      const value: Checkpoint = { ...standing, version: this.around.version, zone: zoneMark() };
      // Whoever cannot keep it opens a little slower the next time.
      this.port.change({ put: [{ shelf: 'checkpoints', key: 'fold', value }] }).catch(() => undefined);
    }, LATER);
  }

  private async tell(): Promise<void> {
    const standing = this.standing;
    if (!standing || !this.show) return;
    const runs = await this.cards.now();
    const archived = (await this.port.get('meta', 'archived')) as Instant | undefined;
    const { rigs } = standing.state;
    const changed = Object.entries(rigs).filter(([id, rig]) => this.told.rigs[id] !== rig);
    const gone = Object.keys(this.told.rigs).filter((id) => !(id in rigs));
    const facts = {
      archived,
      log: {
        rev: this.rev,
        count: standing.count,
        newest: standing.newest,
        end: standing.end,
        days: standing.days,
      },
      lost: lostOf(this.lostRows, this.folded?.fold.acts.wanted, this.cards.reads()),
    };
    const said = JSON.stringify(facts);
    const { told } = this;
    this.told = { rigs, runs, facts: said };
    if (changed.length + gone.length === 0 && runs === told.runs && said === told.facts) return;
    this.show({
      rigs: Object.fromEntries(changed),
      gone,
      runs: runs === told.runs ? undefined : runs,
      ...facts,
    });
  }

  /** Entries that a newer version wrote and this one cannot read: they go along in an archive. */
  async newer(): Promise<readonly UnreadEntry[]> {
    await this.fold();
    return this.lostRows.flatMap(({ unread }) => (unread && isNewer(unread.why) ? [unread] : []));
  }

  /** The ids of all that lies here and cannot be read. */
  async unreadIds(): Promise<ReadonlySet<string>> {
    await this.fold();
    return new Set(this.lostRows.flatMap(({ unread }) => (unread ? [unread.id] : [])));
  }

  /** What was read of the log and put in order while its fold was not asked for yet. */
  private ordered:
    { readonly rows: readonly LogRow[]; readonly by: ReturnType<typeof orderRows> } | undefined;

  private async allRows(): Promise<readonly LogRow[]> {
    const { ordered } = this;
    const since = await this.port.log(ordered?.rows.at(-1)?.seq ?? 0);
    if (ordered && since.length === 0) return ordered.rows;
    this.ordered = undefined;
    return ordered ? [...ordered.rows, ...since] : since;
  }

  /** The whole log in its order and what counts of it: there before its fold is. */
  entries(): Promise<Pick<Fold, 'entries' | 'retracted'>> {
    return this.inTurn(async () => {
      if (this.folded && this.show) return this.folded.fold;
      const rows = await this.allRows();
      const oldDays = await this.zone.oldDays();
      const doubt = await this.doubts();
      this.ordered ??= { rows, by: orderRows(rows, oldDays, doubt) };
      return this.ordered.by.log;
    });
  }

  /** The whole log, folded. */
  async fold(): Promise<Fold> {
    // A keeper that follows nothing looks what is new whenever it is asked.
    if (!this.folded || !this.show) await this.refresh(true);
    return this.folded?.fold ?? emptyFold();
  }

  /** What was let go of for good. */
  private gone(): GoneState {
    return this.standing?.state.rigs[HOUSE]?.gone ?? { rigs: [], photos: [] };
  }

  /** Those of some entries that are not of a rig that was let go of. */
  staying(entries: readonly Entry[]): readonly Entry[] {
    const { rigs } = this.gone();
    return rigs.length === 0 ? entries : entries.filter(({ rig }) => !rigs.includes(rig));
  }

  /** Something that was let go of could not be taken off the disk yet. */
  private owing = false;

  /** What had been let go of when the disk was last gone through for it. */
  private goneOver = '';

  /** Takes out of the disk what was let go of, here or on another device: lines, cards, forms and pictures. */
  private async letGo(): Promise<void> {
    const { rigs, photos } = this.gone();
    const all = [...rigs, ...photos].join(' ');
    // Nothing was let go of since it was last looked at.
    if (all === this.goneOver) return;
    await this.purge({ rigs, photos });
    // Only what is done is not done again: where it failed it is tried with the next change.
    this.goneOver = all;
  }

  private async purge({ rigs, photos }: GoneState): Promise<void> {
    const { entries } = await this.entries();
    const lines =
      entries.some(({ rig }) => rigs.includes(rig)) ||
      this.lostRows.some(({ unread }) => unread !== undefined && rigs.includes(unread.rig));
    const lying = new Set(await this.port.keys('photos'));
    const stay = photosIn(entries.filter(({ rig }) => !rigs.includes(rig)));
    const pictures = [
      ...photos,
      ...[...photosIn(entries.filter(({ rig }) => rigs.includes(rig))).keys()].filter(
        (hash) => !stay.has(hash),
      ),
    ]
      .flatMap((hash) => [hash, `thin ${hash}`])
      .filter((key) => lying.has(key));
    if (!lines && pictures.length === 0) return;
    const speaks = ({ key, value }: Row) =>
      rigs.some((rig) => key.includes(rig) || JSON.stringify(value).includes(rig));
    const drop = (shelf: Shelf, rows: readonly Pick<Row, 'key'>[]) => rows.map(({ key }) => ({ shelf, key }));
    clearTimeout(this.keeping);
    await this.port.change({
      ...(lines && { purge: rigs }),
      drop: [
        ...drop(
          'photos',
          pictures.map((key) => ({ key })),
        ),
        ...(lines
          ? [
              ...drop('runs', (await this.port.all('runs')).filter(speaks)),
              ...drop('drafts', (await this.port.all('drafts')).filter(speaks)),
              { shelf: 'checkpoints' as const, key: 'fold' },
            ]
          : []),
      ],
    });
    if (!lines) return;
    this.folded = undefined;
    this.ordered = undefined;
    this.standing = undefined;
    await this.refresh(true);
  }

  /** What arrived behind a place in the log, read or written by a newer version, and where the log ends now. */
  async since(after: number): Promise<{
    readonly rows: { readonly entries: readonly Entry[]; readonly unread: readonly UnreadEntry[] };
    readonly last: number;
  }> {
    const rows = await this.port.log(after);
    const { entries, lost } = readRows(rows, await this.zone.oldDays(), await this.doubts());
    const unread = lost.flatMap((row) => (row.unread && isNewer(row.unread.why) ? [row.unread] : []));
    return { rows: { entries, unread }, last: rows.at(-1)?.seq ?? after };
  }

  /** What new entries rest on: when the newest one was recorded, and for what acts on others those others. */
  async known(acts: boolean): Promise<LogKnown> {
    const { entries } = acts ? await this.entries() : { entries: [] };
    return { entries, newest: this.standing?.newest ?? newestOf(entries, '') };
  }

  /** Makes a change and tells of it; whoever waits for this finds it told already. */
  private async changed(change: Change): Promise<Result<void, ChangeProblem>> {
    const done = await this.port.change(await this.mark.into(change));
    // Nothing is written into a yard that is another one by now.
    if (!done.ok && done.error.code === 'outrun' && (await this.mark.isGone())) {
      this.around.gone?.(new YardGone().message);
      throw new YardGone();
    }
    // What is on disk is stored, whether or not it could be read back just then: nobody is to write it again.
    if (done.ok)
      await this.refresh().catch((error: unknown) =>
        this.around.warn(`Stored, not read back: ${String(error)}`),
      );
    return done;
  }

  /** New entries with the days they are written on; a moment that is known as another day stays that day. */
  private datedNow(entries: readonly Entry[]): readonly Entry[] {
    const apart = this.standing?.days ?? {};
    return entries.map((entry) =>
      withDays(entry, (at) => (Object.hasOwn(apart, at) ? apart[at] : undefined) ?? dayHere(at)),
    );
  }

  /** What is made up stays out of a log that somebody tows by. Throws SimulatedRefused. */
  private refuseSimulated(entries: readonly Entry[]): void {
    if (!this.around.takesSimulated && entries.some(isSimulated)) throw new SimulatedRefused();
  }

  /** Writes to the log; tells whether it did, which it does not where another tab was first. Throws where an id is in it already. */
  private async written(change: Change): Promise<boolean> {
    const done = await this.changed(change);
    if (!done.ok && done.error.code === 'twice') throw new Error(`${done.error.id} is in the log already`);
    return done.ok;
  }

  /**
   * Writes entries, and pictures they speak of, in one piece; tells whether it did, which it does not where another tab
   * was first with `once`. Throws where an id is in the log already, or the yard is gone.
   */
  async append(
    entries: readonly Entry[],
    photos: readonly PhotoRow[] = [],
    { unread = [], forms = [], once }: AppendMore = {},
  ): Promise<boolean> {
    this.refuseSimulated(entries);
    if (!this.standing) await this.refresh();
    // What was let go of does not come back with what others still have of it.
    const { photos: gonePhotos } = this.gone();
    const staying = this.staying(entries);
    const put = await Promise.all(
      photos
        .filter(({ hash }) => !gonePhotos.includes(hash))
        .map(async ({ hash, blob }) => ({ shelf: 'photos' as const, key: hash, value: await bytesOf(blob) })),
    );
    // What a newer version wrote is kept to the letter.
    const kept = unread.map(({ raw }) => raw as Entry);
    const done = await this.written({
      append: [...this.datedNow(staying), ...kept],
      put,
      drop: forms.map((key) => ({ shelf: 'drafts' as const, key })),
      when: once === undefined ? [] : [{ shelf: 'drafts', key: once, is: 'there' }],
    });
    if (this.owing || staying.some(({ kind }) => kind === 'let.go')) {
      // The mark is on disk by now, and no page shows what it is of: whoever told it is not told that it failed.
      this.owing = await this.letGo().then(
        () => false,
        (error: unknown) => {
          this.around.warn(`Let go of, not yet off the disk: ${String(error)}`);
          clearTimeout(this.looking);
          this.lookLater(false);
          return true;
        },
      );
    }
    return done;
  }

  /** Writes what a finished card came to and puts it away, in one piece; a tab that comes second writes nothing. */
  async closeRun(id: string, entries: readonly Entry[], drafts: readonly string[]): Promise<void> {
    this.refuseSimulated(entries);
    await this.written({
      append: this.datedNow(entries),
      drop: [{ shelf: 'runs', key: id }, ...drafts.map((key) => ({ shelf: 'drafts' as const, key }))],
      when: [{ shelf: 'runs', key: id, is: 'there' }],
    });
  }

  /** Notes that an archive was saved. */
  async noteArchived(at: Instant): Promise<void> {
    const { newest } = await this.known(false);
    await this.changed({
      put: [
        { shelf: 'meta', key: 'archived', value: at },
        { shelf: 'meta', key: 'archived-to', value: newest > at ? newest : at },
      ],
    });
  }

  /** Up to when entries were recorded that the last archive holds: ahead of when it was saved where a clock once ran ahead. */
  async archivedTo(): Promise<Instant | undefined> {
    return (await this.port.get('meta', 'archived-to')) as Instant | undefined;
  }

  /** Lets go of the yard, as to begin the demo afresh. */
  async clear(): Promise<void> {
    clearTimeout(this.keeping);
    this.mark.forget();
    await this.inTurn(() => this.port.clear());
  }
}
