import { addDays, fail, ok, sameValue, type Instant, type Result } from '@/core/base';
import {
  advance,
  compareEntries,
  daysApart,
  emptyFold,
  endOf,
  isNewer,
  withDays,
  type Entry,
  type Fold,
  type RigState,
  type UnreadEntry,
  type YardState,
} from '@/core/log';
import type { LogKnown } from '@/core/record';
import { readRun, storeRun, type Run, type StoredRun } from '@/core/routine';
import { readCheckpoint, type Checkpoint, type Standing } from './checkpoint';
import { extendByRows, foldRows, orderRows, readRows, type LostRow, type OldDays } from './log-reader';
import { revOf, type Change, type ChangeProblem, type LogRow, type YardPort } from './port';
import type { Lost, Shown } from './shown';
import { dayHere, daysOf, zoneMark, zoneName } from './zone';

/** A picture (JPEG) under the hash of its bytes; scaled down, without anything but what is seen in it. */
export interface PhotoRow {
  readonly hash: string;
  readonly blob: Blob;
}

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
}

/** The yard was cleared or begun afresh in another tab. */
export class YardGone extends Error {
  override readonly name = 'YardGone';
  constructor() {
    super('This yard was cleared or begun afresh in another tab.');
  }
}

const newestOf = (entries: readonly Entry[], since: Instant | ''): Instant | '' =>
  entries.reduce((newest, { recorded }) => (recorded > newest ? recorded : newest), since);

/** A card in hand as it was read at a revision: one that did not change is not read again. */
interface Card {
  readonly rev: number;
  readonly read: ReturnType<typeof readRun>;
}

/** A record with some more; the same one where there is nothing more. */
const withMore = <T>(before: Readonly<Record<string, T>>, more: Readonly<Record<string, T>>) =>
  Object.keys(more).length === 0 ? before : { ...before, ...more };

/** The one before, where the other says the same. */
const sameOr = <T>(before: T, next: T): T => (sameValue(before, next) ? before : next);

/** A form half done is kept so long (d). */
const FORGOTTEN = 31;

