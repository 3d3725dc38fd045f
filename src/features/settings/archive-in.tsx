'use client';

import { useState } from 'react';
import type { BroughtIn, CheckedArchive } from '@/keeper';
import { askToKeepOnce, isStopped, useYard } from '@/store';
import { archiveWords, bytesText, count, dayInFull, holdsLines } from '@/text';
import { useTaken } from '@/features/files';
import { Button, FieldError, FileButton, Lines, reported } from '@/ui';

type Sound = Extract<CheckedArchive, { ok: true }>;
type Refused = Extract<CheckedArchive, { ok: false }>;

function reasonOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}

type Stage =
  | { readonly at: 'idle' }
  | { readonly at: 'reading'; readonly share: number; readonly stop: AbortController }
  | { readonly at: 'refused'; readonly problem: Refused['problem']; readonly file: string }
  | ({ readonly at: 'checked'; readonly file: string } & Sound)
  | { readonly at: 'bringing'; readonly share: number }
  | { readonly at: 'failed'; readonly reason: string; readonly file: string }
  | ({ readonly at: 'done' } & BroughtIn);

const othersHold = (others: Sound['others']) =>
  others ? `${count(others.photos, 'more photo')} (${bytesText(others.bytes)})` : 'the rest of the photos';

/** An archive brought in: checked whole first, then written, its entries in one piece, or refused with nothing changed. */
export function ArchiveIn({
  arrived,
}: {
  /** An archive that the application was opened with. */
  arrived: readonly File[];
}) {
  const { store } = useYard();
  const [stage, setStage] = useState<Stage>({ at: 'idle' });

  const check = async (file: File) => {
    const stop = new AbortController();
    const reading = (share: number) => setStage({ at: 'reading', share, stop });
    reading(0);
    try {
      const checked = await store.send(
        'checkArchive',
        { file },
        { signal: stop.signal, ends: true, onProgress: reading },
      );
      if (checked.ok) setStage({ at: 'checked', ...checked, file: file.name });
      else setStage({ at: 'refused', problem: checked.problem, file: file.name });
    } catch (error) {
      setStage(
        isStopped(error) ? { at: 'idle' } : { at: 'failed', reason: reasonOf(error), file: file.name },
      );
    }
  };
  useTaken(arrived, async ([file]) => {
    if (file) await check(file);
  });
  const bring = async (file: string) => {
    const bringing = (share: number) => setStage({ at: 'bringing', share });
    bringing(0);
    try {
      const done = await store.send('bringIn', undefined, { onProgress: bringing });
      askToKeepOnce();
      setStage({ at: 'done', ...done });
    } catch (error) {
      setStage({ at: 'failed', reason: reasonOf(error), file });
    }
  };

  return (
    <div className="grid gap-3">
      <p className="text-soft">
        It is checked to the last line before anything is written. What is here already is not doubled.
      </p>
      <FileButton
        label="Choose an archive"
        accept=".zip,application/zip"
        onFile={(file) => reported(check(file))}
      />
      {stage.at === 'reading' && (
        <div className="flex flex-wrap items-center gap-4">
          <p role="status">
            Checking every line…{' '}
            {stage.share > 0 && <span className="figures">{Math.round(stage.share * 100)} %</span>}
          </p>
          <Button onClick={() => stage.stop.abort()}>Stop</Button>
        </div>
      )}
      {stage.at === 'bringing' && (
        <p role="status">
          Writing them…{' '}
          {stage.share > 0 && <span className="figures">{Math.round(stage.share * 100)} %</span>}
        </p>
      )}
      {stage.at === 'failed' && (
        <div>
          <FieldError>{stage.reason}</FieldError>
          <p className="text-soft mt-1">{stage.file} was not brought in. Nothing was changed.</p>
        </div>
      )}
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
            {stage.added > 0
              ? `${count(stage.added, 'entry', 'entries')} would be added${stage.same > 0 ? `; ${stage.same} ${stage.same === 1 ? 'is' : 'are'} here already` : ''}.`
              : stage.gone === 0
                ? `All of its ${count(stage.same, 'entry', 'entries')} are here already.`
                : stage.same > 0 && `${count(stage.same, 'entry', 'entries')} are here already.`}
            {stage.gone > 0 &&
              ` ${count(stage.gone, 'entry', 'entries')} of what was deleted here for good ${stage.gone === 1 ? 'stays' : 'stay'} out.`}
            {stage.photos > 0 && ` ${count(stage.photos, 'photo')} would be added.`}
            {stage.volume &&
              ` It is archive ${stage.volume.number} of ${stage.volume.of}: the others hold ${othersHold(stage.others)}.`}
            {stage.newer > 0 &&
              ` ${count(stage.newer, 'entry was', 'entries were')} written by a newer Yardline: kept as they are, not read here.`}
          </p>
          {stage.holds && <Lines of={holdsLines(stage.holds)} />}
          {stage.strange && <p>It shares no rig with yours.</p>}
          <div className="flex gap-2.5">
            {(stage.added > 0 || stage.photos > 0) && (
              <Button look="primary" onClick={() => reported(bring(stage.file))}>
                Bring them in
              </Button>
            )}
            <Button onClick={() => setStage({ at: 'idle' })}>{stage.added > 0 ? 'Cancel' : 'Good'}</Button>
          </div>
        </div>
      )}
      {stage.at === 'done' && (
        <p role="status">
          {(stage.added > 0 || stage.photos === 0) &&
            `${count(stage.added, 'entry', 'entries')} brought in. `}
          {stage.photos > 0 && `${count(stage.photos, 'photo')} brought in.`}
        </p>
      )}
      {stage.at === 'done' && stage.missing && (
        <FieldError>
          {count(stage.missing.photos, 'photo')} of it {stage.missing.photos === 1 ? 'is' : 'are'} not here
          yet: {stage.missing.why} Bring the same archive in again for the rest.
        </FieldError>
      )}
    </div>
  );
}
