import type { Instant } from '@/core/base';
import { makeVoid, type Entry } from '@/core/log';
import { newId } from './ids';

/** The entries that withdraw some others. */
export function voidsOf(
  entries: readonly Entry[],
  now: Instant,
  reason: string | undefined,
): readonly Entry[] {
  return entries.map((entry) => makeVoid(entry, newId(), now, reason));
}
