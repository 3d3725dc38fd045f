'use client';

import { createContext, use, useEffect, useMemo, useSyncExternalStore, type ReactNode } from 'react';
import { followPreferences, readPreferences } from './preferences';
import { YardStore, type YardSnapshot } from './yard-store';

interface Yard {
  readonly store: YardStore;
  readonly snapshot: YardSnapshot;
}

const Context = createContext<Yard | undefined>(undefined);
const IDLE: YardSnapshot = { status: 'loading' };

/** The yard of this device, opened while the page is still being made ready. */
let early: YardStore | undefined;

/** Opens the yard this device is set to before anything is drawn; who draws it first takes it over. */
export function openYardEarly(): void {
  early = new YardStore(readPreferences().yard);
  early.open();
}

/** Opens the yard this device is set to, and gives it to everything below. */
export function YardProvider({ children }: { children: ReactNode }) {
  // While the page is taken over from its prerendered shell the yard is the one that was opened early.
  const yard = useSyncExternalStore(
    followPreferences,
    () => readPreferences().yard,
    () => early?.yard ?? 'own',
  );
  const store = useMemo(() => (early?.yard === yard ? early : new YardStore(yard)), [yard]);

  useEffect(() => {
    store.open();
    return () => store.close();
  }, [store]);

  const snapshot = useSyncExternalStore(store.subscribe, store.getSnapshot, () => IDLE);
  return <Context value={{ store, snapshot }}>{children}</Context>;
}

/** The yard that is open. Throws outside a YardProvider. */
export function useYard(): Yard {
  const yard = use(Context);
  if (!yard) throw new Error('useYard stands outside a YardProvider');
  return yard;
}
