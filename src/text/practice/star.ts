import type { Driver, PracticeThreads } from '@/core/practice';
import type { RecheckResult } from '@/core/judge';

export const DRIVER_WORDS: Record<Driver, { readonly name: string; readonly hint: string }> = {
  wrench: { name: 'Torque wrench', hint: 'stops at the torque' },
  machine: { name: 'Impact gun', hint: 'stops when you let go' },
};

export const THREAD_STATE: Record<PracticeThreads, { readonly name: string; readonly hint: string }> = {
  dry: { name: 'Clean and dry', hint: 'what the figure is for' },
  greased: { name: 'Greased', hint: 'same figure, no lowered one' },
};

const FOUND: Record<RecheckResult, string> = {
  held: 'held',
  'half-flat': 'moved up to half a flat',
  moved: 'moved',
  'over-half': 'moved over half a flat',
  'over-flat': 'moved over one flat',
  loose: 'loose by hand',
};

/** What a recheck found at a nut. */
export const recheckSaid = (result: RecheckResult): string => FOUND[result];
