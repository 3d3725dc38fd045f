'use client';

import { useEffect, useRef, useState } from 'react';

/** The page is drawn by then, on a slow phone as well (ms). */
const ONCE_DRAWN = 3000;

/** Keeps the pages for use without a network. Gives what switches to a new version, once one waits. */
export function useServiceWorker(): (() => void) | undefined {
  const [waiting, setWaiting] = useState<ServiceWorker>();
  const switching = useRef(false);

  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    const onChange = () => {
      // Only the tab that asked for the new version is loaded anew: others may be in the middle of something, and stand as they are.
      if (!switching.current) return;
      switching.current = false;
      location.reload();
    };
    navigator.serviceWorker.addEventListener('controllerchange', onChange);
    const register = () => {
      navigator.serviceWorker.register('/sw.js').then(
        (registration) => {
          const look = (worker: ServiceWorker | null) => {
            if (!worker) return;
            const ready = () =>
              worker.state === 'installed' && navigator.serviceWorker.controller && setWaiting(worker);
            ready();
            worker.addEventListener('statechange', ready);
          };
          // What the browser threw away, or a disk damaged, is fetched again while there is a network.
          registration.active?.postMessage({ type: 'HEAL' });
          look(registration.waiting);
          registration.addEventListener('updatefound', () => look(registration.installing));
        },
        // Without it the product works as long as there is a network.
        () => undefined,
      );
    };
    // What is kept for later is fetched once the page that was asked for is there.
    const timer = setTimeout(register, ONCE_DRAWN);
    return () => {
      clearTimeout(timer);
      navigator.serviceWorker.removeEventListener('controllerchange', onChange);
    };
  }, []);

  return (
    waiting &&
    (() => {
      switching.current = true;
      // Another tab may have switched already: then it runs, and nothing changes any more.
      if (waiting.state === 'activated') location.reload();
      else waiting.postMessage({ type: 'SKIP_WAITING' });
    })
  );
}
