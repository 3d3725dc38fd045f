'use client';

import { useEffect, useState } from 'react';

/** Files that came by themselves: opened with the application, or shared to it. */
export interface Arrived {
  readonly archive: File | undefined;
  readonly table: File | undefined;
  readonly tracks: readonly File[];
  readonly sealed: readonly File[];
}

const NONE: Arrived = { archive: undefined, table: undefined, tracks: [], sealed: [] };

interface LaunchQueue {
  readonly setConsumer: (take: (launch: { readonly files: readonly FileSystemFileHandle[] }) => void) => void;
}

/** Where the service worker lays what was shared (see `sw.ts`). */
const SHARED = 'shared';

function sorted(files: readonly File[]): Arrived {
  const ends = (...kinds: readonly string[]) =>
    files.filter(({ name }) => kinds.some((kind) => name.toLowerCase().endsWith(kind)));
  return {
    archive: ends('.zip')[0],
    table: ends('.csv', '.tsv')[0],
    tracks: ends('.gpx'),
    sealed: ends('.ndjson', '.ndjson.txt'),
  };
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
