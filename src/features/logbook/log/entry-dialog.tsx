'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import { HOUSE, type Entry, isCorrectedHere, placesOfEntry } from '@/core/log';
import { placesOf } from '@/core/rig';
import { PhotoOf, useLetGo, useWithdraw } from '@/features/forms';
import { Named, placeHref, type Rigs } from '@/features/rigs';
import type { LogPage, Told } from '@/keeper/reads';
import { to } from '@/links';
import { useAsk, usePreferences } from '@/store';
import { capital, dayAndTime, entryWords, KIND_OF_ENTRY, partNamer, placeName } from '@/text';
import { Button, Dialog, LinkButton, TextArea, reported } from '@/ui';
import { CorrectForm } from './correction/correct-form';
import { titlesOf } from './titles';

// Its words are fetched with the first figure that is opened.
const KeptFigure = dynamic(() => import('@/features/figures').then(({ KeptFigure: kept }) => kept), {
  ssr: false,
});

type Ready = Extract<Rigs, { status: 'ready' }>;

function Withdraw({ entry, onDone }: { entry: Entry; onDone: () => void }) {
  const withdraw = useWithdraw();
  const [reason, setReason] = useState('');
  return (
    <div className="border-stop mt-5 grid gap-3 border-l-4 pl-4">
      <p>
        It stops counting, and stays readable. Meters, duties and findings are worked out again without it.
      </p>
      <TextArea
        label="Why, if you like"
        maxLength={500}
        value={reason}
        onChange={(event) => setReason(event.target.value)}
      />
      <Button
        look="danger"
        size="lg"
        onClick={() =>
          reported(withdraw([entry], reason.trim() || undefined).then((done) => done && onDone()))
        }
      >
        Withdraw this entry
      </Button>
    </div>
  );
}

function Another({
  label,
  entry,
  others,
  onOpen,
}: {
  label: string;
  entry: Entry;
  others: LogPage['others'];
  onOpen: (id: string) => void;
}) {
  const { units } = usePreferences();
  const { title, lines } = entryWords(entry, units, titlesOf(others, units));
  return (
    <div className="border-line mt-5 border-t pt-3">
      <p className="text-soft">{label}</p>
      <button
        type="button"
        className="min-h-11 text-left font-semibold underline underline-offset-4"
        onClick={() => onOpen(entry.id)}
      >
        {title}
      </button>
      <p className="text-soft">
        {lines.length > 0 && `${lines.join('. ')}. `}Written down {dayAndTime(entry.recorded)}.
      </p>
    </div>
  );
}

/** The finding that an entry speaks of. */
function findingOf(entry: Entry): string | undefined {
  switch (entry.kind) {
    case 'finding.opened':
      return entry.id;
    case 'finding.seen':
    case 'finding.closed':
    case 'finding.waits':
    case 'opinion':
    case 'decision':
      return entry.body.finding;
    default:
      return undefined;
  }
}

/** The picture of a photo, and the way to let go of it for good. */
function Picture({ hash, title, ready }: { hash: string; title: string; ready: Ready }) {
  const letGo = useLetGo();
  const [sure, setSure] = useState(false);
  if (ready.state.rigs[HOUSE]?.gone.photos.includes(hash))
    return <p className="text-soft mt-4">This picture was deleted for good.</p>;
  return (
    <div className="mt-4 grid gap-3">
      <PhotoOf hash={hash} alt={title} className="border-line w-full rounded-sheet border" />
      {sure ? (
        <div className="border-stop grid gap-2 border-l-4 pl-4">
          <p>
            It leaves this device and every other one in step, and cannot be taken back. Archives you saved
            keep it; the entry stays.
          </p>
          <div className="flex flex-wrap gap-2.5">
            <Button
              look="danger"
              onClick={() => reported(letGo({ what: 'photo', hash }, 'The picture is gone'))}
            >
              Delete it for good
            </Button>
            <Button onClick={() => setSure(false)}>No, leave it</Button>
          </div>
        </div>
      ) : (
        <div>
          <Button look="quiet" className="-ml-4" onClick={() => setSure(true)}>
            Delete the picture…
          </Button>
        </div>
      )}
    </div>
  );
}

