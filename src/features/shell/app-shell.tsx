'use client';

import dynamic from 'next/dynamic';
import { usePathname } from 'next/navigation';
import { useEffect, useState, type ReactNode } from 'react';
import { usePreferences } from '@/store';
import { Padded, Toasts } from '@/ui';
import { DemoLine } from './demo-line';
import { LostNote } from './lost-note';
import { Bar, Rail } from './rail';
import { useFind } from './use-find';
import { useServiceWorker } from './use-service-worker';

/** Both are fetched when they are first asked for: sheets weigh, and the find box reads the whole yard. */
const MoreSheet = dynamic(() => import('./more-sheet').then(({ MoreSheet: sheet }) => sheet), { ssr: false });
const KeepsInStep = dynamic(() => import('@/features/in-step').then(({ KeepsInStep: one }) => one), {
  ssr: false,
});
const FindBox = dynamic(() => import('@/features/find').then(({ FindBox: box }) => box), { ssr: false });

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
  const { theme, gloves, yard } = usePreferences();
  const [later, setLater] = useState(false);
  const update = useServiceWorker();
  const { over, setOver, takeTyped } = useFind();
  const find = () => setOver('find');

  // Fetched while nobody waits.
  useEffect(() => {
    const timer = setTimeout(() => {
      setLater(true);
      void import('@/features/find').catch(() => undefined);
    }, 2500);
    return () => clearTimeout(timer);
  }, []);

  useEffect(() => {
    const root = document.documentElement;
    if (theme === 'auto') delete root.dataset['theme'];
    else root.dataset['theme'] = theme;
  }, [theme]);

  return (
    <Padded asked={gloves}>
      <div className="flex min-h-dvh flex-col md:flex-row">
        <a
          href="#main"
          className="bg-accent text-accent-ink fixed -top-20 left-2 z-50 rounded-sheet px-4 py-3 focus:top-2"
        >
          Skip to the page
        </a>
        <Rail path={path} onFind={find} />
        <Bar path={path} onMore={() => setOver('more')} />
        <div className="flex min-w-0 flex-1 flex-col pb-[calc(var(--bar)+env(safe-area-inset-bottom))] md:pb-0">
          <div className="contents print:hidden">
            <DemoLine />
          </div>
          {update && <UpdateNote apply={update} />}
          <LostNote />
          <main id="main" className="flex flex-1 flex-col">
            {children}
          </main>
        </div>
        {over === 'more' && <MoreSheet path={path} onFind={find} onClose={() => setOver(undefined)} />}
        {over === 'find' && <FindBox takeTyped={takeTyped} onClose={() => setOver(undefined)} />}
        {/* The demo is nobody's record: it meets no other device. */}
        {later && yard === 'own' && <KeepsInStep />}
        <Toasts />
      </div>
    </Padded>
  );
}
