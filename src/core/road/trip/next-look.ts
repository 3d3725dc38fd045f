import { addDays, msOf, type Instant, toSI } from '../../base';
import {
  doneKey,
  limitLeft,
  limitUsed,
  nextLook,
  type FindingState,
  type Refit,
  type RigState,
  type UnderWay,
} from '../../log';
import { isWheelEnd, wheelEnds, type Place, type WheelEnd } from '../../rig';
import { routineDef, WORKS, type WorkId } from '../../rules';

/** What asks for a look under way (trouble 6). */
export type LookCause =
  /** Lug torque after a wheel was off. */
  | 'recheck'
  /** Adapter nuts, or nuts tightened on the shoulder. */
  | 'torque'
  /** Something it is towed on with: the next look at it, and where its miles end. */
  | 'limit'
  | 'limit-ends'
  /** A hub that was warm at the last stop. */
  | 'warm-hub'
  | 'first-stop'
  | 'every-stop'
  | 'ramp';

/** One look that is to come. */
export interface ComingLook {
  readonly cause: LookCause;
  /** How far it still is (m); none or less where it is now, undefined where no miles lead there. */
  readonly left: number | undefined;
  /** How far it is counted from (m): the whole of its tape. */
  readonly of: number;
  /** When the clock asks for it, whatever the miles. */
  readonly at?: Instant;
  readonly places: readonly (Place | 'rig')[];
  readonly finding?: string;
}

/** The first look of a trip (m): early where a wheel or hub was worked on lately, else at the latest (trouble 6). */
const FIRST = { early: toSI(10, 'mi'), late: toSI(25, 'mi') } as const;
/** From one look to the next (m, h; trouble 6). */
const EVERY = { distance: toSI(100, 'mi'), hours: 2 } as const;
/** A hub that was warm is felt again after so far (m; trouble 3, hub hot). */
const WARM_HUB = toSI(5, 'mi');
/** Work at a wheel or hub is lately done within so far (m; trouble 3, hub hot). */
const LATELY = toSI(500, 'mi');
const TOUCHES: readonly WorkId[] = WORKS.filter((work) => routineDef(work).wheelOff);
const SLACK = 1;

/** A rig that is on the road. */
export type OnTheRoad = Pick<
  RigState,
  'distance' | 'underWay' | 'refits' | 'pulls' | 'findings' | 'lastDone' | 'model'
>;

/** The wheel ends at which a wheel or hub was worked on lately. */
function touched(rig: OnTheRoad): readonly WheelEnd[] {
  const ends = rig.model ? wheelEnds(rig.model) : [];
  return ends.filter((end) =>
    TOUCHES.some((work) => {
      // Some work, as a rotation, is of all wheels at once.
      return [end, 'rig' as const].some((place) => {
        const done = rig.lastDone[doneKey(work, place)];
        return done?.distanceKnown === true && rig.distance - done.distance <= LATELY;
      });
    }),
  );
}

/** The next torque check of a wheel that was off, and how far it still is from where the rig stands (m). */
export function recheckAhead(
  refit: Refit,
  here: number,
): { readonly left: number; readonly of: number } | undefined {
  const limit = refit.limits.find((one) => one > refit.checked + SLACK);
  return limit === undefined ? undefined : { left: limit - (here - refit.distance), of: limit };
}

function rechecks(rig: OnTheRoad, here: number): readonly ComingLook[] {
  return Object.entries(rig.refits).flatMap(([place, refit]): ComingLook[] => {
    const ahead = refit && recheckAhead(refit, here);
    return ahead && isWheelEnd(place) ? [{ cause: 'recheck', ...ahead, places: [place] }] : [];
  });
}

/** What was tightened on the shoulder or sits behind a wheel and is looked at again after so far. */
const PULLED: readonly string[] = ['verge', 'adapter'];

function pulls(rig: OnTheRoad, here: number): readonly ComingLook[] {
  return Object.entries(rig.pulls).flatMap(([key, all]): ComingLook[] => {
    const place = key.split('@')[1] ?? '';
    const next = all.find(({ cause }) => PULLED.includes(cause));
    return next && isWheelEnd(place)
      ? [{ cause: 'torque', left: next.limit - (here - next.distance), of: next.limit, places: [place] }]
      : [];
  });
}

function limits(findings: readonly FindingState[], here: number): readonly ComingLook[] {
  return findings.flatMap(({ id, place, limit, past }): ComingLook[] => {
    if (!limit || past) return [];
    const at = nextLook(limit);
    const about = { places: [place], finding: id };
    return [
      ...(at === undefined
        ? []
        : [{ cause: 'limit' as const, left: at - limitUsed(limit, here), of: at - limit.driven, ...about }]),
      { cause: 'limit-ends', left: limitLeft(limit, here), of: limit.distance, ...about },
    ];
  });
}

