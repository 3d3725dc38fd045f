'use client';

import dynamic from 'next/dynamic';
import { useSyncExternalStore, type ReactNode } from 'react';
import { PadContext } from './pad-context';

const NumberPad = dynamic(() => import('./number-pad'), { ssr: false });

const GLASS = '(pointer: coarse)';

function follow(listener: () => void): () => void {
  const query = matchMedia(GLASS);
  query.addEventListener('change', listener);
  return () => query.removeEventListener('change', listener);
}

/** Gives what is inside our own pad for figures: always on glass, elsewhere where `asked`. */
export function Padded({ asked, children }: { asked: boolean; children: ReactNode }) {
  const glass = useSyncExternalStore(
    follow,
    () => matchMedia(GLASS).matches,
    () => false,
  );
  const on = asked || glass;
  return (
    <PadContext value={on}>
      {children}
      {on && <NumberPad />}
    </PadContext>
  );
}
