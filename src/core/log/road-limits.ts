import { type Instant, toSI } from '../base';
import { axleOf, isWheelEnd, sideOf } from '../rig';
import type { Because, TroubleId } from '../rules';
import { asOf, hasLimit, limitLeft, limitUsed, type Limited } from './limits';
import type { FindingState, RigState } from './state';

/** Why several limits at once are a creep (trouble 2). */
export type Joined = 'two-on-one-axle' | 'two-on-one-side' | 'three-at-once';

/** How far, how fast and until when a rig may be towed by all that is found on it together (trouble 2). */
export interface RoadLimits {
  readonly roll: 'care' | 'creep' | 'stay';
  /** The least miles left (m), the least speed (m/s), the earliest day; none where it stays. */
  readonly left?: number;
  readonly speed?: number;
  readonly until?: Instant;
  /** Two of different causes beside each other, or three anywhere: what they come to together. */
  readonly joined?: Joined;
  /** What decides, and all that stands, gravest first. */
  readonly by: FindingState;
  readonly of: readonly FindingState[];
}

/** Two limits on one axle or one side, or three, are a creep: so far (m) at so many m/s from where the last of them was told (trouble 2). */
export const CREEP = { distance: toSI(1, 'mi'), speed: toSI(15, 'mi') / 3600 } as const;

/** They keep their own figures and do not join others. */
const APART: ReadonlySet<TroubleId> = new Set(['lights', 'strap', 'shifted']);
/** They are of all axles. */
const WHOLE: ReadonlySet<TroubleId> = new Set(['dead', 'sway']);
/** An end whose brake is gone by what was done to it: no brakes there, told as well, is the same once more. */
const BRAKE_GONE: ReadonlySet<string> = new Set<Because>([
  'backed-off',
  'brake-drags',
  'brake-wire-off',
  'brake-counts-as-gone',
  'survivor-carries',
  'survivor-overloaded',
  'survivor-unknown',
]);

/** What several limits come of: a trouble at its place with all that it left there; no brakes, told after a repair that took one, is that repair once more. */
function causesOf(limited: readonly Limited[]): ReadonlyMap<string, readonly Limited[]> {
  const causes = new Map<string, Limited[]>();
  let gone: string | undefined;
  for (const one of limited) {
    const { of, place } = one;
    if (!of || !('trouble' in of) || APART.has(of.trouble)) continue;
    const key = of.trouble === 'dead' && gone !== undefined ? gone : `${of.trouble} ${place}`;
    if ('because' in of && BRAKE_GONE.has(of.because)) gone ??= key;
    causes.set(key, [...(causes.get(key) ?? []), one]);
  }
  return causes;
}

/** Where a cause lies, by all its parts: on which axles, or all of them, and on which sides. */
interface Lies {
  readonly all: boolean;
  readonly axles: ReadonlySet<number>;
  readonly sides: ReadonlySet<'L' | 'R'>;
}

function liesOn(parts: readonly Limited[]): Lies {
  const ends = parts.map(({ place }) => place).filter(isWheelEnd);
  return {
    all: parts.some(
      ({ of, place }) => !isWheelEnd(place) && of !== undefined && 'trouble' in of && WHOLE.has(of.trouble),
    ),
    axles: new Set(ends.map(axleOf)),
    sides: new Set(ends.map(sideOf)),
  };
}

const shares = <T>(one: ReadonlySet<T>, other: ReadonlySet<T>) => [...one].some((each) => other.has(each));

const onOneAxle = (one: Lies, other: Lies) =>
  shares(one.axles, other.axles) ||
  (one.all && (other.all || other.axles.size > 0)) ||
  (other.all && one.axles.size > 0);

function joinedBy(limited: readonly Limited[]): Joined | undefined {
  const causes = [...causesOf(limited).values()].map(liesOn);
  if (causes.length >= 3) return 'three-at-once';
  const [one, other] = causes;
  if (!one || !other) return undefined;
  if (onOneAxle(one, other)) return 'two-on-one-axle';
  return shares(one.sides, other.sides) ? 'two-on-one-side' : undefined;
}

const least = (all: readonly (number | undefined)[]) => {
  const known = all.filter((one) => one !== undefined);
  return known.length > 0 ? Math.min(...known) : undefined;
};

/** A hub found too hot at the last stop of a trip under way: what is only due at home stays here until Trouble has judged it (trouble 1, which table rules). */
function isHotHere({ of, verdict, at, seen, place }: FindingState, rig: RigState): boolean {
  const { underWay } = rig;
  if (!underWay || verdict !== 'due' || !of) return false;
  const hub = ('subject' in of && of.subject === 'hub-hand') || ('what' in of && of.what === 'hub-temp');
  const when = seen?.at ?? at;
  if (!hub || when < (underWay.looked?.at ?? underWay.at)) return false;
  return !Object.values(rig.findings).some(
    (one) =>
      one.place === place &&
      (one.seen?.at ?? one.at) >= when &&
      one.of &&
      'trouble' in one.of &&
      one.of.trouble === 'hot',
  );
}

/** What of a rig's findings says how far it may be towed, joined; undefined where nothing does. */
export function roadLimits(told: RigState, now: Instant): RoadLimits | undefined {
  const rig = asOf(told, now);
  const findings = Object.values(rig.findings);
  const limited = findings.filter(hasLimit);
  const standing = limited.filter(({ past }) => past === undefined);
  const left = ({ limit }: Limited) => limitLeft(limit, rig.distance);
  const stops = findings.filter(
    (one) => (one.verdict === 'stop' && (!one.limit || one.past !== undefined)) || isHotHere(one, rig),
  );
  const rest = [...standing].sort(
    (one, other) =>
      Number(other.limit.roll === 'creep') - Number(one.limit.roll === 'creep') || left(one) - left(other),
  );
  const of = [...stops, ...rest];
  const [by] = of;
  if (!by) return undefined;
  if (stops.length > 0) return { roll: 'stay', by, of };
  const joined = joinedBy(standing);
  const last = standing.reduce<Limited | undefined>(
    (so, one) => (so && so.at > one.at ? so : one),
    undefined,
  );
  const crept =
    joined && last ? Math.max(0, CREEP.distance - limitUsed(last.limit, rig.distance)) : undefined;
  // The mile is over, and none of them was put right.
  if (crept === 0 && joined) return { roll: 'stay', joined, by, of };
  const speed = least([...standing.map(({ limit }) => limit.speed), joined && CREEP.speed]);
  const until = standing.map((one) => one.limit.until).sort()[0];
  return {
    roll: joined || standing.some(({ limit }) => limit.roll === 'creep') ? 'creep' : 'care',
    left: least([...standing.map(left), crept]) ?? 0,
    ...(speed !== undefined && { speed }),
    ...(until !== undefined && { until }),
    ...(joined && { joined }),
    by,
    of,
  };
}
