'use client';

import { useRef, useState } from 'react';
import { cardEntries } from '@/core/record';
import { type Instant, parseNumber, markOfVerdict } from '@/core/base';
import type { RigState } from '@/core/log';
import { SHELF_GRADES, type ShelfGrade } from '@/core/rig';
import { findingHref, Named } from '@/features/rigs';
import { contradictionsIn } from '@/core/judge';
import { isLook } from '@/core/rules';
import { finishRun, placesOnCard, type Run } from '@/core/routine';
import * as z from 'zod/mini';
import { useLeadOn } from '@/features/forms';
import { to } from '@/links';
import { askToKeepOnce, newId, usePreferences, useYard, type DraftDef } from '@/store';
import {
  contradictionWords,
  jobsTitle,
  list,
  measure,
  placeName,
  unstoredWords,
  workWords,
  VERDICT_WORDS,
  findingWords,
} from '@/text';
import { Button, Field, FieldError, Mark, say, TextArea, reported, Select } from '@/ui';
import { FromShelf } from './from-shelf';
import { chapterDraftKey, stepDraftKey } from './inputs';
import { OldBearings } from './old-bearings';
import { useTypedDraft } from './use-typed';

/** What is added at the end, before it is logged. */
interface Kept {
  readonly cost: string;
  readonly currency: string;
  readonly note: string;
  /** What put right a finding that forbade towing. */
  readonly fixed: string;
  /** Parts that came off the shelf, by what they were for. */
  readonly shelf: Readonly<Record<string, string>>;
  /** Old bearings that are kept as spares, so good. */
  readonly spares: Readonly<Record<string, ShelfGrade>>;
}

/** How what is half told at the end of a card lies on this device. */
const CLOSE_DRAFT: DraftDef<Kept> = {
  version: 1,
  schema: z.object({
    cost: z.string(),
    currency: z.string(),
    note: z.string(),
    fixed: z.catch(z.string(), ''),
    shelf: z.catch(z.record(z.string(), z.string()), {}),
    spares: z.catch(z.record(z.string(), z.enum(SHELF_GRADES)), {}),
  }),
};

const NOTHING_KEPT: Omit<Kept, 'currency'> = { cost: '', note: '', fixed: '', shelf: {}, spares: {} };

