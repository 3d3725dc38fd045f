import { useState } from 'react';
import { useYard } from '@/store';
import { archiveWords } from '@/text';
import { Field, FieldError, FileButton, reported } from '@/ui';

type Stage =
  | { readonly at: 'idle' | 'reading' }
  | { readonly at: 'wrong'; readonly reason: string }
  | { readonly at: 'told'; readonly rig: string | undefined };

/** A printed record held against an archive: whether it was made of that log. */
export function CheckRecord() {
  const { store } = useYard();
  const [sum, setSum] = useState('');
  const [count, setCount] = useState('');
  const [stage, setStage] = useState<Stage>({ at: 'idle' });
  const entries = Number(count);
  const typed = sum.replace(/[^0-9a-f]/gi, '').length === 20 && Number.isInteger(entries) && entries > 0;
  const check = async (file: File) => {
    if (!typed)
      return setStage({
        at: 'wrong',
        reason: 'First the fingerprint, five groups of four, and the number of entries behind it.',
      });
    setStage({ at: 'reading' });
    try {
      const told = await store.send('checkRecord', {
        file,
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
        <FileButton
          label="Choose the archive"
          accept=".zip,application/zip"
          onFile={(file) => reported(check(file))}
        />
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
