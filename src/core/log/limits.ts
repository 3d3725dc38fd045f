import type { Instant } from '../base';
import type { ToldLimit } from './limit-schema';
import type { FindingLimit, FindingState, RigState } from './state';

/** A limit that begins where the rig stands. */
export function limited(
  { into = 0, ...told }: ToldLimit,
  { distance, underWay }: Pick<RigState, 'distance' | 'underWay'>,
): FindingLimit {
  // The miles of a trip under way are counted as they are told: only what is told of it here beyond them is still to come.
  return { ...told, from: distance, into: Math.max(0, into - (underWay?.into ?? 0)), driven: 0 };
}

/** How much of a limit is used (m): by what was logged since, or what its owner says, whichever is more. A figure logged that is short of where in the trip it began is of miles since. */
export function limitUsed({ from, into, driven }: FindingLimit, distance: number): number {
  const logged = Math.max(0, distance - from);
  return Math.max(driven, logged < into ? logged : logged - into);
}

/** How much of a limit is left (m); none below zero. */
export function limitLeft(limit: FindingLimit, distance: number): number {
  return Math.max(0, limit.distance - limitUsed(limit, distance));
}

/** How far from where it began the next look is (m), the last one told; undefined where none is asked for. */
export function nextLook({ looks, driven, distance }: FindingLimit): number | undefined {
  if (!looks) return undefined;
  const last = looks.at.at(-1) ?? 0;
  const every = looks.every;
  const next =
    looks.at.find((at) => at > driven) ??
    (every === undefined ? undefined : last + every * (Math.floor(Math.max(0, driven - last) / every) + 1));
  return next !== undefined && next <= distance ? next : undefined;
}

/** A limit looked at after so far (m): what was told never runs backwards. */
export function lookedAt(rig: Pick<RigState, 'distance'>, limit: FindingLimit, driven: number): FindingLimit {
  return { ...limit, driven: Math.max(driven, limitUsed(limit, rig.distance)) };
}

/** The nearer end of two limits on the same thing: telling it again does not begin it anew. */
export function nearer(
  rig: Pick<RigState, 'distance'>,
  one: FindingLimit | undefined,
  other: FindingLimit,
): FindingLimit {
  if (!one) return other;
  const first = limitLeft(one, rig.distance) <= limitLeft(other, rig.distance) ? one : other;
  const speeds = [one.speed, other.speed].filter((speed) => speed !== undefined);
  return {
    ...first,
    roll: one.roll === 'creep' ? one.roll : other.roll,
    ...(speeds.length > 0 && { speed: Math.min(...speeds) }),
    until: one.until < other.until ? one.until : other.until,
  };
}

/** A finding that a rig is towed on with, so far and so long. */
export type Limited = FindingState & { readonly limit: FindingLimit };

/** True for something that a rig is towed on with, so far and so long. */
export const hasLimit = (finding: FindingState): finding is Limited => finding.limit !== undefined;

/** What ends it by itself: its miles or its days. */
function usedUp({ limit }: Limited, distance: number, now: Instant): 'miles' | 'days' | undefined {
  if (limitLeft(limit, distance) <= 0) return 'miles';
  return limit.until <= now ? 'days' : undefined;
}

/** A rig as it stands at a moment: what may be towed so far and so long stops it once that is used up. */
export function asOf(rig: RigState, now: Instant): RigState {
  const past = Object.values(rig.findings)
    .filter(hasLimit)
    .flatMap((finding) => {
      const why = usedUp(finding, rig.distance, now);
      return why ? [[finding.id, { ...finding, verdict: 'stop', past: why }] as const] : [];
    });
  return past.length === 0 ? rig : { ...rig, findings: { ...rig.findings, ...Object.fromEntries(past) } };
}
