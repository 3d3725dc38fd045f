import * as z from 'zod/mini';
import { readEntry, type Entry } from '@/core/log';
import type { PhotoRow } from './db';
import { clockFrom, deviceClock, type Clock } from './clock';
import type { YardStore } from './yard-store';

/** The moment at which the demo stands. */
const DEMO_NOW = '2026-05-16T14:00:00.000Z';

/** Where the demo scenario is served. */
const DEMO_PATH = '/api/demo';

/** The pictures of the scenario; one that cannot be had is told where it would be shown. */
async function demoPhotos(entries: readonly Entry[]): Promise<readonly PhotoRow[]> {
  const hashes = entries.flatMap((entry) => (entry.kind === 'photo' ? [entry.body.hash] : []));
  const rows = await Promise.all(
    hashes.map(async (hash) => {
      const response = await fetch(`/demo/${hash}.jpg`).catch(() => undefined);
      return response?.ok ? [{ hash, blob: await response.blob() }] : [];
    }),
  );
  return rows.flat();
}

/** Fills an empty demo yard and sets its clock; throws where the scenario cannot be had or read. */
export async function prepareDemo(store: YardStore): Promise<Clock> {
  const opened = await store.db.meta.get('demo-opened');
  if (opened) return clockFrom(DEMO_NOW, opened.value);
  const response = await fetch(DEMO_PATH);
  if (!response.ok) throw new Error(`The demo scenario could not be had: ${response.status}`);
  const { entries } = z.object({ entries: z.array(z.unknown()) }).parse(await response.json());
  const read = entries.map((raw): Entry => {
    const entry = readEntry(raw);
    if (!entry.ok)
      throw new Error(`The demo scenario cannot be read: ${entry.error.field} ${entry.error.detail}`);
    return entry.value;
  });
  const photos = await demoPhotos(read);
  const now = deviceClock.now();
  await store.db.transaction('rw', store.db.entries, store.db.photos, store.db.meta, async () => {
    // Another tab may have filled it while this one was fetching.
    if (await store.db.meta.get('demo-opened')) return;
    await store.db.entries.bulkAdd(read.map((entry) => ({ entry })));
    await store.db.photos.bulkPut(photos);
    await store.db.meta.put({ key: 'demo-opened', value: now });
  });
  const kept = await store.db.meta.get('demo-opened');
  return clockFrom(DEMO_NOW, kept?.value ?? now);
}

/** Empties the demo yard, so that the next opening fills it anew. */
export async function resetDemo(store: YardStore): Promise<void> {
  await store.db.delete();
}
