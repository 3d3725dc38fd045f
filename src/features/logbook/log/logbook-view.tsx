'use client';

import { useDeferredValue, useState } from 'react';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { HOUSE, LOG_GROUPS, type LogGroup } from '@/core/log';
import { Failed, Loading, useRigs, type Rigs } from '@/features/rigs';
import { groupOf } from '@/keeper/reads';
import { to } from '@/links';
import { usePreferences } from '@/store';
import { count } from '@/text';
import { Button, cx, LinkButton } from '@/ui';
import { EntryDialog } from './entry-dialog';
import { EntryRows } from './entry-rows';
import { GapNotes } from './gap-notes';
import { NoteDialog } from './note-dialog';
import { usePages } from './use-pages';

type Ready = Extract<Rigs, { status: 'ready' }>;

const GROUP_WORDS: Record<LogGroup, string> = {
  trips: 'Trips',
  work: 'Work',
  walks: 'Walks and readings',
  findings: 'Findings',
  parts: 'Parts',
  facts: 'Facts and rules',
  notes: 'Notes',
};

function Entries({ ready }: { ready: Ready }) {
  const { units } = usePreferences();
  const params = useSearchParams();
  const wanted = params.get('rig') ?? undefined;
  const [words, setWords] = useState('');
  const [open, setOpen] = useState<string>();
  const [noting, setNoting] = useState(false);
  const sought = useDeferredValue(words.trim());
  const group = groupOf(params.get('kind'));
  const place = params.get('place') ?? undefined;
  const pages = usePages({ rig: wanted, group, place, sought, units });
  const page = pages.status === 'ready' ? pages.page : undefined;
  const at = (changed: Readonly<Record<string, string | undefined>>) => {
    const { rig, ...next } = { rig: wanted, kind: group, place, ...changed };
    return to('logbook', rig, next);
  };
  const names = new Map([...ready.rigs, ...ready.retired].map(({ rig, model }) => [rig.id, model.name]));
  names.set(HOUSE, 'The house');
  const rigFor = wanted ?? ready.rigs[0]?.rig.id;

  return (
    <div className="mx-auto w-full max-w-[70rem] px-4 py-4 md:px-8 md:py-6">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1 md:items-end md:gap-y-3">
        <h1 className="text-3xl md:text-5xl">Logbook</h1>
        <p className="text-soft order-last w-full md:order-none md:w-auto md:pb-1">
          {count(ready.log.count, 'entry', 'entries')}. Nothing is ever overwritten.
        </p>
        <div className="ml-auto flex gap-2 max-md:[&>*]:px-3">
          {rigFor && <Button onClick={() => setNoting(true)}>Write a note</Button>}
          <LinkButton href={to('papers', wanted)}>Papers</LinkButton>
          <LinkButton href={to('keep', undefined)}>Archive</LinkButton>
        </div>
      </div>
      <GapNotes rigs={ready.rigs.filter(({ rig }) => wanted === undefined || rig.id === wanted)} />
      <div className="mt-2 flex flex-wrap items-center gap-x-6 gap-y-2 md:mt-4">
        <nav aria-label="Rigs" className="-ml-2 flex min-w-0 gap-1 overflow-x-auto">
          {[
            { id: undefined, name: 'All rigs' },
            ...[...ready.rigs, ...ready.retired].map(({ rig, model }) => ({ id: rig.id, name: model.name })),
          ].map(({ id, name }) => (
            <Link
              key={name}
              prefetch={false}
              href={at({ rig: id, place: undefined })}
              aria-current={id === wanted ? 'page' : undefined}
              className={cx(
                'min-h-11 shrink-0 border-b-[3px] px-2 py-2 whitespace-nowrap',
                id === wanted ? 'border-accent font-semibold' : 'text-soft hover:text-ink border-transparent',
              )}
            >
              {name}
            </Link>
          ))}
        </nav>
        <label className="flex w-full items-center gap-2 md:ml-auto md:w-auto">
          <span className="sr-only">Find in the logbook</span>
          <input
            type="search"
            placeholder="Find words, such as seal or 2R"
            value={words}
            onChange={(event) => setWords(event.target.value)}
            className="border-soft bg-sheet min-h-11 w-full rounded-sheet md:w-64 border-[1.5px] px-3"
          />
        </label>
      </div>
      <nav aria-label="Kinds of entry" className="mt-1 -ml-1 flex gap-1.5 overflow-x-auto py-1 md:mt-3">
        {[undefined, ...LOG_GROUPS].map((one) => (
          <Link
            key={one ?? 'all'}
            prefetch={false}
            href={at({ kind: one })}
            aria-current={one === group ? 'page' : undefined}
            className={cx(
              'grid min-h-11 shrink-0 place-items-center rounded-sheet border-[1.5px] px-3.5 whitespace-nowrap',
              one === group
                ? 'border-accent bg-accent-wash font-semibold'
                : 'border-line hover:border-ink text-soft',
            )}
          >
            {one ? GROUP_WORDS[one] : 'Everything'}
          </Link>
        ))}
        {place && (
          <Link
            prefetch={false}
            href={at({ place: undefined })}
            className="border-accent bg-accent-wash grid min-h-11 shrink-0 place-items-center rounded-sheet border-[1.5px] px-3.5 font-semibold whitespace-nowrap"
          >
            Only {place}, show all
          </Link>
        )}
      </nav>
      {pages.status === 'failed' ? (
        <Failed reason={pages.reason} />
      ) : page === undefined ? (
        <Loading />
      ) : page.told.length === 0 ? (
        <p className="text-soft mt-8 max-w-xl text-lg">
          {sought === ''
            ? group || place
              ? 'Nothing of that kind is in the logbook yet.'
              : 'The log begins with the first rig that is set up.'
            : `Nothing in the logbook says “${words.trim()}”.`}
        </p>
      ) : (
        <EntryRows page={page} ready={ready} names={wanted ? undefined : names} onOpen={setOpen} />
      )}
      {pages.status === 'ready' && pages.page.more && (
        <Button className="mt-5" onClick={pages.further}>
          Earlier entries
        </Button>
      )}
      {open !== undefined && (
        <EntryDialog id={open} ready={ready} onClose={() => setOpen(undefined)} onOpen={setOpen} />
      )}
      {noting && rigFor && (
        <NoteDialog rig={rigFor} name={names.get(rigFor) ?? ''} onClose={() => setNoting(false)} />
      )}
    </div>
  );
}

/** The Logbook: what happened? */
export function LogbookView() {
  const yard = useRigs();
  const rig = useSearchParams().get('rig');
  if (yard.status === 'loading') return <Loading />;
  if (yard.status === 'failed') return <Failed reason={yard.reason} />;
  return <Entries key={rig ?? 'all'} ready={yard} />;
}
