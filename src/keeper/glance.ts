import type { Instant } from '@/core/base';
import { looksLikeRun } from '@/core/routine';
import { readCheckpoint } from './checkpoint';
import { YARD_NAMES, type YardName } from './names';
import { SEALED, shelfTable, TAIL } from './port/layout';
import type { Shown } from './shown';

/** A yard as it was last worked out. */
export interface Glance {
  readonly shown: Shown;
  /** Forms half filled in, as they lie on disk. */
  readonly drafts: ReadonlyMap<string, unknown>;
  /** When the demo was first opened; none in one's own yard. */
  readonly opened: Instant | undefined;
}

function done<T>(request: IDBRequest<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error('not read'));
  });
}

/** Opens a database that is there already; makes none. */
function openExisting(name: string): Promise<IDBDatabase> {
  return new Promise((resolve, reject) => {
    const request = indexedDB.open(name);
    request.onupgradeneeded = () => request.transaction?.abort();
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error ?? new Error('not there'));
    request.onblocked = () => reject(new Error('blocked'));
  });
}

async function look(db: IDBDatabase, yard: YardName, version: string): Promise<Glance | undefined> {
  const shelves = (['checkpoints', 'runs', 'meta', 'drafts'] as const).map(shelfTable);
  const tx = db.transaction([TAIL, SEALED, ...shelves], 'readonly');
  const [checkpoints, cards, meta, forms] = shelves.map((name) => tx.objectStore(name));
  if (!checkpoints || !cards || !meta || !forms) return undefined;
  const valueOf = (row: unknown) => (row as { value?: unknown } | undefined)?.value;
  const [kept, rows, drafts, archived, opened, newest] = await Promise.all([
    done<unknown>(checkpoints.get('fold')),
    done<unknown[]>(cards.getAll()),
    done<{ key: string; value: unknown }[]>(forms.getAll()),
    done<unknown>(meta.get('archived')),
    done<unknown>(meta.get('demo-opened')),
    done(tx.objectStore(TAIL).openKeyCursor(null, 'prev')),
  ]);
  const checkpoint = readCheckpoint(valueOf(kept), version);
  // Only a state that holds the very last entry is one to be seen; whatever else is there, the keeper reads.
  if (!checkpoint || newest?.key !== checkpoint.seq) return undefined;
  const runs = rows.map(valueOf);
  if (!runs.every(looksLikeRun) || (yard === 'demo' && valueOf(opened) === undefined)) return undefined;
  const { state, end, count, newest: written, days } = checkpoint;
  return {
    shown: {
      rigs: state.rigs,
      gone: [],
      runs,
      archived: valueOf(archived) as Instant | undefined,
      log: { rev: 0, count, newest: written, end, days },
      lost: undefined,
    },
    drafts: new Map(drafts.map(({ key, value }) => [key, value])),
    opened: valueOf(opened) as Instant | undefined,
  };
}

/**
 * The yard as it was last worked out, read in one piece without anything of the keeper's house: a place that is opened
 * again is drawn before its keeper is at work. Undefined where there is none, or the log has gone on since.
 */
export async function glance(yard: YardName, version: string): Promise<Glance | undefined> {
  try {
    const db = await openExisting(YARD_NAMES[yard]);
    try {
      return await look(db, yard, version);
    } finally {
      db.close();
    }
  } catch {
    return undefined;
  }
}
