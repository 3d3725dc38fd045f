'use client';

import { useDeferredValue, useState } from 'react';
import Link from 'next/link';
import { useSearchParams } from 'next/navigation';
import { HOUSE, LOG_GROUPS, type LogGroup } from '@/core/log';
import { Failed, Loading, useLast, useRigs, type Rigs } from '@/features/rigs';
import { groupOf, type LogPage, type Told } from '@/keeper/reads';
import { useAsk, usePreferences } from '@/store';
import { count, entryWords, KIND_OF_ENTRY, month, partNamer, dayOfMonth, shortWeekday } from '@/text';
import { Button, cx, LinkButton } from '@/ui';
import { EntryDialog } from './entry-dialog';
import { GapNotes } from './gap-notes';
import { NoteDialog } from './note-dialog';
import { titlesOf } from './titles';

type Ready = Extract<Rigs, { status: 'ready' }>;

const PAGE = 40;

const GROUP_WORDS: Record<LogGroup, string> = {
  trips: 'Trips',
  work: 'Work',
  walks: 'Walks and readings',
  findings: 'Findings',
  parts: 'Parts',
  facts: 'Facts and rules',
  notes: 'Notes',
};

function Row({
  told,
  others,
  ready,
  name,
  onOpen,
}: {
  told: Told;
  others: LogPage['others'];
  ready: Ready;
  name: string | undefined;
  onOpen: () => void;
}) {
  const { units } = usePreferences();
  const { entry, standing, original } = told;
  const { title, lines } = entryWords(
    entry,
    units,
    titlesOf(others, units),
    partNamer(ready.state, entry.rig, units),
  );
  const gone = standing !== 'counts';
  return (
    // What is out of sight is laid out once it comes near: a long log stays light.
    <li className="border-line border-b [contain-intrinsic-size:auto_4.5rem] [content-visibility:auto]">
      <button
        type="button"
        onClick={onOpen}
        className="hover:bg-accent-wash/60 grid w-full grid-cols-[3.2rem_minmax(0,1fr)] gap-x-3 px-1 py-3 text-left md:grid-cols-[4.2rem_6.5rem_minmax(0,1fr)_8rem]"
      >
        <span className="figures text-xl font-semibold">
          {dayOfMonth(entry.happened)}
          <span className="text-soft ml-1 text-[0.88rem] font-medium">{shortWeekday(entry.happened)}</span>
        </span>
        <span className="text-soft hidden md:block">{KIND_OF_ENTRY[entry.kind]}</span>
        <span className="min-w-0">
          <span className={cx('font-semibold', gone && 'text-soft line-through')}>{title}</span>
          {gone && <span className="text-due ml-2 font-medium no-underline">{standing}</span>}
          {original && !gone && <span className="text-soft ml-2">corrected entry</span>}
          {!gone && lines.length > 0 && (
            <span className="text-soft mt-0.5 line-clamp-2 text-[0.94rem]">{lines.join('. ')}</span>
          )}
        </span>
        <span className="text-soft col-start-2 md:col-start-auto md:text-right">{name}</span>
      </button>
    </li>
  );
}

function Entries({ ready }: { ready: Ready }) {
  const { units } = usePreferences();
  const params = useSearchParams();
  const wanted = params.get('rig') ?? undefined;
  const [most, setMost] = useState(PAGE);
  const [words, setWords] = useState('');
  const [open, setOpen] = useState<string>();
  const [noting, setNoting] = useState(false);
  const sought = useDeferredValue(words.trim());
  const group = groupOf(params.get('kind'));
  const place = params.get('place') ?? undefined;
  const ask = { rig: wanted, group, place, sought, units, most };
  const paged = useAsk('page', sought === '' ? ask : undefined);
  const found = useAsk('search', sought === '' ? undefined : ask);
  const asked = sought === '' ? paged : found;
  const page = useLast(asked.status === 'ready' ? asked.answer : undefined);
  const at = (changed: Readonly<Record<string, string | undefined>>) => {
    const next = { rig: wanted, kind: group, place, ...changed };
    const query = Object.entries(next).flatMap(([key, value]) => (value ? [`${key}=${value}`] : []));
    return query.length > 0 ? `/logbook?${query.join('&')}` : '/logbook';
  };
  const names = new Map([...ready.rigs, ...ready.retired].map(({ rig, model }) => [rig.id, model.name]));
  names.set(HOUSE, 'The house');
  const months = new Map<string, Told[]>();
  for (const told of page?.told ?? []) {
    const key = month(told.entry.happened);
    months.set(key, [...(months.get(key) ?? []), told]);
  }
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
          <LinkButton href="/papers">Papers</LinkButton>
          <LinkButton href="/keep">Archive</LinkButton>
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
      {asked.status === 'failed' ? (
        <Failed reason={asked.reason} />
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
        [...months].map(([name, entries]) => (
          <section key={name} className="mt-3 md:mt-6">
            <h2 className="border-ink border-b-2 pb-1.5 text-xl">{name}</h2>
            <ul>
              {entries.map((told) => (
                <Row
                  key={told.entry.id}
                  told={told}
                  others={page.others}
                  ready={ready}
                  name={wanted ? undefined : names.get(told.entry.rig)}
                  onOpen={() => setOpen(told.entry.id)}
                />
              ))}
            </ul>
          </section>
        ))
      )}
      {page?.more && (
        <Button className="mt-5" onClick={() => setMost(most + PAGE)}>
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
