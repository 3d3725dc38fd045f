'use client';

import { useEffect } from 'react';
import { useYard } from '@/store';
import { reported } from '@/ui';
import { meet } from './meet';

/** What is told within so long (ms) goes into one file. */
const GATHER = 4000;

/** Meets the other devices while the application is open: once it is, whenever something was told, and when one comes back to it. */
export function KeepsInStep() {
  const { store, snapshot } = useYard();
  const rev = snapshot.status === 'ready' ? snapshot.log.rev : undefined;
  useEffect(() => {
    if (rev === undefined) return;
    const go = () => reported(meet(store));
    const timer = setTimeout(go, GATHER);
    const back = () => document.visibilityState === 'visible' && go();
    document.addEventListener('visibilitychange', back);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', back);
    };
  }, [store, rev]);
  return null;
}
