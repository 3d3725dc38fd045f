'use client';

import { Ellipsis, Search } from 'lucide-react';
import Link from 'next/link';
import { cx } from '@/ui';
import { BAR, BEHIND, FOOT, isHere, MORE, TROUBLE, WORK, type Place } from './places';

const FOCUS = 'outline-offset-[-4px] focus-visible:outline-rail-mark';

function RailLink({ place, path, quiet = false }: { place: Place; path: string; quiet?: boolean }) {
  const { href, word, icon: Icon } = place;
  const here = isHere(place, path);
  return (
    <Link
      href={href}
      prefetch={false}
      aria-current={here ? 'page' : undefined}
      className={cx(
        'flex items-center gap-2.5 border-l-4 px-3',
        quiet ? 'min-h-11 text-[0.94rem]' : 'min-h-12',
        FOCUS,
        here
          ? 'border-rail-mark bg-white/10 font-semibold'
          : 'text-rail-soft hover:text-rail-ink border-transparent',
      )}
    >
      <Icon aria-hidden size={18} strokeWidth={1.8} className="shrink-0" />
      <span className="leading-tight">{word}</span>
    </Link>
  );
}

/** The rail of a desk: the places of the work, below them what it draws on, backup and settings at the foot. */
export function Rail({ path, onFind }: { path: string; onFind: () => void }) {
  return (
    <nav
      aria-label="Places"
      className="bg-rail text-rail-ink sticky top-0 hidden h-dvh w-36 shrink-0 flex-col gap-1 overflow-y-auto pt-5 pb-3 md:flex print:hidden"
    >
      <span className="figures px-4 pb-3 text-lg font-semibold">Yardline</span>
      <button
        type="button"
        onClick={onFind}
        className={cx(
          'border-rail-soft text-rail-soft hover:text-rail-ink mx-3 mb-3 flex min-h-11 items-center gap-2 rounded-sheet border px-2.5 text-[0.94rem]',
          FOCUS,
        )}
      >
        <Search aria-hidden size={17} /> Find
        <kbd className="font-words ml-auto text-[0.82rem]">Ctrl K</kbd>
      </button>
      {WORK.map((place) => (
        <RailLink key={place.href} place={place} path={path} />
      ))}
      <hr className="border-rail-soft/40 mx-3 my-2" />
      {BEHIND.map((place) => (
        <RailLink key={place.href} place={place} path={path} quiet />
      ))}
      <div className="mt-auto pt-4">
        <RailLink place={TROUBLE} path={path} />
        <RailLink place={FOOT} path={path} quiet />
      </div>
    </nav>
  );
}

/** The bar at the thumb: four places and the rest behind one. */
export function Bar({ path, onMore }: { path: string; onMore: () => void }) {
  const beyond = MORE.some((place) => isHere(place, path));
  const look = (here: boolean) =>
    cx(
      'flex h-[var(--bar)] flex-1 flex-col items-center justify-center gap-0.5 border-t-[3px] text-[0.88rem]',
      FOCUS,
      here ? 'border-rail-mark font-semibold' : 'text-rail-soft border-transparent',
    );
  return (
    <nav
      aria-label="Places"
      className="bg-rail text-rail-ink fixed inset-x-0 bottom-0 z-30 flex pb-[env(safe-area-inset-bottom)] md:hidden print:hidden"
    >
      {BAR.map((place) => {
        const { href, word, icon: Icon } = place;
        const here = isHere(place, path);
        return (
          <Link
            key={href}
            href={href}
            prefetch={false}
            aria-current={here ? 'page' : undefined}
            className={look(here)}
          >
            <Icon aria-hidden size={18} strokeWidth={1.8} />
            {word}
          </Link>
        );
      })}
      <button type="button" onClick={onMore} aria-haspopup="dialog" className={look(beyond)}>
        <Ellipsis aria-hidden size={18} strokeWidth={1.8} />
        More
      </button>
    </nav>
  );
}
