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
  /** How long (ms) it has rolled since miles were last told, up to its last stop, and since when it rolls; without it the clock has run all the time. */
  readonly rolled?: { readonly before: number; readonly since?: Instant | undefined } | undefined;
  readonly position?: { readonly in: number; readonly told: number } | undefined;
  readonly instrument?: { readonly in: number; readonly told: number } | undefined;
}

/** How far a trip has come (m), and who says so: what was told, and what was counted since. By the clock it is the most that it can be. */
export interface Miles {
  readonly into: number;
  readonly by: MilesBy | 'clock';
}

/** How long (ms) it may have been rolling since miles were last told: not while its owner said that it stands. */
function rolling(told: Instant, { rolled }: Counting, now: Instant): number {
  const since = (at: Instant) => Math.max(0, msOf(now) - msOf(at));
  if (!rolled) return since(told);
  return rolled.before + (rolled.since === undefined ? 0 : since(rolled.since));
}

/** How far a trip has come: by an instrument, else by position, else at most so far as the clock allows. */
export function milesNow(
  { into, told }: Pick<UnderWay, 'into' | 'told'>,
  counting: Counting,
  now: Instant,
): Miles {
  const { position, instrument } = counting;
  const since = instrument ?? position;
  if (since)
    return {
      into: into + Math.max(0, since.in - since.told),
      by: instrument ? 'instrument' : 'position',
    };
  const driven = (rolling(told, counting, now) / 1000) * AT_MOST;
  return { into: into + driven, by: driven > 0 ? 'clock' : 'owner' };
}

/** The counts of a trip that sets off, or stops, at a moment. */
export function rolls(counting: Counting, sets: boolean, now: Instant): Counting {
  const { before = 0, since } = counting.rolled ?? {};
  if (sets === (since !== undefined)) return { ...counting, rolled: { before, since } };
  return {
    ...counting,
    rolled: sets ? { before, since: now } : { before: before + (since ? msOf(now) - msOf(since) : 0) },
  };
}

/** The counts once miles were told at a moment: from there on they come to them. */
export function countedFrom({ position, instrument, rolled }: Counting, now: Instant): Counting {
  const at = (one: Counting['position']) => one && { in: one.in, told: one.in };
  return {
    position: at(position),
    instrument: at(instrument),
    rolled: { before: 0, ...(rolled?.since !== undefined && { since: now }) },
  };
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
