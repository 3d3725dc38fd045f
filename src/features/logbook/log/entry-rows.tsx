'use client';

import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import type { Rigs } from '@/features/rigs';
import type { LogPage, Told } from '@/keeper/reads';
import { usePreferences } from '@/store';
import { dayOfMonth, entryWords, KIND_OF_ENTRY, month, partNamer, shortWeekday } from '@/text';
import { cx } from '@/ui';
import { titlesOf } from './titles';

type Ready = Extract<Rigs, { status: 'ready' }>;

/** A row of the Logbook: the name of a month, or an entry of it. */
type Line =
  | { readonly kind: 'month'; readonly month: string }
  | { readonly kind: 'entry'; readonly month: string; readonly told: Told };

/** What a line is taken to be high until it has been seen (px). */
const HIGH = { month: 62, entry: 78 };
/** Lines kept ready above and below what is in sight. */
const BESIDE = 8;

function linesOf(told: readonly Told[]): readonly Line[] {
  return told.flatMap((one, i): Line[] => {
    const name = month(one.entry.happened);
    const before = told[i - 1];
    const entry: Line = { kind: 'entry', month: name, told: one };
    return before && month(before.entry.happened) === name
      ? [entry]
      : [{ kind: 'month', month: name }, entry];
  });
}

function Row({
  told,
  others,
  ready,
  name,
  index,
  measure,
  onOpen,
}: {
  told: Told;
  others: LogPage['others'];
  ready: Ready;
  name: string | undefined;
  index: number;
  measure: (row: Element | null) => void;
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
    <li ref={measure} data-index={index} className="border-line border-b">
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

/** The entries of the Logbook by month; only those in sight and a few beside them are drawn, however many there are. */
export function EntryRows({
  page,
  ready,
  names,
  onOpen,
}: {
  page: LogPage;
  ready: Ready;
  /** Names of the rigs by id, where more than one is shown. */
  names: ReadonlyMap<string, string> | undefined;
  onOpen: (id: string) => void;
}) {
  const lines = useMemo(() => linesOf(page.told), [page.told]);
  const box = useRef<HTMLDivElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => {
    const placed = () => {
      if (box.current) setTop(box.current.getBoundingClientRect().top + window.scrollY);
    };
    placed();
    const watch = new ResizeObserver(placed);
    watch.observe(document.body);
    return () => watch.disconnect();
  }, []);
  const rows = useWindowVirtualizer({
    count: lines.length,
    estimateSize: (i) => HIGH[lines[i]?.kind ?? 'entry'],
    overscan: BESIDE,
    scrollMargin: top,
    getItemKey: (i) => {
      const line = lines[i];
      return line?.kind === 'entry' ? line.told.entry.id : `${line?.month ?? ''}`;
    },
  });
  const shown = rows.getVirtualItems();
  const above = (shown[0]?.start ?? top) - top;
  const below = rows.getTotalSize() - ((shown.at(-1)?.end ?? top) - top);
  const months = new Map<string, { readonly index: number; readonly line: Line }[]>();
  for (const { index } of shown) {
    const line = lines[index];
    if (line) months.set(line.month, [...(months.get(line.month) ?? []), { index, line }]);
  }
  return (
    <div ref={box} style={{ paddingTop: above, paddingBottom: Math.max(0, below) }}>
      {[...months].map(([name, of]) => (
        <section key={name} aria-label={name}>
          {of.map(
            ({ index, line }) =>
              line.kind === 'month' && (
                <div key="month" ref={rows.measureElement} data-index={index} className="pt-3 md:pt-6">
                  <h2 className="border-ink border-b-2 pb-1.5 text-xl">{name}</h2>
                </div>
              ),
          )}
          <ul>
            {of.map(
              ({ index, line }) =>
                line.kind === 'entry' && (
                  <Row
                    key={line.told.entry.id}
                    told={line.told}
                    others={page.others}
                    ready={ready}
                    name={names?.get(line.told.entry.rig)}
                    index={index}
                    measure={rows.measureElement}
                    onOpen={() => onOpen(line.told.entry.id)}
                  />
                ),
            )}
          </ul>
        </section>
      ))}
    </div>
  );
}
