import { liveQuery, type Subscription } from 'dexie';
import { fail, ok, type Instant, type Result } from '@/core/base';
import { emptyFold, extend, isCurrent, readEntry, type Entry, type Fold } from '@/core/log';
import type { Run } from '@/core/routine';
import { deviceClock, type Clock } from './clock';
import { YardDb, type EntryRow, type PhotoRow } from './db';

/** What the screens are drawn from. */
export type YardSnapshot =
  | { readonly status: 'loading' }
  | { readonly status: 'failed'; readonly reason: string }
  | {
      readonly status: 'ready';
      readonly fold: Fold;
      readonly runs: readonly Run[];
      /** When an archive was last saved from this device. */
      readonly archived: Instant | undefined;
    };

const LOADING: YardSnapshot = { status: 'loading' };

function lift(row: EntryRow): Entry {
  if (isCurrent(row.entry)) return row.entry;
  const read = readEntry(row.entry);
  if (read.ok) return read.value;
  throw new Error(`Entry ${row.entry.id} cannot be read: ${read.error.field} ${read.error.detail}`);
}

/**
 * One yard, open. Everything is written to the database first and shown after: the one live
 * query brings this tab's own writes and those of other tabs alike.
 */
export class YardStore {
  readonly db: YardDb;
  private snapshot: YardSnapshot = LOADING;
  private readonly listeners = new Set<() => void>();
  private subscription: Subscription | undefined;

  constructor(
    name: string,
    public clock: Clock = deviceClock,
  ) {
    this.db = new YardDb(name);
  }

  /** Begins to follow the database; returns what stops it. */
  open(): () => void {
    let fold = emptyFold();
    let seq = 0;
    this.subscription = liveQuery(async () => ({
      fresh: await this.db.entries.where('seq').above(seq).toArray(),
      runs: await this.db.runs.toArray(),
      archived: (await this.db.meta.get('archived'))?.value,
    })).subscribe({
      next: ({ fresh, runs, archived }) => {
        try {
          fold = extend(fold, fresh.filter((row) => row.seq > seq).map(lift));
          seq = fresh.reduce((most, row) => Math.max(most, row.seq), seq);
          this.show({ status: 'ready', fold, runs, archived });
        } catch (error) {
          this.fail(error);
        }
      },
      error: (error: unknown) => this.fail(error),
    });
    return () => this.subscription?.unsubscribe();
  }

  private fail(error: unknown): void {
    this.show({ status: 'failed', reason: error instanceof Error ? error.message : String(error) });
  }

  private show(snapshot: YardSnapshot): void {
    this.snapshot = snapshot;
    for (const listener of this.listeners) listener();
  }

  readonly subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  readonly getSnapshot = (): YardSnapshot => this.snapshot;

  /** Writes entries, and pictures they speak of, in one transaction; resolves once they are on disk. */
  async append(entries: readonly Entry[], photos: readonly PhotoRow[] = []): Promise<void> {
    await this.db.transaction('rw', this.db.entries, this.db.photos, async () => {
      await this.db.entries.bulkAdd(entries.map((entry) => ({ entry })));
      // The same picture under its hash is the same picture.
      await this.db.photos.bulkPut([...photos]);
    });
  }

  /** Keeps a picture that no entry speaks of yet, as while a walk is under way. */
  async keepPhoto(photo: PhotoRow): Promise<void> {
    await this.db.photos.put(photo);
  }

  /** Lets go of pictures that no entry speaks of, as when a walk is dropped. */
  async dropPhotos(hashes: readonly string[]): Promise<void> {
    await this.db.transaction('rw', this.db.entries, this.db.photos, async () => {
      const spoken = new Set<string>();
      await this.db.entries
        .filter(({ entry }) => entry.kind === 'photo' && hashes.includes(entry.body.hash))
        .each(({ entry }) => entry.kind === 'photo' && spoken.add(entry.body.hash));
      await this.db.photos.bulkDelete(hashes.filter((hash) => !spoken.has(hash)));
    });
  }

  /** A picture by its hash; undefined where it is not on this device. */
  async readPhoto(hash: string): Promise<Blob | undefined> {
    return (await this.db.photos.get(hash))?.blob;
  }

  /** The bytes of the pictures that entries speak of, by hash, as far as they are on this device. */
  async photosOf(entries: readonly Entry[]): Promise<Record<string, Uint8Array>> {
    const hashes = new Set(entries.flatMap((entry) => (entry.kind === 'photo' ? [entry.body.hash] : [])));
    const rows = await this.db.photos.bulkGet([...hashes]);
    const found = rows.flatMap((row) => (row ? [row] : []));
    const bytes = await Promise.all(
      found.map(async ({ hash, blob }) => [hash, new Uint8Array(await blob.arrayBuffer())] as const),
    );
    return Object.fromEntries(bytes);
  }

  /** Writes what a finished run came to and puts the run away, in one transaction. */
  async closeRun(id: string, entries: readonly Entry[]): Promise<void> {
    await this.db.transaction('rw', this.db.entries, this.db.runs, async () => {
      // A second tab that closes the same run must not write its work twice.
      if (!(await this.db.runs.get(id))) return;
      await this.db.entries.bulkAdd(entries.map((entry) => ({ entry })));
      await this.db.runs.delete(id);
    });
  }

  /** Keeps a run that begins. */
  async startRun(run: Run): Promise<void> {
    await this.db.runs.add(run);
  }

  /** Makes a change to a run that may be refused, as a tap is where another tab has gone on already; on disk before it shows. */
  changeRun<P>(
    id: string,
    change: (run: Run) => Result<Run, P>,
  ): Promise<Result<Run, P | { readonly code: 'no-run' }>> {
    return this.db.transaction('rw', this.db.runs, async () => {
      const run = await this.db.runs.get(id);
      if (!run) return fail({ code: 'no-run' as const });
      const next = change(run);
      if (next.ok) await this.db.runs.put(next.value);
      return next;
    });
  }

  /** Makes any other change to a run that cannot be refused. */
  updateRun(id: string, change: (run: Run) => Run): Promise<Result<Run, { readonly code: 'no-run' }>> {
    return this.changeRun(id, (run) => ok(change(run)));
  }

  /** Drops a run before anything was taken apart. */
  async dropRun(id: string): Promise<void> {
    await this.db.runs.delete(id);
  }

  /** Notes that an archive was saved. */
  async noteArchived(at: Instant): Promise<void> {
    await this.db.meta.put({ key: 'archived', value: at });
  }

  /** A form half filled in, as it was left. */
  async readDraft(key: string): Promise<unknown> {
    return (await this.db.drafts.get(key))?.value;
  }

  /** Keeps a form half filled in; undefined drops it. */
  async keepDraft(key: string, value: unknown): Promise<void> {
    if (value === undefined) await this.db.drafts.delete(key);
    else await this.db.drafts.put({ key, value });
  }
}
