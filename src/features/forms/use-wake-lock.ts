'use client';

import { useEffect } from 'react';

/** A lock that is gone already needs no letting go. */
function letGo(lock: WakeLockSentinel | undefined): void {
  lock?.release().catch(() => undefined);
}

/** Keeps the screen awake while a card runs, where the device can. */
export function useWakeLock(): void {
  useEffect(() => {
    if (!('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const ask = () => {
      if (document.visibilityState !== 'visible') return;
      // A device that refuses (low battery) simply lets the screen go dark.
      navigator.wakeLock.request('screen').then(
        (given) => {
          if (gone) letGo(given);
          else lock = given;
        },
        () => undefined,
      );
    };
    ask();
    document.addEventListener('visibilitychange', ask);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', ask);
      letGo(lock);
    };
  }, []);
}
