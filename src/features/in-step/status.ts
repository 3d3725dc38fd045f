'use client';

import { useSyncExternalStore } from 'react';
import type { Holds } from '@/core/exchange';
import type { InStep } from '@/keeper';

/** How keeping in step stands in this tab. */
export type StepStatus =
  | { readonly at: 'idle' }
  | { readonly at: 'meeting' }
  | { readonly at: 'met'; readonly when: string; readonly done: InStep }
  /** A folder that is met for the first time: what lies there is told before anything of it is taken in. */
  | { readonly at: 'asks'; readonly asks: readonly Holds[]; readonly strange: boolean }
  /** The browser asks its user again before it opens the folder. */
  | { readonly at: 'ask' }
  | { readonly at: 'failed'; readonly reason: string };

let status: StepStatus = { at: 'idle' };
const listeners = new Set<() => void>();

/** Tells how keeping in step stands. */
export function setStep(next: StepStatus): void {
  status = next;
  for (const listener of listeners) listener();
}

/** How keeping in step stands, live. */
export function useStep(): StepStatus {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => status,
    () => status,
  );
}
