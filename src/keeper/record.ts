import type { Instant } from '@/core/base';
import { actsOn, makeVoid, recordedNow, type Entry } from '@/core/log';
import type { LogKnown } from '@/core/record';
import { newId } from './ids';

/** The entries that withdraw some others, which the log may hold or could not read. */
export function voidsOf(
  known: LogKnown,
  targets: readonly Pick<Entry, 'id' | 'rig'>[],
  now: Instant,
  reason: string | undefined,
): readonly Entry[] {
  const recorded = recordedNow(known.newest, now);
  return targets.map((target) =>
    makeVoid(target, actsOn(known.entries, target.id), newId(), recorded, reason),
  );
}