/** So many lines that cannot be read are told one by one. */
const MOST_TOLD = 20;

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
  private cards: ReadonlyMap<string, Card> = new Map();
  private runs: readonly StoredRun[] = [];
  private told: {
    readonly rigs: Readonly<Record<string, RigState>>;
    readonly runs: readonly StoredRun[] | undefined;
    readonly facts: string;
  } = { rigs: {}, runs: undefined, facts: '' };
  private rev = 0;
  private queue: Promise<unknown> = Promise.resolve();
  private show: ((shown: Shown) => void) | undefined;

  constructor(
    readonly port: YardPort,
    private readonly around: Surroundings,
  ) {}

  /** Begins to tell of the yard: from its last checkpoint where there is one, then from the whole log. Resolves once the first is told; throws where nothing can be read. */
  async open(show: (shown: Shown) => void): Promise<() => void> {
    this.show = show;
    const stop = this.port.watch(() => void this.refresh().catch(() => undefined));
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
      await this.marked();
      if (whole) await this.refresh(true);
      await this.prove();
      await this.sweep();
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

  /** Puts away what nobody will take up again: forms of a month ago, and those of cards that are through. */
  private async sweep(): Promise<void> {
    const runs = new Set((await this.port.all('runs')).map(({ key }) => key));
    const over = (await this.port.all('drafts')).filter(({ key, value }) => {
      const card = /^bench (?:close )?([0-9a-f-]{36})$/.exec(key)?.[1];
      if (card) return !runs.has(card);
      const at = key.startsWith('form ') ? (value as { value?: { at?: unknown } }).value?.at : undefined;
      return typeof at === 'string' && at < addDays(this.around.now, -FORGOTTEN);
    });
    if (over.length > 0)
      await this.port.change({ drop: over.map(({ key }) => ({ shelf: 'drafts' as const, key })) });
  }

  /** The zone whose days entries from before days were kept belong to: where this device stood when it first read them. */
  private zone: string | undefined;

  private async settleZone(): Promise<string> {
    if (this.zone !== undefined) return this.zone;
    const kept = await this.port.get('meta', 'zone');
    const zone = typeof kept === 'string' ? kept : zoneName();
    if (kept === undefined)
      // Whoever cannot keep it asks again the next time.
      await this.port
        .change({
          put: [{ shelf: 'meta', key: 'zone', value: zone }],
          when: [{ shelf: 'meta', key: 'zone', is: 'gone' }],
        })
        .catch(() => undefined);
    this.zone = zone;
    return zone;
  }

  /** Adds days to old entries only where they would be others here. */
  private async oldDays(): Promise<OldDays> {
    const zone = await this.settleZone();
    return zone === zoneName() ? undefined : daysOf(zone);
  }

  /** Entries with the days they were written on, those from before days were kept with those of their zone. */
  async dated(entries: readonly Entry[]): Promise<readonly Entry[]> {
    const dayOf = daysOf(await this.settleZone());
    return entries.map((entry) => withDays(entry, dayOf));
  }

  /** The yard with what has come since; undefined where only the whole log tells. */
  private async goneOn(from: Standing): Promise<Standing | undefined> {
    const rows = await this.port.log(from.seq);
    const { entries, lost } = readRows(rows, rows.length > 0 ? await this.oldDays() : undefined);
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
      if (await this.isGone()) return this.around.gone?.(new YardGone().message);
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
    const oldDays = await this.oldDays();
    const { fold, lost } = before
      ? extendByRows(before.fold, rows, oldDays)
      : foldRows(rows, oldDays, this.ordered?.by ?? orderRows(rows, oldDays, await this.doubts()));
    this.ordered = undefined;
    const seq = rows.at(-1)?.seq ?? before?.seq ?? 0;
    this.lostRows = before ? [...this.lostRows, ...lost] : lost;
    const known = this.standing;
    const newest = newestOf(fold.entries, '');
    // Going on from a fold, rigs that did not change are the same objects already.
    const state = known && !before ? this.sameRigs(known, fold, seq) : fold.state;
    if (known?.seq !== seq || state !== known.state) this.rev += 1;
    // What is gone on from are the objects that were told: what did not change is not told again.
    this.folded = { fold: state === fold.state ? fold : { ...fold, state }, seq };
    const days = known
      ? sameOr(known.days, daysApart(fold.entries, dayHere))
      : daysApart(fold.entries, dayHere);
    this.standing = { state, end: endOf(fold), count: fold.entries.length, newest, seq, days };
    this.keepCheckpoint();
  }

  /** What a checkpoint said of this very log is held against its fold; where they differ the fold is right, and rigs that are the same stay the same objects. */
  private sameRigs(known: Standing, fold: Fold, seq: number): YardState {
    const rigs: Record<string, RigState> = {};
    let differs = Object.keys(known.state.rigs).length !== Object.keys(fold.state.rigs).length;
    for (const [id, rig] of Object.entries(fold.state.rigs)) {
      const was = known.state.rigs[id];
      const same = was !== undefined && sameValue(was, rig);
      rigs[id] = same ? was : rig;
      if (!same) differs = true;
    }
    if (differs && known.seq === seq && this.lostRows.length === 0)
      this.around.warn('The checkpoint did not say what the log says; it was thrown away.');
    return differs ? { rigs } : known.state;
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

  /** The cards in hand that can be read; the very same list where none has changed. */
  private async runsNow(): Promise<readonly StoredRun[]> {
    const before = this.cards;
    const cards = new Map(
      (await this.port.all('runs')).map(({ key, value }): [string, Card] => {
        const rev = revOf(value);
        const known = before.get(key);
        return [key, known?.rev === rev ? known : { rev, read: readRun(value) }];
      }),
    );
    if (cards.size === before.size && [...cards].every(([key, card]) => before.get(key) === card))
      return this.runs;
    this.cards = cards;
    this.runs = [...cards.values()].flatMap(({ read }) => (read.ok ? [read.value] : []));
    return this.runs;
  }

  private async tell(): Promise<void> {
    const standing = this.standing;
    if (!standing || !this.show) return;
    const runs = await this.runsNow();
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
      lost: this.lost(),
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

  /** Lines that cannot be read and that nobody withdrew. */
  private unread(): readonly LostRow[] {
    const withdrawn = this.folded?.fold.acts.wanted;
    return this.lostRows.filter(({ unread }) => !(unread && withdrawn?.has(unread.id)));
  }

  private lost(): Lost | undefined {
    const rows = this.unread();
    const [row] = rows;
    const cards = [...this.cards.values()].flatMap(({ read }) => (read.ok ? [] : [read.error]));
    const [card] = cards;
    if (!row && !card) return undefined;
    return {
      entries: rows.length,
      unread: rows
        .slice(0, MOST_TOLD)
        .flatMap(({ seq, why, unread }) =>
          unread
            ? [{ id: unread.id, rig: unread.rig, newer: isNewer(unread.why), why: `line ${seq}, ${why}` }]
            : [],
        ),
      cards: cards.length,
      why: row ? `line ${row.seq}, ${row.why}` : `a card, ${card?.field ?? ''}: ${card?.detail ?? ''}`,
    };
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
      const oldDays = await this.oldDays();
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

  /** What new entries rest on: when the newest one was recorded, and for what acts on others those others. */
  async known(acts: boolean): Promise<LogKnown> {
    const { entries } = acts ? await this.entries() : { entries: [] };
    return { entries, newest: this.standing?.newest ?? newestOf(entries, '') };
  }

  /** Which yard this is, as a revision of its own: one that was cleared and begun afresh is another. */
  private mark: number | undefined;

  private async marked(): Promise<number> {
    if (this.mark !== undefined) return this.mark;
    const fresh = { rev: this.around.mark() };
    await this.port.change({
      put: [{ shelf: 'meta', key: 'yard', value: fresh }],
      when: [{ shelf: 'meta', key: 'yard', is: 'gone' }],
    });
    return (this.mark = revOf(await this.port.get('meta', 'yard')));
  }

  private async isGone(): Promise<boolean> {
    return this.mark !== undefined && revOf(await this.port.get('meta', 'yard')) !== this.mark;
  }

  /** Makes a change and tells of it; whoever waits for this finds it told already. */
  private async changed(change: Change): Promise<Result<void, ChangeProblem>> {
    const mark = await this.marked();
    const here = { shelf: 'meta', key: 'yard', is: { rev: mark } } as const;
    const done = await this.port.change({ ...change, when: [...(change.when ?? []), here] });
    // Nothing is written into a yard that is another one by now.
    if (!done.ok && done.error.code === 'outrun' && (await this.isGone())) {
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

  /**
   * Writes entries, and pictures they speak of, in one piece; tells whether it did, which it does not where another tab
   * was first with `once`. Throws where an id is in the log already, or the yard is gone.
   */
  async append(
    entries: readonly Entry[],
    photos: readonly PhotoRow[] = [],
    { unread = [], forms = [], once }: AppendMore = {},
  ): Promise<boolean> {
    const put = photos.map(({ hash, blob }) => ({ shelf: 'photos' as const, key: hash, value: blob }));
    // What a newer version wrote is kept to the letter.
    const kept = unread.map(({ raw }) => raw as Entry);
    const done = await this.changed({
      append: [...this.datedNow(entries), ...kept],
      put,
      drop: forms.map((key) => ({ shelf: 'drafts' as const, key })),
      when: once === undefined ? [] : [{ shelf: 'drafts', key: once, is: 'there' }],
    });
    if (!done.ok && done.error.code === 'twice') throw new Error(`${done.error.id} is in the log already`);
    return done.ok;
  }

  /** Keeps a card that begins. */
  async startRun(run: Run): Promise<void> {
    const done = await this.changed({
      put: [{ shelf: 'runs', key: run.id, value: storeRun(run, 1) }],
      when: [{ shelf: 'runs', key: run.id, is: 'gone' }],
    });
    if (!done.ok) throw new Error('That card is open already');
  }

  /** Keeps the next state of a card, where it is still at the revision it was read at; tells how it lies there otherwise. */
  async putRun(
    run: Run,
    after: number,
  ): Promise<Result<StoredRun, { readonly held: StoredRun | undefined }>> {
    const stored = storeRun(run, after + 1);
    const done = await this.changed({
      put: [{ shelf: 'runs', key: run.id, value: stored }],
      when: [{ shelf: 'runs', key: run.id, is: { rev: after } }],
    });
    if (done.ok) return ok(stored);
    const held = readRun(await this.port.get('runs', run.id));
    return { ok: false, error: { held: held.ok ? held.value : undefined } };
  }

  /** Writes what a finished card came to and puts it away, in one piece; a tab that comes second writes nothing. */
  async closeRun(id: string, entries: readonly Entry[], drafts: readonly string[]): Promise<void> {
    const done = await this.changed({
      append: this.datedNow(entries),
      drop: [{ shelf: 'runs', key: id }, ...drafts.map((key) => ({ shelf: 'drafts' as const, key }))],
      when: [{ shelf: 'runs', key: id, is: 'there' }],
    });
    if (!done.ok && done.error.code === 'twice') throw new Error(`${done.error.id} is in the log already`);
  }

  /** Drops a card before anything was taken apart. */
  async dropRun(id: string): Promise<void> {
    await this.changed({ drop: [{ shelf: 'runs', key: id }] });
  }

  /** A form half filled in, as it was left. */
  readDraft(key: string): Promise<unknown> {
    return this.port.get('drafts', key);
  }

  /** Keeps a form half filled in; undefined drops it. */
  async keepDraft(key: string, value: unknown): Promise<void> {
    await this.port.change(
      value === undefined ? { drop: [{ shelf: 'drafts', key }] } : { put: [{ shelf: 'drafts', key, value }] },
    );
  }

  /** Keeps the next state of a form where it is still at the revision it was read at, or not there (undefined); gives how it lies there otherwise. */
  async putDraft(
    key: string,
    value: unknown,
    after: number | undefined,
  ): Promise<Result<void, { readonly held: unknown }>> {
    const when = [
      { shelf: 'drafts' as const, key, is: after === undefined ? ('gone' as const) : { rev: after } },
    ];
    const done = await this.port.change(
      value === undefined
        ? { drop: [{ shelf: 'drafts', key }], when }
        : { put: [{ shelf: 'drafts', key, value }], when },
    );
    return done.ok ? ok(undefined) : fail({ held: await this.port.get('drafts', key) });
  }

  /** Keeps a picture that no entry speaks of yet, as while a walk is under way. */
  async keepPhoto({ hash, blob }: PhotoRow): Promise<void> {
    await this.port.change({ put: [{ shelf: 'photos', key: hash, value: blob }] });
  }

  /** Lets go of pictures that no entry speaks of, as when a walk is dropped. */
  async dropPhotos(hashes: readonly string[]): Promise<void> {
    const { entries } = await this.entries();
    const spoken = new Set(entries.flatMap((entry) => (entry.kind === 'photo' ? [entry.body.hash] : [])));
    const loose = hashes.filter((hash) => !spoken.has(hash));
    await this.port.change({ drop: loose.map((key) => ({ shelf: 'photos', key })) });
  }

  /** A picture by its hash; undefined where it is not on this device. */
  async readPhoto(hash: string): Promise<Blob | undefined> {
    const found = await this.port.get('photos', hash);
    return found instanceof Blob ? found : undefined;
  }

  /** The bytes of the pictures that the log speaks of, by hash, as far as they are on this device. */
  async photos(): Promise<Readonly<Record<string, Uint8Array>>> {
    const { entries } = await this.entries();
    const hashes = new Set(entries.flatMap((entry) => (entry.kind === 'photo' ? [entry.body.hash] : [])));
    const bytes: Record<string, Uint8Array> = {};
    for (const hash of hashes) {
      const blob = await this.readPhoto(hash);
      if (blob) bytes[hash] = new Uint8Array(await blob.arrayBuffer());
    }
    return bytes;
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

  /** Everything of the log and the cards as it lies on disk, read or not, one line each: for saving where it cannot be read. */
  async raw(): Promise<string> {
    const log = await this.port.log(0);
    const runs = await this.port.all('runs');
    return [...log, ...runs].map((row) => `${JSON.stringify(row)}\n`).join('');
  }

  /** Lets go of the yard, as to begin the demo afresh. */
  async clear(): Promise<void> {
    clearTimeout(this.keeping);
    this.mark = undefined;
    await this.inTurn(() => this.port.clear());
  }
}
