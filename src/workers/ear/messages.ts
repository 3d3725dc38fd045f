import type { Heard, Unheard } from '@/core/practice';

/** A recording, and its rate (Hz). */
export interface EarAsk {
  readonly samples: Float32Array;
  readonly rate: number;
}

/** What it comes to, or why it says nothing. */
export type EarAnswer = { readonly heard: Heard } | { readonly unheard: Unheard };
