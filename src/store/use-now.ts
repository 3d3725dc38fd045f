'use client';

import { useEffect, useMemo, useState } from 'react';
import type { Instant } from '@/core/base';
import { useYard } from './yard-context';

const MINUTE = 60_000;

/** The present moment by the yard's clock, renewed each minute and whenever the log grows. */
export function useNow(): Instant {
  const { store, snapshot } = useYard();
  const [ticks, tick] = useState(0);
  useEffect(() => {
    const timer = setInterval(() => tick((n) => n + 1), MINUTE);
    return () => clearInterval(timer);
  }, []);
  return useMemo(
    () =>
      snapshot.status === 'ready'
        ? { ticks, now: store.clock.now() }
        : { ticks, now: '1970-01-01T00:00:00.000Z' },
    [store, snapshot, ticks],
  ).now;
}