const CURRENCIES = ['USD', 'EUR', 'CAD', 'GBP', 'AUD', 'NZD', 'CHF', 'SEK', 'NOK', 'DKK'];

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
  const leadOn = useLeadOn();
  const [busy, setBusy] = useState(false);
  const [tried, setTried] = useState(false);
  const box = useRef<HTMLDivElement>(null);
  const [cured, setCured] = useState<readonly string[]>([]);
  const draftKey = `bench close ${run.id}`;
  const { value: kept, change } = useTypedDraft(CLOSE_DRAFT, draftKey, {
    ...NOTHING_KEPT,
    currency: units === 'us' ? 'USD' : 'EUR',
  });
  const outcome = finishRun(run, now, rig);
  if (!outcome.ok) return null;
  const { work, findings } = outcome.value;
  const odd = work ? contradictionsIn(work.conditions, work.readings) : [];
  const places = placesOnCard(run.card);
  // Looking at it again puts nothing right.
  const mends = run.card.jobs.some(({ routine }) => !isLook(routine));
  const all = Object.values(rig?.findings ?? {});
  const byWork = all.filter(({ id }) => outcome.value.cured.includes(id));
  const settled = [...outcome.value.cured, ...outcome.value.clear.map(({ id }) => id)];
  const older = mends ? all.filter(({ id, place }) => places.includes(place) && !settled.includes(id)) : [];
  const stops = older.some(({ id, verdict }) => verdict === 'stop' && cured.includes(id));
  const unsaid = stops && kept.fixed.trim() === '';
  const amount = kept.cost.trim() === '' ? undefined : parseNumber(kept.cost);
  const costWrong = amount !== undefined && (!amount.ok || amount.value < 0 || amount.value > 1e7);

  const close = async () => {
    setTried(true);
    if (costWrong || unsaid) {
      // What is missing may lie far above the button.
      requestAnimationFrame(() => box.current?.querySelector<HTMLElement>('[aria-invalid]')?.focus());
      return;
    }
    setBusy(true);
    const at = store.clock.now();
    const note = kept.note.trim();
    const drafts = cardEntries({
      run,
      rig,
      outcome: outcome.value,
      at,
      newId,
      more: {
        ...(amount?.ok && { cost: { amount: amount.value, currency: kept.currency } }),
        ...(note !== '' && { note }),
      },
      cured,
      fromShelf: kept.shelf,
      kept: kept.spares,
      how: stops ? kept.fixed.trim() : '',
    });
    try {
      await store.send('closeRun', {
        id: run.id,
        rig: run.rig,
        drafts,
        now: at,
        forms: [stepDraftKey(run.id), chapterDraftKey(run.id), draftKey],
      });
    } catch (error) {
      setBusy(false);
      say(unstoredWords(error));
      return;
    }
    askToKeepOnce();
    leadOn(to('yard', run.rig));
  };

  const told = workWords(work, units);
  return (
    <div ref={box} className="flex min-w-0 flex-1 flex-col">
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
        {odd.length > 0 && (
          <section aria-label="Two things that cannot both be true" className="grid max-w-3xl gap-2">
            {odd.map((one) => (
              <FieldError key={contradictionWords(one, units)}>{contradictionWords(one, units)}</FieldError>
            ))}
            <p className="text-soft">Go back and look again, or log both as they are: it is your record.</p>
          </section>
        )}
        {findings.length > 0 && (
          <section className="max-w-3xl">
            <h2 className="text-xl">Findings that open now</h2>
            <ul className="mt-2 grid gap-2">
              {findings.map((finding, i) => (
                <li key={i} className="flex gap-2.5">
                  <Mark mark={markOfVerdict(finding.verdict)} size={22} />
                  <span>
                    <strong>{VERDICT_WORDS[finding.verdict]}</strong>,{' '}
                    {finding.place === 'rig' ? 'the rig' : placeName(finding.place)}:{' '}
                    {findingWords(finding, units)}
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
        {(byWork.length > 0 || outcome.value.clear.length > 0) && (
          <section className="max-w-3xl">
            <h2 className="text-xl">Closed by this card</h2>
            <ul className="mt-2 grid gap-2">
              {byWork.map((finding) => (
                <li key={finding.id} className="flex gap-2.5">
                  <Mark mark="clear" size={22} />
                  <span>
                    <Named href={findingHref(run.rig, finding.id)}>
                      {finding.place === 'rig' ? '' : `${placeName(finding.place)}: `}
                      {findingWords(finding, units)}
                    </Named>
                  </span>
                </li>
              ))}
              {outcome.value.clear.map((finding) => (
                <li key={finding.id} className="flex gap-2.5">
                  <Mark mark="clear" size={22} />
                  <span>
                    <Named href={findingHref(run.rig, finding.id)}>
                      {finding.place === 'rig' ? '' : `${placeName(finding.place)}: `}
                      {findingWords(finding, units)}
                    </Named>
                    ; rechecked, clear
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
        {older.length > 0 && (
          <section className="max-w-3xl">
            <h2 className="text-xl">Was this put right as well?</h2>
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
                {finding.place === 'rig' ? '' : `${placeName(finding.place)}: `}
                {findingWords(finding, units)}
              </label>
            ))}
            {stops && (
              <div className="mt-2">
                <TextArea
                  label="The part replaced, or the shop that did it"
                  maxLength={200}
                  rows={2}
                  value={kept.fixed}
                  onChange={(event) => change({ fixed: event.target.value })}
                  error={
                    tried && unsaid ? 'It forbade towing: say what was replaced, or who did it.' : undefined
                  }
                />
              </div>
            )}
          </section>
        )}
        <FromShelf
          outcome={outcome.value}
          rig={rig}
          chosen={kept.shelf}
          onChoose={(shelf) => change({ shelf })}
        />
        <OldBearings outcome={outcome.value} kept={kept.spares} onKeep={(spares) => change({ spares })} />
        <section className="grid max-w-3xl gap-4 sm:grid-cols-[1fr_8rem]">
          <Field
            label="What it cost, if you track it"
            inputMode="decimal"
            maxLength={12}
            value={kept.cost}
            onChange={(event) => change({ cost: event.target.value })}
            error={costWrong ? 'Enter an amount, such as 42.50.' : undefined}
          />
          <Select label="Currency" value={kept.currency} onChange={(currency) => change({ currency })}>
            {CURRENCIES.map((currency) => (
              <option key={currency}>{currency}</option>
            ))}
          </Select>
          <div className="sm:col-span-2">
            <TextArea
              label="Anything else worth knowing next time"
              maxLength={1000}
              value={kept.note}
              onChange={(event) => change({ note: event.target.value })}
            />
          </div>
        </section>
        <p className="max-w-3xl text-lg">
          {jobsTitle(run.card.jobs)}: the count restarts today.
          {work.refits.length > 0 &&
            ` Lug rechecks of ${list(work.refits.map(({ place }) => place))} open at ${list(run.card.rechecks.map((limit) => measure(limit, 'distance', units)))} from this refit.`}
        </p>
      </div>
      <footer className="bg-paper border-line sticky bottom-[calc(var(--bar)+env(safe-area-inset-bottom))] flex flex-wrap gap-2.5 border-t px-4 py-3 md:bottom-0 md:px-8">
        {tried && (costWrong || unsaid) && (
          <div className="w-full">
            <FieldError>
              {unsaid
                ? 'Not logged yet: say what was replaced, or who did it.'
                : 'Not logged yet: the cost is no amount.'}
            </FieldError>
          </div>
        )}
        <Button
          look="primary"
          size="lg"
          className="flex-1 text-xl"
          disabled={busy}
          onClick={() => reported(close())}
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
