import type { AskName } from './asks';
import type { Opening } from './serve';
import type { Shown } from './shown';
import type { Instant } from '@/core/base';

/** What a page says to a desk. */
export type ToDesk =
  | { readonly say: 'open'; readonly opening: Opening; readonly show: boolean }
  | { readonly say: 'ask'; readonly n: number; readonly name: AskName; readonly ask: unknown };

/** What a desk says to a page; failures cross as words. */
export type FromDesk =
  /** Its script runs. */
  | { readonly say: 'here' }
  | { readonly say: 'open'; readonly opened: Instant | undefined }
  | { readonly say: 'shut'; readonly reason: string }
  | { readonly say: 'shown'; readonly shown: Shown }
  | { readonly say: 'answer'; readonly n: number; readonly value: unknown }
  | { readonly say: 'failure'; readonly n: number; readonly name: string; readonly reason: string }
  | { readonly say: 'progress'; readonly n: number; readonly share: number }
  | { readonly say: 'warning'; readonly message: string };
