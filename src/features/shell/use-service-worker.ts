'use client';

import { useEffect, useState } from 'react';

/** The page is drawn by then, on a slow phone as well (ms). */
const ONCE_DRAWN = 3000;

/** Keeps the pages for use without a network. Gives what switches to a new version, once one waits. */
export function useServiceWorker(): (() => void) | undefined {
  const [waiting, setWaiting] = useState<ServiceWorker>();

  useEffect(() => {
    if (process.env.NODE_ENV !== 'production' || !('serviceWorker' in navigator)) return;
    let reloaded = false;
    const hadOne = navigator.serviceWorker.controller !== null;
    const onChange = () => {
      // The first worker takes over pages that are whole already; only a newer one needs a reload.
      if (!hadOne || reloaded) return;
      reloaded = true;
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

  return waiting && (() => waiting.postMessage({ type: 'SKIP_WAITING' }));
}
