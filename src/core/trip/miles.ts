import { msOf, type Instant } from '../base';
import type { MilesBy, UnderWay } from '../log';
import { toSI } from '../quantity';

/** Miles that nobody told count as used: as many as the clock allows at this speed (m/s), our figure. */
const AT_MOST = toSI(65, 'mi') / 3600;
/** Two counts differ once they are so far apart (m, and as a share of the larger). */
const APART = toSI(1, 'mi');
const APART_SHARE = 0.03;

/** What counts the miles of a trip on a device: how far each has come in all (m), and how far it had when miles were last told. */
export interface Counting {
  readonly position?: { readonly in: number; readonly told: number } | undefined;
  readonly instrument?: { readonly in: number; readonly told: number } | undefined;
}

/** How far a trip has come (m), and who says so: what was told, and what was counted since. By the clock it is the most that it can be. */
export interface Miles {
  readonly into: number;
  readonly by: MilesBy | 'clock';
}

/** How far a trip has come: by an instrument, else by position, else at most so far as the clock allows. */
export function milesNow(
  { into, told }: Pick<UnderWay, 'into' | 'told'>,
  { position, instrument }: Counting,
  now: Instant,
): Miles {
  const since = instrument ?? position;
  if (since) return { into: into + Math.max(0, since.in - since.told), by: instrument ? 'instrument' : 'position' };
  const driven = (Math.max(0, msOf(now) - msOf(told)) / 1000) * AT_MOST;
  return { into: into + driven, by: driven > 0 ? 'clock' : 'owner' };
}

/** A count that differs from what its owner says (m). */
export interface Differs {
  readonly by: Exclude<MilesBy, 'owner'>;
  readonly counted: number;
}

/** The counts that differ from its owner's miles (m), by more than counting does; the owner's stand. */
export function differing(
  owner: number,
  counted: Readonly<Partial<Record<Differs['by'], number>>>,
): readonly Differs[] {
  return (['position', 'instrument'] as const).flatMap((by) => {
    const one = counted[by];
    if (one === undefined) return [];
    return Math.abs(one - owner) > Math.max(APART, APART_SHARE * Math.max(one, owner))
      ? [{ by, counted: one }]
      : [];
  });
}
