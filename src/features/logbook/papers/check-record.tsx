import { useId, useState } from 'react';
import { useYard } from '@/store';
import { archiveWords } from '@/text';
import { Field, FieldError, reported } from '@/ui';

type Stage =
  | { readonly at: 'idle' | 'reading' }
  | { readonly at: 'wrong'; readonly reason: string }
  | { readonly at: 'told'; readonly rig: string | undefined };

/** A printed record held against an archive: whether it was made of that log. */
export function CheckRecord() {
  const { store } = useYard();
  const id = useId();
  const [sum, setSum] = useState('');
  const [count, setCount] = useState('');
  const [stage, setStage] = useState<Stage>({ at: 'idle' });
  const entries = Number(count);
  const typed = sum.replace(/[^0-9a-f]/gi, '').length === 20 && Number.isInteger(entries) && entries > 0;
  const check = async (file: File | undefined) => {
    if (!file) return;
    if (!typed)
      return setStage({
        at: 'wrong',
        reason: 'First the fingerprint, five groups of four, and the number of entries behind it.',
      });
    setStage({ at: 'reading' });
    try {
      const told = await store.send('checkRecord', {
        bytes: new Uint8Array(await file.arrayBuffer()),
        printed: { sum, count: entries },
      });
      setStage(told.ok ? { at: 'told', rig: told.rig } : { at: 'wrong', reason: archiveWords(told.problem) });
    } catch (error) {
      setStage({ at: 'wrong', reason: error instanceof Error ? error.message : String(error) });
    }
  };
  return (
    <details className="border-line rounded-sheet border">
      <summary className="min-h-12 cursor-pointer px-4 py-3 font-semibold">
        Check a printed record against an archive
      </summary>
      <div className="grid gap-3 px-4 pb-4">
        <div className="grid gap-3 sm:grid-cols-[minmax(0,1fr)_9rem]">
          <Field
            label="Fingerprint, from its foot"
            maxLength={40}
            value={sum}
            onChange={(event) => setSum(event.target.value)}
          />
          <Field
            label="Entries"
            inputMode="numeric"
            value={count}
            onChange={(event) => setCount(event.target.value)}
          />
        </div>
        <div>
          <label
            htmlFor={id}
            className="border-ink bg-sheet hover:bg-accent-wash inline-flex min-h-11 items-center rounded-sheet border-[1.5px] px-4 font-semibold focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-accent"
          >
            Choose the archive
            <input
              id={id}
              type="file"
              accept=".zip,application/zip"
              className="sr-only"
              onChange={(event) => {
                reported(check(event.target.files?.[0]));
                event.target.value = '';
              }}
            />
          </label>
        </div>
        <div role="status">
          {stage.at === 'reading' && <p>Reading every line…</p>}
          {stage.at === 'wrong' && <FieldError>{stage.reason}</FieldError>}
          {stage.at === 'told' &&
            (stage.rig === undefined ? (
              <p className="text-stop font-semibold">
                It was not made of this archive, or something in one of them is not as it was.
              </p>
            ) : (
              <p className="text-clear font-semibold">
                It is the record of {stage.rig} in this archive, entry by entry.
              </p>
            ))}
        </div>
      </div>
    </details>
  );
}
