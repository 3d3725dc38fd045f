'use client';

import { useEffect } from 'react';
import { usePreferences, useYard } from '@/store';
import { reported } from '@/ui';
import { meet } from './meet';

/** What is told within so long (ms) goes into one file. */
const GATHER = 4000;

/** Meets the other devices while the application is open: once it is, whenever something was told, and when one comes back to it. */
export function KeepsInStep() {
  const { store, snapshot } = useYard();
  // The desk that works long is not opened for whoever keeps one device.
  const { inStep } = usePreferences();
  const rev = snapshot.status === 'ready' ? snapshot.log.rev : undefined;
  useEffect(() => {
    if (rev === undefined || !inStep) return;
    const go = () => reported(meet(store));
    const timer = setTimeout(go, GATHER);
    const back = () => document.visibilityState === 'visible' && go();
    document.addEventListener('visibilitychange', back);
    return () => {
      clearTimeout(timer);
      document.removeEventListener('visibilitychange', back);
    };
  }, [store, rev, inStep]);
  return null;
}