/** Hubs that were warm at the last stop: gone on with, and felt again soon. */
function warmHubs(findings: readonly FindingState[], way: UnderWay, into: number): readonly ComingLook[] {
  const { looked } = way;
  if (!looked) return [];
  return findings
    .filter(
      ({ of, verdict, at, seen }) =>
        verdict === 'watch' &&
        (seen?.at ?? at) >= looked.at &&
        of !== undefined &&
        (('subject' in of && of.subject === 'hub-hand') || ('what' in of && of.what === 'hub-temp')),
    )
    .map(({ place }) => ({
      cause: 'warm-hub',
      left: WARM_HUB - (into - Math.min(looked.into, into)),
      of: WARM_HUB,
      places: [place],
    }));
}

/** The first stop, or the next one: by miles, or by the clock where that is sooner. */
function stops(rig: OnTheRoad, into: number): readonly ComingLook[] {
  const way = rig.underWay;
  if (!way) return [];
  const { looked } = way;
  const after = (at: Instant) => addDays(at, EVERY.hours / 24);
  if (looked)
    return [
      {
        cause: 'every-stop',
        left: EVERY.distance - (into - Math.min(looked.into, into)),
        of: EVERY.distance,
        at: after(looked.at),
        places: ['rig'],
      },
    ];
  const places = touched(rig);
  const first = places.length > 0 ? FIRST.early : FIRST.late;
  return [
    {
      cause: 'first-stop',
      left: first - into,
      of: first,
      at: after(way.at),
      places: places.length > 0 ? places : ['rig'],
    },
  ];
}

/**
 * Every look that is to come on a trip under way, the nearest first (trouble 6): rechecks, limits of earlier troubles,
 * the first stop, every stop, the ramp. `into` is how far it has come by now (m).
 */
function looksAhead(rig: OnTheRoad, into: number, ends: ComingLook | undefined): readonly ComingLook[] {
  const way = rig.underWay;
  if (!way) return [];
  const here = rig.distance + (into - way.into);
  const ramp: ComingLook[] =
    way.ramp && way.launches === 0 ? [{ cause: 'ramp', left: undefined, of: 0, places: ['rig'] }] : [];
  return [
    ...rechecks(rig, here),
    ...pulls(rig, here),
    ...limits(Object.values(rig.findings), here),
    ...(ends ? [ends] : []),
    ...warmHubs(Object.values(rig.findings), way, into),
    ...stops(rig, into),
  ]
    .sort((one, other) => (one.left ?? Infinity) - (other.left ?? Infinity))
    .concat(ramp);
}

/** The next look: by miles, or sooner by the clock; what asks for a look near it is made at it, too. */
export interface NextLook {
  readonly look: ComingLook;
  /** By what it comes: so many miles, or at a moment. */
  readonly by: 'miles' | 'clock';
  readonly with: readonly ComingLook[];
  readonly then: readonly ComingLook[];
}

/** Looks that lie so near each other (m) are one stop. */
export const SLACK_OF_STOP = toSI(2, 'mi');
/** A trailer makes so much of its way (m/s) where nobody knows yet. */
const PACE = toSI(45, 'mi') / 3600;

const isNear = (left: number | undefined, to: number) =>
  left !== undefined && left <= Math.max(to, 0) + SLACK_OF_STOP;

/** Looks of one kind at several places as one. */
function joined(looks: readonly ComingLook[]): readonly ComingLook[] {
  return looks.reduce<readonly ComingLook[]>((before, one) => {
    const same = before.find(({ cause, finding }) => cause === one.cause && finding === one.finding);
    if (!same) return [...before, one];
    const places = [...same.places, ...one.places.filter((place) => !same.places.includes(place))].sort();
    return before.map((other) => (other === same ? { ...same, places } : other));
  }, []);
}

/**
 * The look that comes first, those that are made at the same stop, and those after it; `pace` (m/s) tells what the clock
 * will be when the miles are through, where it is known.
 */
export function lookNext(
  rig: OnTheRoad,
  into: number,
  now: Instant,
  pace: number | undefined,
  /** Where several limits end together. */
  ends?: ComingLook,
): NextLook | undefined {
  const ahead = looksAhead(rig, into, ends);
  const [first] = ahead.filter(({ left }) => left !== undefined);
  if (!first || first.left === undefined) return undefined;
  const { left } = first;
  const [timed] = ahead
    .filter(({ at }) => at !== undefined)
    .sort((one, other) => ((one.at ?? '') < (other.at ?? '') ? -1 : 1));
  const wait = timed?.at === undefined ? Infinity : msOf(timed.at) - msOf(now);
  const soonest = (left / (pace ?? PACE)) * 1000;
  const byClock = timed !== undefined && wait < soonest && left > 0;
  const look = byClock ? timed : first;
  const near = ahead.filter((one) => one === look || isNear(one.left, look.left ?? 0));
  const [whole = look, ...others] = joined([look, ...near.filter((one) => one !== look)]);
  return {
    look: whole,
    by: byClock ? 'clock' : 'miles',
    with: others,
    then: joined(ahead.filter((one) => !near.includes(one))),
  };
}
