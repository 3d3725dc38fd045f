'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { useEffect, type ReactNode } from 'react';
import { setPreferences, usePreferences } from '@/store';
import { cx, Toasts } from '@/ui';
import { LostNote } from './lost-note';
import { PLACES } from './places';
import { useServiceWorker } from './use-service-worker';

function DemoRibbon() {
  const { yard } = usePreferences();
  if (yard !== 'demo') return null;
  return (
    <aside
      aria-label="Demo"
      className="bg-rail-mark flex flex-wrap items-center justify-center gap-x-4 px-4 py-1 text-center text-[0.94rem] font-medium text-black"
    >
      Demo yard. Nothing here is yours.
      <button
        type="button"
        className="min-h-8 font-semibold underline underline-offset-4"
        onClick={() => setPreferences({ yard: 'own' })}
      >
        My own yard
      </button>
    </aside>
  );
}

function UpdateNote({ apply }: { apply: () => void }) {
  return (
    <p
      role="status"
      className="bg-accent-wash border-accent flex flex-wrap items-center justify-center gap-x-4 border-b px-4 py-1 text-[0.94rem]"
    >
      A new version is ready. Work in hand is kept.
      <button type="button" className="min-h-8 font-semibold underline underline-offset-4" onClick={apply}>
        Use it now
      </button>
    </p>
  );
}

/** The frame around every place: a rail on a desk, a bar at the thumb on a phone. */
export function AppShell({ children }: { children: ReactNode }) {
  const path = usePathname();
  const { theme } = usePreferences();
  const update = useServiceWorker();

  useEffect(() => {
    const root = document.documentElement;
    if (theme === 'auto') delete root.dataset['theme'];
    else root.dataset['theme'] = theme;
  }, [theme]);

  return (
    <div className="flex min-h-dvh flex-col md:flex-row">
      <a
        href="#main"
        className="bg-accent text-accent-ink fixed -top-20 left-2 z-50 rounded-sheet px-4 py-3 focus:top-2"
      >
        Skip to the page
      </a>
      <nav
        aria-label="Places"
        className="bg-rail text-rail-ink print:hidden fixed inset-x-0 bottom-0 z-30 flex pb-[env(safe-area-inset-bottom)] md:sticky md:inset-auto md:top-0 md:h-dvh md:w-34 md:shrink-0 md:flex-col md:gap-1 md:pt-5"
      >
        <span className="figures hidden px-4 pb-4 text-lg font-semibold md:block">Yardline</span>
        {PLACES.map(({ href, word, icon: Icon, also = [] }) => {
          const here = path === href || also.includes(path);
          return (
            <Link
              key={href}
              href={href}
              prefetch={false}
              aria-current={here ? 'page' : undefined}
              className={cx(
                'flex h-[var(--bar)] flex-1 flex-col items-center justify-center gap-0.5 border-t-[3px] text-[0.88rem] md:h-12 md:flex-none md:flex-row md:justify-start md:gap-2.5 md:border-t-0 md:border-l-4 md:px-3 md:text-base',
                'outline-offset-[-4px] focus-visible:outline-rail-mark',
                here
                  ? 'border-rail-mark font-semibold md:bg-white/10'
                  : 'text-rail-soft hover:text-rail-ink border-transparent',
                href === '/keep' && 'md:mt-auto md:mb-3',
              )}
            >
              <Icon aria-hidden size={18} strokeWidth={1.8} className="shrink-0" />
              {word}
            </Link>
          );
        })}
      </nav>
      <div className="flex min-w-0 flex-1 flex-col pb-[calc(var(--bar)+env(safe-area-inset-bottom))] md:pb-0">
        <div className="contents print:hidden">
          <DemoRibbon />
        </div>
        {update && <UpdateNote apply={update} />}
        <LostNote />
        <main id="main" className="flex flex-1 flex-col">
          {children}
        </main>
      </div>
      <Toasts />
    </div>
  );
}