function OneEntry({
  told,
  others,
  ready,
  onClose,
  onOpen,
}: {
  told: Told;
  others: LogPage['others'];
  ready: Ready;
  onClose: () => void;
  onOpen: (id: string) => void;
}) {
  const { units } = usePreferences();
  const withdraw = useWithdraw();
  const { entry, standing, by, original } = told;
  const [mode, setMode] = useState<'read' | 'correct' | 'withdraw'>('read');
  const partOf = partNamer(ready.state, entry.rig, units);
  const { title, lines } = entryWords(entry, units, titlesOf(others, units), partOf);
  const finding = findingOf(entry);
  // A rig that is retired, and a place it no longer has, have no page to go to.
  const model = ready.rigs.find(({ rig }) => rig.id === entry.rig)?.model;
  const places = model
    ? placesOfEntry(entry).filter((place) => place === 'rig' || placesOf(model).includes(place))
    : [];
  const setup = entry.kind === 'rig.setup' || entry.kind === 'rig.changed';

  return (
    <Dialog
      open
      onClose={onClose}
      title={<span className={standing === 'counts' ? '' : 'text-soft line-through'}>{title}</span>}
      description={`${KIND_OF_ENTRY[entry.kind]}, ${dayAndTime(entry.happened)}. Written down ${dayAndTime(entry.recorded)}.`}
    >
      {standing !== 'counts' && (
        <p className="text-due mb-3 font-semibold">
          {standing === 'corrected' ? 'Corrected: the later entry counts.' : 'Withdrawn: it does not count.'}
        </p>
      )}
      {mode === 'correct' ? (
        <CorrectForm entry={entry} ready={ready} onDone={onClose} onCancel={() => setMode('read')} />
      ) : (
        <>
          {lines.length > 0 && (
            <ul className="grid gap-1.5">
              {lines.map((line) => (
                <li key={line}>{line}</li>
              ))}
            </ul>
          )}
          {places.length > 0 && (
            <p className="text-soft mt-3 flex flex-wrap gap-x-4 gap-y-1">
              {places.map((place) => (
                <Named key={place} href={placeHref(entry.rig, place)}>
                  {place === 'rig' ? 'The whole rig' : capital(placeName(place))}
                </Named>
              ))}
            </p>
          )}
          {entry.kind === 'photo' && <Picture hash={entry.body.hash} title={title} ready={ready} />}
          {finding && (
            <LinkButton className="mt-4" href={to('finding', entry.rig, { id: finding })}>
              Photos and story
            </LinkButton>
          )}
          {entry.kind === 'figure' && <KeptFigure entry={entry} />}
          {entry.kind === 'figure' && (
            <LinkButton
              className="mt-4"
              href={to('figures', entry.rig, { of: entry.body.figure, entry: entry.id })}
            >
              Open it again
            </LinkButton>
          )}
          {original && <Another label="Corrects" entry={original} others={others} onOpen={onOpen} />}
          {by && (
            <Another
              label={by.kind === 'void' ? 'Withdrawn by' : 'Corrected by'}
              entry={by}
              others={others}
              onOpen={onOpen}
            />
          )}
          {standing === 'counts' && mode === 'read' && entry.kind !== 'let.go' && (
            <div className="mt-6 flex flex-wrap gap-2.5">
              {setup ? (
                <LinkButton href={to('setup', undefined, { fix: entry.id })}>Correct</LinkButton>
              ) : (
                isCorrectedHere(entry) && <Button onClick={() => setMode('correct')}>Correct</Button>
              )}
              <Button look="danger" onClick={() => setMode('withdraw')}>
                {entry.kind === 'void' ? 'Put back what it withdrew' : 'Withdraw'}
              </Button>
            </div>
          )}
          {standing === 'withdrawn' && by?.kind === 'void' && (
            <Button
              className="mt-6"
              onClick={() => reported(withdraw([by], undefined).then((done) => done && onClose()))}
            >
              Put it back
            </Button>
          )}
          {mode === 'withdraw' && <Withdraw entry={entry} onDone={onClose} />}
        </>
      )}
    </Dialog>
  );
}

/** One entry in full: what it says, what became of it, and the ways to set it right. */
export function EntryDialog({
  id,
  ready,
  onClose,
  onOpen,
}: {
  id: string;
  ready: Ready;
  onClose: () => void;
  onOpen: (id: string) => void;
}) {
  const asked = useAsk('told', { id });
  const [told] = asked.status === 'ready' ? (asked.answer?.told ?? []) : [];
  if (asked.status !== 'ready' || !told) return null;
  return (
    <OneEntry
      key={id}
      told={told}
      others={asked.answer?.others ?? []}
      ready={ready}
      onClose={onClose}
      onOpen={onOpen}
    />
  );
}
