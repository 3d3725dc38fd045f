import { msOf, type Instant, toSI } from '../../base';
import type { MilesBy, UnderWay } from '../../log';

/** Miles that nobody told count as used: as many as the clock allows at this speed (m/s), our figure. */
const AT_MOST = toSI(65, 'mi') / 3600;
/** Less than so much (m) that nobody counted does not count yet: the figure was told a moment ago. */
const A_LITTLE = toSI(0.5, 'mi');
/** Two counts differ once they are so far apart (m, and as a share of the larger). */
const APART = toSI(1, 'mi');
const APART_SHARE = 0.03;

/** One counter of a trip: how far it has come in all (m), how far it had when miles were last told, and when it counted last. */
interface Counter {
  readonly in: number;
  readonly told: number;
  readonly at?: Instant | undefined;
}

/** What counts the miles of a trip on a device. */
export interface Counting {
  /** When the miles were told that it counts on from; the beginning of the trip where that is not said. */
  readonly from?: Instant | undefined;
  readonly position?: Counter | undefined;
  readonly instrument?: Counter | undefined;
  /** How long (ms) it has rolled with nothing counting since miles were last told, and since when it rolls; without it the clock has run all the time. */
  readonly rolled?: { readonly before: number; readonly since?: Instant | undefined } | undefined;
}

/** How far a trip has come (m), and who says so: what was told, and what was counted since. By the clock it is the most that it can be. */
export interface Miles {
  readonly into: number;
  readonly by: MilesBy | 'clock';
}

/** After so long (ms) without a count nothing counts any more. */
const GAP = 180_000;

const latest = (...moments: readonly (Instant | undefined)[]) =>
  Math.max(-Infinity, ...moments.flatMap((at) => (at === undefined ? [] : [msOf(at)])));

/** How long (ms) it may have rolled up to a moment with nothing counting, since anything last did. */
function uncounted(since: Instant | undefined, { position, instrument }: Counting, now: Instant): number {
  if (since === undefined) return 0;
  const counted = latest(position?.at, instrument?.at);
  const gap = msOf(now) - Math.max(msOf(since), counted);
  // A counter at work is quiet for a while now and then.
  return counted >= msOf(since) - GAP && gap <= GAP ? 0 : Math.max(0, gap);
}

/** How far a trip has come: by an instrument or else by position, and for all the time that nothing counted at most so far as the clock allows. */
export function milesNow(
  { into, told }: Pick<UnderWay, 'into' | 'told'>,
  counting: Counting,
  now: Instant,
): Miles {
  const { position, instrument, rolled = { before: 0, since: told } } = counting;
  const counter = instrument ?? position;
  const come = into + (counter ? Math.max(0, counter.in - counter.told) : 0);
  const unknown = ((rolled.before + uncounted(rolled.since, counting, now)) / 1000) * AT_MOST;
  const by = counter ? (instrument ? 'instrument' : 'position') : 'owner';
  return unknown >= A_LITTLE ? { into: come + unknown, by: 'clock' } : { into: come, by };
}

/** The counts with a counter that has come so far by a moment (m). What was rolled while it was away counts by the clock, unless it made up for that itself. */
export function countOn(
  counting: Counting,
  by: 'position' | 'instrument',
  come: number,
  now: Instant,
): Counting {
  const before = counting[by];
  const { rolled } = counting;
  const far = Math.max(before?.in ?? 0, come);
  const away = uncounted(rolled?.since, counting, now);
  const lost = away > 0 && far <= (before?.in ?? 0);
  return {
    ...counting,
    [by]: { in: far, told: before?.told ?? 0, at: now },
    ...(rolled && lost && { rolled: { ...rolled, before: rolled.before + away } }),
  };
}

/** The counts of a trip that sets off, or stops, at a moment. */
export function rolls(counting: Counting, sets: boolean, now: Instant): Counting {
  const { before = 0, since } = counting.rolled ?? {};
  if (sets === (since !== undefined)) return { ...counting, rolled: { before, since } };
  return {
    ...counting,
    rolled: sets ? { before, since: now } : { before: before + uncounted(since, counting, now) },
  };
}

/**
 * The counts of a trip as its log has it: once miles were told, on whichever page or device, what is counted from there
 * on comes to them, and nothing from before. Heard of late, what rolled meanwhile counts by the clock.
 */
export function countsFrom(
  counting: Counting,
  { at, told }: Pick<UnderWay, 'at' | 'told'>,
  now: Instant,
): Counting {
  const { from = at, position, instrument, rolled } = counting;
  if (from === told) return counting;
  const on = (one: Counter | undefined) => one && { ...one, told: one.in };
  const late = msOf(now) - msOf(told);
  const since = rolled?.since;
  const unheard = (position ?? instrument) !== undefined && since !== undefined && late > GAP;
  return {
    from: told,
    position: on(position),
    instrument: on(instrument),
    rolled: unheard
      ? { before: late, since: now }
      : { before: 0, ...(since !== undefined && { since: since > told ? since : told }) },
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
