import { useEffect, useState } from 'react';
import type { LogPage, PageWanted } from '@/keeper/reads';
import { useYard } from '@/store';

/** What has been read of the Logbook so far; what was read last stands while another is asked for. */
export type Pages =
  | { readonly status: 'asking' }
  | { readonly status: 'failed'; readonly reason: string }
  | { readonly status: 'ready'; readonly page: LogPage; readonly further: () => void };

/** Entries fetched at a time. */
const PAGE = 40;

type Wanted = Omit<PageWanted, 'most' | 'skip'>;

interface Read {
  readonly key: string;
  readonly rev: number;
  readonly page: LogPage;
}

/** Reads the Logbook from its newest entry on; going further back fetches only what lies there. */
export function usePages(wanted: Wanted): Pages {
  const { store, snapshot } = useYard();
  const rev = snapshot.status === 'ready' ? snapshot.log.rev : undefined;
  const key = JSON.stringify(wanted);
  const [read, setRead] = useState<Read>();
  const [failed, setFailed] = useState<{ key: string; reason: string }>();
  const had = read?.key === key ? read.page.told.length : 0;
  const stands = read?.key === key && read.rev === rev;

  useEffect(() => {
    if (rev === undefined || stands) return;
    const stop = new AbortController();
    const of = JSON.parse(key) as Wanted;
    store
      .send(
        of.sought === '' ? 'page' : 'search',
        { ...of, most: Math.max(had, PAGE) },
        { signal: stop.signal },
      )
      .then(
        (page) => {
          if (stop.signal.aborted) return;
          setFailed(undefined);
          setRead({ key, rev, page });
        },
        (error: unknown) => !stop.signal.aborted && setFailed({ key, reason: wordsOf(error) }),
      );
    return () => stop.abort();
  }, [store, key, rev, had, stands]);

  const further = () => {
    if (!read || !stands) return;
    const skip = read.page.told.length;
    store.send(wanted.sought === '' ? 'page' : 'search', { ...wanted, most: PAGE, skip }).then(
      (more) =>
        setRead((now) =>
          // What was changed or fetched in between has been read whole already.
          now?.key !== read.key || now.rev !== read.rev || now.page.told.length !== skip
            ? now
            : {
                ...now,
                page: {
                  told: [...now.page.told, ...more.told],
                  others: [...now.page.others, ...more.others],
                  more: more.more,
                },
              },
        ),
      (error: unknown) => setFailed({ key, reason: wordsOf(error) }),
    );
  };
  if (failed?.key === key) return { status: 'failed', reason: failed.reason };
  return read ? { status: 'ready', page: read.page, further } : { status: 'asking' };
}

function wordsOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
