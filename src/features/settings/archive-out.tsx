'use client';

import { useState } from 'react';
import { ShareButton } from '@/features/files';
import type { Rigs } from '@/features/rigs';
import { isStopped, useAsk, useYard } from '@/store';
import { count, dateField, dayAgo } from '@/text';
import { Button, FieldError, saveFile, reported } from '@/ui';

type Ready = Extract<Rigs, { status: 'ready' }>;

type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'packing'; readonly stop: AbortController }
  | { readonly at: 'failed'; readonly reason: string }
  | { readonly at: 'saved'; readonly said: string };

/** The whole log as one file on this device. */
export function ArchiveOut({ ready }: { ready: Ready }) {
  const { store } = useYard();
  const [stage, setStage] = useState<Stage>({ at: 'idle' });
  const since = useAsk('since', { at: ready.archived });

  const save = async () => {
    const at = store.clock.now();
    const stop = new AbortController();
    setStage({ at: 'packing', stop });
    try {
      const { bytes, entries, photos } = await store.send(
        'writeArchive',
        { at },
        { signal: stop.signal, ends: true },
      );
      const name = `yardline-${dateField(at)}.zip`;
      saveFile(bytes, 'application/zip', name);
      await store.send('noteArchived', { at });
      const size = count(Math.ceil(bytes.length / 1024), 'kB', 'kB');
      setStage({
        at: 'saved',
        said: `${name}: ${count(entries, 'entry', 'entries')}, ${count(photos, 'photo')}, ${size}.`,
      });
    } catch (error) {
      setStage(
        isStopped(error)
          ? { at: 'idle' }
          : { at: 'failed', reason: error instanceof Error ? error.message : String(error) },
      );
    }
  };

  return (
    <div className="grid gap-2">
      <p>
        {ready.archived === undefined
          ? 'No archive was ever saved from this device.'
          : `Last saved ${dayAgo(ready.archived, ready.now)}${since.status === 'ready' ? `; ${count(since.answer, 'entry', 'entries')} since` : ''}.`}{' '}
        <span className="text-soft">
          Keep one outside this device: a phone can be lost, a browser emptied.
        </span>
      </p>
      <div className="flex flex-wrap gap-2.5">
        <Button
          look="primary"
          disabled={ready.log.count === 0 || stage.at === 'packing'}
          onClick={() => reported(save())}
        >
          Save an archive
        </Button>
        {stage.at === 'packing' && <Button onClick={() => stage.stop.abort()}>Stop</Button>}
        {ready.log.count > 0 && stage.at !== 'packing' && (
          <ShareButton
            type="application/zip"
            make={async () => {
              const at = store.clock.now();
              const { bytes } = await store.send('writeArchive', { at });
              await store.send('noteArchived', { at });
              return new File([bytes], `yardline-${dateField(at)}.zip`, { type: 'application/zip' });
            }}
          />
        )}
      </div>
      {stage.at === 'packing' && <p role="status">Packing the log and its photos…</p>}
      {stage.at === 'failed' && <FieldError>It could not be packed: {stage.reason}</FieldError>}
      {stage.at === 'saved' && <p role="status">Saved {stage.said}</p>}
    </div>
  );
}
