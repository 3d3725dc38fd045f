'use client';

import { useEffect, useEffectEvent, useState } from 'react';
import { photoOfName } from '@/core/exchange';
import { reported } from '@/ui';

/** Files that came by themselves: opened with the application, or shared to it. */
export interface Arrived {
  /** One at the most, as of tables. */
  readonly archive: readonly File[];
  readonly table: readonly File[];
  readonly tracks: readonly File[];
  readonly sealed: readonly File[];
  readonly pictures: readonly File[];
  /** What nothing is known of, and archives and tables beyond the first: they are opened one at a time. */
  readonly left: readonly File[];
}

const NONE: Arrived = {
  archive: [],
  table: [],
  tracks: [],
  sealed: [],
  pictures: [],
  left: [],
};

interface LaunchQueue {
  readonly setConsumer: (take: (launch: { readonly files: readonly FileSystemFileHandle[] }) => void) => void;
}

/** Where the service worker lays what was shared (see `sw.ts`). */
const SHARED = 'shared';

function sorted(files: readonly File[]): Arrived {
  const ends = (...kinds: readonly string[]) =>
    files.filter(({ name }) => kinds.some((kind) => name.toLowerCase().endsWith(kind)));
  const archive = ends('.zip').slice(0, 1);
  const table = ends('.csv', '.tsv').slice(0, 1);
  const tracks = ends('.gpx');
  const sealed = files.filter(
    ({ name }) => /\.ndjson(\.txt)?$/i.test(name) || photoOfName(name) !== undefined,
  );
  const pictures = files.filter((file) => file.type.startsWith('image/') && !sealed.includes(file));
  const taken = new Set([...archive, ...table, ...tracks, ...sealed, ...pictures]);
  return { archive, table, tracks, sealed, pictures, left: files.filter((file) => !taken.has(file)) };
}

/** Takes what the service worker laid by, once. */
async function takeShared(): Promise<readonly File[]> {
  if (!new URLSearchParams(location.search).has(SHARED)) return [];
  history.replaceState(null, '', location.pathname);
  const cache = await caches.open(SHARED);
  const files: File[] = [];
  for (const request of await cache.keys()) {
    const response = await cache.match(request);
    if (response)
      files.push(
        new File(
          [await response.blob()],
          decodeURIComponent(new URL(request.url).pathname.split('/').pop() ?? ''),
          {
            type: response.headers.get('Content-Type') ?? '',
          },
        ),
      );
    await cache.delete(request);
  }
  return files;
}

/** The files that the application was opened with or that were shared to it. */
export function useArrived(): Arrived {
  const [arrived, setArrived] = useState<Arrived>(NONE);
  useEffect(() => {
    let gone = false;
    const take = (files: readonly File[]) => !gone && files.length > 0 && setArrived(sorted(files));
    const { launchQueue } = window as unknown as { readonly launchQueue?: LaunchQueue };
    launchQueue?.setConsumer(({ files }) => {
      void Promise.all(files.map((file) => file.getFile())).then(take, () => undefined);
    });
    takeShared().then(take, () => undefined);
    return () => {
      gone = true;
    };
  }, []);
  return arrived;
}

/** Takes files that came by themselves, once, as if they had been chosen there. */
export function useTaken(arrived: readonly File[], take: (files: readonly File[]) => Promise<void>): void {
  const taken = useEffectEvent((files: readonly File[]) => reported(take(files)));
  useEffect(() => {
    if (arrived.length === 0) return;
    const timer = setTimeout(() => taken(arrived));
    return () => clearTimeout(timer);
  }, [arrived]);
}
