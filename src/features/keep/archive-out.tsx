'use client';

import { useState } from 'react';
import { writeArchive } from '@/core/exchange';
import type { Rigs } from '@/features/common';
import { useYard } from '@/store';
import { count, dateField, dayAgo } from '@/text';
import { Button, saveFile } from '@/ui';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** The whole log as one file on this device. */
export function ArchiveOut({ ready }: { ready: Ready }) {
  const { store } = useYard();
  const [saved, setSaved] = useState<string>();
  const entries = ready.fold.entries;
  const since = entries.filter(
    (entry) => ready.archived === undefined || entry.recorded > ready.archived,
  ).length;

  const save = async () => {
    const at = store.clock.now();
    const photos = await store.photosOf(entries);
    const bytes = writeArchive(entries, at, photos);
    const name = `yardline-${dateField(at)}.zip`;
    saveFile(bytes, 'application/zip', name);
    await store.noteArchived(at);
    setSaved(
      `${name}: ${count(entries.length, 'entry', 'entries')}, ${count(Object.keys(photos).length, 'photo')}, ${count(Math.ceil(bytes.length / 1024), 'kB', 'kB')}.`,
    );
  };

  return (
    <div className="grid gap-2">
      <p>
        {ready.archived === undefined
          ? 'No archive was ever saved from this device.'
          : `Last saved ${dayAgo(ready.archived, ready.now)}; ${count(since, 'entry', 'entries')} since.`}{' '}
        <span className="text-soft">
          Keep one outside this device: a phone can be lost, a browser emptied.
        </span>
      </p>
      <div>
        <Button look="primary" disabled={entries.length === 0} onClick={() => void save()}>
          Save an archive
        </Button>
      </div>
      {saved && <p role="status">Saved {saved}</p>}
    </div>
  );
}
