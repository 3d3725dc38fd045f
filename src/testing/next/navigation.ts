/** Stands in for `next/navigation` in component tests: one address, held by the history of the page. */
import { useMemo, useSyncExternalStore } from 'react';

const listeners = new Set<() => void>();
const told = (): void => listeners.forEach((listener) => listener());

// Words of pages are tested without a window as well.
if (typeof window !== 'undefined') {
  // What pages change of the history themselves is heard as the framework hears it.
  for (const name of ['pushState', 'replaceState'] as const) {
    const change = window.history[name].bind(window.history);
    window.history[name] = (data, unused, url) => {
      change(data, unused, url);
      // As in the framework: while something renders nothing else is drawn.
      queueMicrotask(told);
    };
  }
  window.addEventListener('popstate', told);
}

const follow = (listener: () => void) => {
  listeners.add(listener);
  return () => listeners.delete(listener);
};

const ROUTER = {
  push: (href: string) => window.history.pushState(null, '', href),
  replace: (href: string) => window.history.replaceState(null, '', href),
  back: () => window.history.back(),
  forward: () => window.history.forward(),
  refresh: () => undefined,
  prefetch: () => undefined,
};

export const useRouter = () => ROUTER;

export const usePathname = (): string => useSyncExternalStore(follow, () => window.location.pathname);

export function useSearchParams(): URLSearchParams {
  const search = useSyncExternalStore(follow, () => window.location.search);
  return useMemo(() => new URLSearchParams(search), [search]);
}
