import * as z from 'zod/mini';
import type { Instant } from '@/core/base';
import { photosIn, readEntry, type Entry } from '@/core/log';
import type { YardPort } from './port';

/** Where the demo scenario is served, made once and kept. */
const DEMO_PATH = '/demo/log.json';

/** The pictures of the scenario; one that cannot be had is told where it would be shown. */
async function demoPhotos(entries: readonly Entry[]) {
  const hashes = [...photosIn(entries).keys()];
  const rows = await Promise.all(
    hashes.map(async (hash) => {
      const response = await fetch(`/demo/${hash}.jpg`).catch(() => undefined);
      const bytes = response?.ok && new Uint8Array(await response.arrayBuffer());
      return bytes ? [{ shelf: 'photos' as const, key: hash, value: bytes }] : [];
    }),
  );
  return rows.flat();
}

/** Fills an empty demo yard; gives when it was first opened. Throws where the scenario cannot be had or read. */
export async function prepareDemo(port: YardPort, now: Instant): Promise<Instant> {
  const before = (await port.get('meta', 'demo-opened')) as Instant | undefined;
  if (before !== undefined) return before;
  const response = await fetch(DEMO_PATH);
  if (!response.ok) throw new Error(`The demo scenario could not be had: ${response.status}`);
  const { entries } = z.object({ entries: z.array(z.unknown()) }).parse(await response.json());
  const append = entries.map((raw): Entry => {
    const entry = readEntry(raw);
    if (!entry.ok)
      throw new Error(`The demo scenario cannot be read: ${entry.error.field} ${entry.error.detail}`);
    return entry.value;
  });
  await port.change({
    append,
    put: [...(await demoPhotos(append)), { shelf: 'meta', key: 'demo-opened', value: now }],
    // Another tab may have filled it while this one was fetching.
    when: [{ shelf: 'meta', key: 'demo-opened', is: 'gone' }],
  });
  return ((await port.get('meta', 'demo-opened')) as Instant | undefined) ?? now;
}
