'use client';

import { usePathname, useRouter } from 'next/navigation';
import { useCallback, useEffect } from 'react';

/** The page that a link was followed to which has not opened yet. */
let headedFor: string | undefined;

function noteLink(event: MouseEvent): void {
  if (event.ctrlKey || event.metaKey || event.shiftKey) return;
  const link = event.target instanceof Element ? event.target.closest('a') : null;
  if (link?.origin === location.origin && link.pathname !== location.pathname && !link.target)
    headedFor = link.pathname;
}

/**
 * Leads on to another address once something is saved, unless the owner has gone elsewhere meanwhile: nobody is
 * fetched back from where they went.
 */
export function useLeadOn(): (to: string) => void {
  const router = useRouter();
  const here = usePathname();
  useEffect(() => {
    headedFor = undefined;
    document.addEventListener('click', noteLink, { capture: true });
    return () => document.removeEventListener('click', noteLink, { capture: true });
  }, [here]);
  return useCallback(
    (to) => {
      if (location.pathname === here && headedFor === undefined) router.push(to);
    },
    [router, here],
  );
}
