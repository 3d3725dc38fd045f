'use client';

import {
  createContext,
  use,
  useEffect,
  useMemo,
  useState,
  useSyncExternalStore,
  type ReactNode,
} from 'react';
import { prepareDemo } from './demo';
import { YARD_NAMES } from './names';
import { usePreferences } from './preferences';
import { YardStore, type YardSnapshot } from './yard-store';

interface Yard {
  readonly store: YardStore;
  readonly snapshot: YardSnapshot;
}

const Context = createContext<Yard | undefined>(undefined);
const IDLE: YardSnapshot = { status: 'loading' };

/** Opens the yard this device is set to, and gives it to everything below. */
export function YardProvider({ children }: { children: ReactNode }) {
  const { yard } = usePreferences();
  const store = useMemo(() => new YardStore(YARD_NAMES[yard]), [yard]);
  const [failure, setFailure] = useState<{ store: YardStore; reason: string }>();

  useEffect(() => {
    let stop: (() => void) | undefined;
    let gone = false;
    const open = () => {
      if (!gone) stop = store.open();
    };
    if (yard === 'own') open();
    else
      prepareDemo(store).then(
        (clock) => {
          store.clock = clock;
          open();
        },
        (error: unknown) =>
          setFailure({ store, reason: error instanceof Error ? error.message : String(error) }),
      );
    return () => {
      gone = true;
      stop?.();
    };
  }, [store, yard]);

  const live = useSyncExternalStore(store.subscribe, store.getSnapshot, () => IDLE);
  const snapshot: YardSnapshot =
    failure?.store === store ? { status: 'failed', reason: failure.reason } : live;
  return <Context value={{ store, snapshot }}>{children}</Context>;
}

/** The yard that is open. Throws outside a YardProvider. */
export function useYard(): Yard {
  const yard = use(Context);
  if (!yard) throw new Error('useYard stands outside a YardProvider');
  return yard;
}
