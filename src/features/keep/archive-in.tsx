'use client';

import { useId, useState } from 'react';
import { planMerge, readArchive, type ArchiveProblem, type MergeProblem, type Photos } from '@/core/exchange';
import type { Entry } from '@/core/log';
import type { Rigs } from '@/features/common';
import { askToKeepOnce, useYard } from '@/store';
import { archiveWords, count, dayInFull } from '@/text';
import { Button, FieldError } from '@/ui';

type Ready = Extract<Rigs, { status: 'ready' }>;

type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'reading' }
  | { readonly at: 'refused'; readonly problem: ArchiveProblem | MergeProblem; readonly file: string }
  | {
      readonly at: 'checked';
      readonly added: readonly Entry[];
      readonly same: number;
      readonly photos: Photos;
      readonly created: string;
      readonly file: string;
    }
  | { readonly at: 'done'; readonly added: number };

/** An archive brought in: checked whole first, then written in one piece, or refused with nothing changed. */
export function ArchiveIn({ ready }: { ready: Ready }) {
  const { store } = useYard();
  const [stage, setStage] = useState<Stage>({ at: 'idle' });
  const id = useId();

  const check = async (file: File | undefined) => {
    if (!file) return;
    setStage({ at: 'reading' });
    const read = readArchive(new Uint8Array(await file.arrayBuffer()));
    if (!read.ok) return setStage({ at: 'refused', problem: read.error, file: file.name });
    const plan = planMerge(ready.fold.entries, read.value.entries);
    if (!plan.ok) return setStage({ at: 'refused', problem: plan.error, file: file.name });
    setStage({
      at: 'checked',
      ...plan.value,
      photos: read.value.photos,
      created: read.value.created,
      file: file.name,
    });
  };
  const bring = async (added: readonly Entry[], photos: Photos) => {
    const rows = Object.entries(photos).map(([hash, bytes]) => ({
      hash,
      blob: new Blob([bytes.slice()], { type: 'image/jpeg' }),
    }));
    await store.append(added, rows);
    askToKeepOnce();
    setStage({ at: 'done', added: added.length });
  };

  return (
    <div className="grid gap-3">
      <p className="text-soft">
        It is checked to the last line before anything is written. What is here already is not doubled.
      </p>
      <div>
        <label
          htmlFor={id}
          className="border-ink bg-sheet hover:bg-accent-wash inline-flex min-h-11 items-center rounded-sheet border-[1.5px] px-4 font-semibold focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-accent"
        >
          Choose an archive
          <input
            id={id}
            type="file"
            accept=".zip,application/zip"
            className="sr-only"
            onChange={(event) => {
              void check(event.target.files?.[0]);
              // The same file can be chosen again.
              event.target.value = '';
            }}
          />
        </label>
      </div>
      {stage.at === 'reading' && <p role="status">Checking every line…</p>}
      {stage.at === 'refused' && (
        <div>
          <FieldError>{archiveWords(stage.problem)}</FieldError>
          <p className="text-soft mt-1">{stage.file} was not brought in. Nothing was changed.</p>
        </div>
      )}
      {stage.at === 'checked' && (
        <div className="border-accent grid gap-3 border-l-4 pl-4">
          <p>
            <strong>{stage.file}</strong> is sound, saved {dayInFull(stage.created)}.{' '}
            {stage.added.length === 0
              ? `All of its ${count(stage.same, 'entry', 'entries')} are here already.${Object.keys(stage.photos).length > 0 ? ` It holds ${count(Object.keys(stage.photos).length, 'photo')}; any that are missing here are put back.` : ''}`
              : `${count(stage.added.length, 'entry', 'entries')} would be added; ${stage.same} are here already.`}
          </p>
          <div className="flex gap-2.5">
            {(stage.added.length > 0 || Object.keys(stage.photos).length > 0) && (
              <Button look="primary" onClick={() => void bring(stage.added, stage.photos)}>
                Bring them in
              </Button>
            )}
            <Button onClick={() => setStage({ at: 'idle' })}>
              {stage.added.length > 0 ? 'Leave it' : 'Good'}
            </Button>
          </div>
        </div>
      )}
      {stage.at === 'done' && <p role="status">{count(stage.added, 'entry', 'entries')} brought in.</p>}
    </div>
  );
}
