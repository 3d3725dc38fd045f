'use client';

import { useState, type ReactNode } from 'react';
import { useYard } from '@/store';
import { shutWords } from '@/text';
import { Button, FieldError, Mark, saveFile, reported } from '@/ui';

/** While the log is being read. */
export function Loading() {
  return (
    <p role="status" className="text-soft p-8 text-lg">
      Reading the log…
    </p>
  );
}

/** Saves the log as it lies on disk, read or not: what a later version, or somebody who can, may still read. */
export function SaveRaw() {
  const { store } = useYard();
  const [problem, setProblem] = useState<string>();
  const save = () =>
    store.send('raw', undefined).then(
      (text) => saveFile(new TextEncoder().encode(text), 'application/x-ndjson', 'yardline-raw.ndjson'),
      (error: unknown) => setProblem(error instanceof Error ? error.message : String(error)),
    );
  return (
    <div className="grid gap-2">
      <div>
        <Button onClick={() => reported(save())}>Save the raw log</Button>
      </div>
      {problem && <FieldError>It could not be saved: {problem}</FieldError>}
    </div>
  );
}

/** When the log cannot be read: what happened, and what is safe to do. */
export function Failed({ reason }: { reason: string }) {
  const { title, what } = shutWords(reason);
  return (
    <div role="alert" className="flex max-w-2xl gap-4 p-8">
      <Mark mark="stop" size={48} />
      <div className="min-w-0">
        <h1 className="text-3xl">{title}</h1>
        <p className="mt-2">{what}</p>
        <p className="text-soft mt-2 text-[0.92rem] wrap-anywhere">{reason}</p>
        <div className="mt-4 flex flex-wrap items-start gap-2.5">
          <Button look="primary" onClick={() => location.reload()}>
            Reload
          </Button>
          <SaveRaw />
        </div>
      </div>
    </div>
  );
}

/** A heading with a rule below, as a list begins with. */
export function Ruled({ children, aside }: { children: ReactNode; aside?: ReactNode }) {
  return (
    <div className="border-ink flex items-baseline justify-between gap-4 border-b-2 pb-2">
      <h2 className="text-xl">{children}</h2>
      {aside && <span className="text-soft text-[0.94rem]">{aside}</span>}
    </div>
  );
}
