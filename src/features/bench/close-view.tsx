'use client';

import { isWheelEnd } from '@/core/rig';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { Instant } from '@/core/base';
import { makeEntry, type Entry, type RigState } from '@/core/log';
import { finishRun, type Run } from '@/core/routine';
import { askToKeepOnce, newId, usePreferences, useYard } from '@/store';
import { entryWords, list, measure, raisedWords, unstoredWords, VERDICT_WORDS } from '@/text';
import { Button, Mark, markOf, say } from '@/ui';

/** The card is through: what goes on the log, what it found, and which older findings it cured. */
export function CloseView({
  run,
  rig,
  now,
  onBack,
}: {
  run: Run;
  rig: RigState | undefined;
  now: Instant;
  onBack: () => void;
}) {
  const { units } = usePreferences();
  const { store } = useYard();
  const router = useRouter();
  const [busy, setBusy] = useState(false);
  const [cured, setCured] = useState<readonly string[]>([]);
  const outcome = finishRun(run, now);
  if (!outcome.ok) return null;
  const { work, findings } = outcome.value;
  const places = run.card.jobs.map((job) => job.place);
  const older = Object.values(rig?.findings ?? {}).filter(
    ({ place }) => isWheelEnd(place) && places.includes(place),
  );

  const close = async () => {
    setBusy(true);
    const at = store.clock.now();
    const stamp = () => ({ id: newId(), rig: run.rig, happened: at, recorded: at });
    const entries: Entry[] = [
      makeEntry('work', stamp(), work),
      ...findings.map((finding) =>
        makeEntry('finding.opened', stamp(), {
          place: finding.place,
          verdict: finding.verdict,
          text: raisedWords(finding, units),
        }),
      ),
      ...cured.map((finding) =>
        makeEntry('finding.closed', stamp(), { finding, how: `repacked ${list(places)}` }),
      ),
    ];
    try {
      await store.closeRun(run.id, entries);
    } catch (error) {
      setBusy(false);
      say(unstoredWords(error));
      return;
    }
    await store.keepDraft(`bench ${run.id}`, undefined);
    askToKeepOnce();
    router.push(`/?rig=${run.rig}`);
  };

  const told = entryWords(
    { id: run.id, kind: 'work', v: 1, rig: run.rig, happened: now, recorded: now, body: work },
    units,
    () => undefined,
  );
  return (
    <div className="flex min-w-0 flex-1 flex-col">
      <div className="grid flex-1 content-start gap-5 px-4 py-5 md:px-8">
        <div>
          <h1 className="text-3xl md:text-[2.6rem]">Every step is through</h1>
          <p className="text-soft mt-1 text-lg">
            This goes on the log as one entry. It can be corrected later; the original stays.
          </p>
        </div>
        <section className="border-line bg-sheet max-w-3xl rounded-sheet border px-5 py-4">
          <h2 className="text-xl">{told.title}</h2>
          <ul className="mt-2 grid gap-1">
            {told.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </section>
        {findings.length > 0 && (
          <section className="max-w-3xl">
            <h2 className="text-xl">Findings that open now</h2>
            <ul className="mt-2 grid gap-2">
              {findings.map((finding, i) => (
                <li key={i} className="flex gap-2.5">
                  <Mark mark={markOf(finding.verdict)} size={22} />
                  <span>
                    <strong>{VERDICT_WORDS[finding.verdict]}</strong>, {finding.place}:{' '}
                    {raisedWords(finding, units)}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
        {older.length > 0 && (
          <section className="max-w-3xl">
            <h2 className="text-xl">Was this put right by the work?</h2>
            {older.map((finding) => (
              <label key={finding.id} className="mt-2 flex min-h-11 items-center gap-3 text-lg">
                <input
                  type="checkbox"
                  className="accent-accent size-7"
                  checked={cured.includes(finding.id)}
                  onChange={(event) =>
                    setCured(
                      event.target.checked ? [...cured, finding.id] : cured.filter((id) => id !== finding.id),
                    )
                  }
                />
                {finding.place}: {finding.text}
              </label>
            ))}
          </section>
        )}
        <p className="max-w-3xl text-lg">
          The repack of {list(places)} starts anew. Lug rechecks open at{' '}
          {list(run.card.rechecks.map((limit) => measure(limit, 'distance', units)))} from this refit.
        </p>
      </div>
      <footer className="bg-paper border-line sticky bottom-[calc(var(--bar)+env(safe-area-inset-bottom))] flex gap-2.5 border-t px-4 py-3 md:bottom-0 md:px-8">
        <Button
          look="primary"
          size="lg"
          className="flex-1 text-xl"
          disabled={busy}
          onClick={() => void close()}
        >
          Close and log it
        </Button>
        <Button size="lg" onClick={onBack}>
          Back
        </Button>
      </footer>
    </div>
  );
}
