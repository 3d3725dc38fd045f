'use client';

import { useState } from 'react';
import { ShareButton } from '@/features/files';
import type { Rigs } from '@/features/rigs';
import { volumeName } from '@/core/exchange';
import { isStopped, useAsk, useYard } from '@/store';
import { bytesText, count, dateField, dayAgo } from '@/text';
import { Button, FieldError, saveFile, reported } from '@/ui';

type Ready = Extract<Rigs, { status: 'ready' }>;

type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'packing'; readonly share: number; readonly stop: AbortController }
  | { readonly at: 'failed'; readonly reason: string }
  | {
      readonly at: 'saved';
      readonly said: readonly string[];
      /** Another one has to be saved: the photos take more than one. */
      readonly next?: { readonly moment: string; readonly number: number; readonly of: number };
    };

/** The whole log as one file on this device. */
export function ArchiveOut({ ready }: { ready: Ready }) {
  const { store } = useYard();
  const [stage, setStage] = useState<Stage>({ at: 'idle' });
  const since = useAsk('since', { at: ready.archived });
  const next = stage.at === 'saved' ? stage.next : undefined;

  const pack = async (at: string, number: number, before: readonly string[]) => {
    const stop = new AbortController();
    const packing = (share: number) => setStage({ at: 'packing', share, stop });
    packing(0);
    try {
      const { file, entries, photos, volume } = await store.send(
        'writeArchive',
        { at, number },
        { signal: stop.signal, ends: true, onProgress: packing },
      );
      const name = volumeName(`yardline-${dateField(at)}.zip`, volume);
      saveFile(file, 'application/zip', name);
      const more = volume.number < volume.of;
      // Only what is saved whole is an archive of everything.
      if (!more) await store.send('noteArchived', { at });
      const said = `${name}: ${count(entries, 'entry', 'entries')}, ${count(photos, 'photo')}, ${bytesText(file.size)}.`;
      setStage({
        at: 'saved',
        said: [...before, said],
        ...(more && { next: { moment: at, number: volume.number + 1, of: volume.of } }),
      });
    } catch (error) {
      setStage(
        isStopped(error)
          ? { at: 'idle' }
          : { at: 'failed', reason: error instanceof Error ? error.message : String(error) },
      );
    }
  };
  const save = () => pack(store.clock.now(), 1, []);

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
              const { file, volume } = await store.send('writeArchive', { at });
              // One of several does not hold every photo, and is no archive of everything.
              if (volume.of > 1)
                throw new Error(`Your photos take ${volume.of} archives: save them one by one above.`);
              await store.send('noteArchived', { at });
              return new File([file], `yardline-${dateField(at)}.zip`, { type: 'application/zip' });
            }}
          />
        )}
      </div>
      {stage.at === 'packing' && (
        <p role="status">
          Packing the log and its photos, and reading them back…{' '}
          {stage.share > 0 && <span className="figures">{Math.round(stage.share * 100)} %</span>}
        </p>
      )}
      {stage.at === 'failed' && <FieldError>It could not be packed: {stage.reason}</FieldError>}
      {stage.at === 'saved' && (
        <div role="status" className="grid gap-1">
          {stage.said.map((said) => (
            <p key={said}>Saved {said}</p>
          ))}
        </div>
      )}
      {next && stage.at === 'saved' && (
        <div className="border-due grid gap-2 border-l-4 pl-4">
          <p>
            Your photos take {next.of} archives. Each holds the whole log and is brought in by itself; only
            all of them hold every photo.
          </p>
          <div>
            <Button look="primary" onClick={() => reported(pack(next.moment, next.number, stage.said))}>
              Save archive {next.number} of {next.of}
            </Button>
          </div>
        </div>
      )}
    </div>
  );
}
