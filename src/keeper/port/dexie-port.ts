import Dexie, { type EntityTable, type ObservabilitySet, type Table } from 'dexie';
import { fail, ok, type Result } from '@/core/base';
import {
  holds,
  isOf,
  SHELVES,
  type Change,
  type ChangeProblem,
  type LogRow,
  type Row,
  type YardPort,
} from './port';
import { SEALED, shelfTable, TAIL } from './layout';
import { idsIn, ripe, seal, unseal, type Segment } from './segments';

/** An entry in the open tail of the log; `seq` is the order in which it arrived on this device. */
interface TailRow {
  seq: number;
  entry: { readonly id: string };
}

/** The rows of a shelf under the names they had before there were shelves. */
const OLD_KEYS = { runs: 'id', drafts: 'key', photos: 'hash', meta: 'key' } as const;
const OLD_SHELVES = ['runs', 'drafts', 'photos', 'meta'] as const;

/** So long (ms) another tab takes to clear a yard. */
const ONCE_CLEARED = 400;

/** What is told of when it changes, in whichever tab. */
const FOLLOWED = [TAIL, SEALED, shelfTable('runs'), shelfTable('meta')];

class YardDb extends Dexie {
  entries!: EntityTable<TailRow, 'seq'>;
  segments!: Table<Segment, number>;

  constructor(name: string) {
    super(name);
    this.version(1).stores({ entries: '++seq, &entry.id', runs: 'id, rig', drafts: 'key', meta: 'key' });
    this.version(4).stores({ photos: 'hash' });
    // The log in sealed segments with an open tail; what lies beside it under one key each. Names of old tables serve no more.
    this.version(5)
      .stores({
        segments: 'first, last, high',
        'shelf-runs': 'key',
        'shelf-drafts': 'key',
        'shelf-photos': 'key',
        'shelf-meta': 'key',
        'shelf-checkpoints': 'key',
      })
      .upgrade(async (tx) => {
        for (const shelf of OLD_SHELVES) {
          const key = OLD_KEYS[shelf];
          const rows: Record<string, unknown>[] = await tx.table(shelf).toArray();
          await tx.table(shelfTable(shelf)).bulkPut(
            rows.map((row) => ({
              key: row[key],
              value: shelf === 'photos' ? row['blob'] : shelf === 'runs' ? row : row['value'],
            })),
          );
        }
      });
    this.version(6).stores({ runs: null, drafts: null, photos: null, meta: null });
  }

  shelf(name: (typeof SHELVES)[number]): Table<Row, string> {
    return this.table(shelfTable(name));
  }
}

/** Thrown inside a transaction so that nothing of it stays; never leaves this file. */
class Refused extends Error {
  constructor(readonly problem: ChangeProblem) {
    super(problem.code);
  }
}

/** A yard in the browser's own database, shared by all tabs of this device. */
export function dexiePort(name: string): YardPort & { readonly close: () => void } {
  const db = new YardDb(name);
  const shelves = SHELVES.map((shelf) => db.shelf(shelf));
  const tables = [db.entries, db.segments, ...shelves];

  const log = (after: number): Promise<readonly LogRow[]> =>
    db.transaction('r', db.entries, db.segments, async () => {
      const sealed = await db.segments.where('last').above(after).toArray();
      const tail = await db.entries.where('seq').above(after).toArray();
      return [
        ...sealed.flatMap(unseal).filter(({ seq }) => seq > after),
        ...tail.map(({ seq, entry }) => ({ seq, raw: entry })),
      ];
    });

  /** The first of some ids that stands in the log already. */
  async function standing(ids: readonly string[]): Promise<string | undefined> {
    const open = await db.entries.where('entry.id').anyOf(ids).first();
    if (open) return open.entry.id;
    const low = ids.reduce((least, id) => (id < least ? id : least));
    // What was made after the last sealing, as nearly every entry, is not sought in what is sealed.
    const near = await db.segments.where('high').aboveOrEqual(low).toArray();
    for (const segment of near) {
      const wanted = ids.filter((id) => id >= segment.low && id <= segment.high);
      const known = wanted.length > 0 ? idsIn(segment) : new Set();
      const found = wanted.find((id) => known.has(id));
      if (found !== undefined) return found;
    }
    return undefined;
  }

  async function append(entries: NonNullable<Change['append']>): Promise<void> {
    const ids = entries.map(({ id }) => id);
    const given = new Set<string>();
    const doubled = ids.find((id) => given.size === given.add(id).size);
    const twice = doubled ?? (await standing(ids));
    if (twice !== undefined) throw new Refused({ code: 'twice', id: twice });
    await db.entries.bulkAdd(entries.map((entry) => ({ entry })));
    const due = ripe(await db.entries.count());
    if (due === 0) return;
    const rows = await db.entries.orderBy('seq').limit(due).toArray();
    await db.segments.bulkAdd(seal(rows.map(({ seq, entry }) => ({ seq, raw: entry }))));
    await db.entries.bulkDelete(rows.map(({ seq }) => seq));
  }

  /** Takes every line of some rigs out of the log, sealed or not; places of the rest stay as they are. */
  async function purged(rigs: readonly string[]): Promise<void> {
    const open = await db.entries.toArray();
    await db.entries.bulkDelete(open.filter(({ entry }) => isOf(entry, rigs)).map(({ seq }) => seq));
    for (const segment of await db.segments.toArray()) {
      const rows = unseal(segment);
      const left = rows.filter(({ raw }) => !isOf(raw, rigs));
      if (left.length === rows.length) continue;
      await db.segments.delete(segment.first);
      if (left.length > 0) await db.segments.bulkAdd(seal(left));
    }
  }

  return {
    log,
    get: async (shelf, key) => (await db.shelf(shelf).get(key))?.value,
    all: (shelf) => db.shelf(shelf).orderBy('key').toArray(),
    keys: (shelf) => db.shelf(shelf).orderBy('key').primaryKeys(),
    change: async ({
      append: added = [],
      purge = [],
      put = [],
      drop = [],
      when = [],
    }): Promise<Result<void, ChangeProblem>> => {
      try {
        await db.transaction('rw', added.length + purge.length > 0 ? tables : shelves, async () => {
          for (const { shelf, key, is } of when)
            if (!holds((await db.shelf(shelf).get(key))?.value, is)) throw new Refused({ code: 'outrun' });
          if (added.length > 0) await append(added);
          if (purge.length > 0) await purged(purge);
          for (const { shelf, key, value } of put) await db.shelf(shelf).put({ key, value });
          for (const { shelf, key } of drop) await db.shelf(shelf).delete(key);
        });
        return ok(undefined);
      } catch (error) {
        if (error instanceof Refused) return fail(error.problem);
        throw error;
      }
    },
    watch: (told) => {
      const followed = FOLLOWED.map((table) => `idb://${name}/${table}/`);
      const heard = (parts: ObservabilitySet) => {
        if (Object.keys(parts).some((part) => followed.some((table) => part.startsWith(table)))) told();
      };
      Dexie.on('storagemutated', heard);
      // Cleared in another tab: once that is through, what is there now is looked at.
      const cleared = () => void setTimeout(told, ONCE_CLEARED);
      db.on('versionchange', cleared);
      return () => {
        Dexie.on.storagemutated.unsubscribe(heard);
        db.on('versionchange').unsubscribe(cleared);
      };
    },
    clear: () => db.delete({ disableAutoOpen: false }),
    close: () => db.close(),
  };
}
