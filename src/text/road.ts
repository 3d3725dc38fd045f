import {
  limitLeft,
  limitUsed,
  nextLook,
  type Evidence,
  type FindingLimit,
  type FindingState,
} from '@/core/log';
import { toSI, type UnitSystem } from '@/core/base';
import type { LeftId, RoadVerdict, Roll, TroubleId } from '@/core/rules';
import { day } from './dates';
import { measure, small } from './measure';

/** The four words on how far it may roll, from the mildest. */
export const ROLL_WORDS: Readonly<Record<Roll, string>> = {
  here: 'Put right here',
  care: 'Go with care',
  creep: 'Creep',
  stay: 'Stay',
};

/** Every trouble as an owner would say it. */
export const TROUBLE_TITLES: Readonly<Record<TroubleId, string>> = {
  nail: 'Nail or screw in a tire',
  soft: 'Tire going soft',
  flat: 'Flat or blow-out',
  carcass: 'Tread lifting, bulge, cord',
  'tire-hot': 'Tire hot, pressure up a quarter',
  hot: 'Hot hub',
  leaning: 'Wheel wobbles, hub leans',
  cap: 'Grease cap missing',
  'oil-bath': 'Oil bath low or leaking',
  grease: 'Grease on the wheel',
  studs: 'Stud broken, nuts lost',
  dragging: 'Brakes drag',
  dead: 'No brakes, or one dead',
  fade: 'Brakes faded, smell after a descent',
  lights: 'Lights out',
  strap: 'Strap, line, tie-down or chain gave way',
  coupler: 'Coupler will not latch, has play, came off',
  breakaway: 'Breakaway cable, pin or battery',
  spring: 'Spring, shackle, hanger, U-bolt, frame',
  sway: 'It sways',
  shifted: 'Load shifted',
  lost: 'Wheel lost',
  stuck: 'Jack stuck down, nut or key rounded',
  ramp: 'Hot hubs at the ramp',
  smoke: 'Smoke or flames at a wheel',
  wire: 'Smoke, gas or a hot wire elsewhere',
  struck: 'Struck, jackknifed, off the road',
  noise: 'Noise, shaking, a smell: not known what',
};

/** What a trouble leaves to be done. */
const LEFT_WORDS: Readonly<Record<LeftId, string>> = {
  'inside-before-trip': 'Tire off the rim and inspected inside before the next trip: it rolled low',
  'plug-inside-or-renew': 'Plug it from inside, or replace the tire',
  'aged-spare': 'A spare past its age is on: replace it',
  'find-cause': 'Find the cause',
  'survivor-inside':
    'Tire off the rim and inspected inside: it carried this side alone. Replace it if it was over its maximum for more than 5 mi or 35 mph',
  'mates-of-same-make': 'Check this tire if it is of the same make and age as the one that failed',
  'repack-here': 'Repack this hub',
  'open-mate': 'Open this hub: the one across the axle ran hot or failed',
  'brake-here': 'Inspect the brake here for grease, lining and drum',
  'cap-by-number': 'Order the cap by its number',
  'look-at-other-caps': 'Check this cap: one across was lost',
  'studs-renewed': 'Replace all studs of this wheel',
  'donors-first': 'Make the wheels whole that gave a nut, before anything else',
  'torque-to-figure': 'Torque these nuts to their figure: they were tightened without a wrench',
  lining: 'Inspect lining and drum',
  adjust: 'Adjust the brakes',
  battery: 'Read the breakaway battery: the pin was out',
  circuit: 'Measure the brake circuit, and test before the next trip',
  'what-rubbed': 'Find what rubbed',
  'coupler-and-ball': 'Inspect coupler and ball',
  'breakaway-test': 'Test the breakaway',
  'same-part-across': 'Inspect the same part on this side',
  pivots: 'Inspect the pivots',
  'look-all-over': 'Inspect all of it at home: coupler, tongue, frame, axles, tires, hubs, lamps, gas',
  balance: 'Work out the balance before the next trip',
};

/** A speed (m/s), rounded down: a limit is never told higher than it is. */
export function speedWords(speed: number, system: UnitSystem): string {
  const perHour = (speed * 3600) / (system === 'us' ? toSI(1, 'mi') : 1000);
  return `${Math.floor(perHour + 1e-6)} ${system === 'us' ? 'mph' : 'km/h'}`;
}

/** How far and how fast, where there is a limit, and until when where that is told: `at most 25 mi, 45 mph, until December 6, 2026`. */
export function limitWords(
  { distance, speed, until }: Pick<RoadVerdict, 'distance' | 'speed'> & { readonly until?: string },
  system: UnitSystem,
): string | undefined {
  if (distance === undefined || speed === undefined) return undefined;
  const end = until === undefined ? '' : `, until ${day(until, until)}`;
  return `at most ${measure(distance, 'distance', system, 0)}, ${speedWords(speed, system)}${end}`;
}

/** When it is looked at again: `after 2 mi, 5 mi, then every 5 mi`. */
export function looksWords({ looks }: Pick<RoadVerdict, 'looks'>, system: UnitSystem): string | undefined {
  if (!looks) return undefined;
  const at = looks.at.map((one) => measure(one, 'distance', system, 0));
  const every =
    looks.every === undefined ? undefined : `every ${measure(looks.every, 'distance', system, 0)}`;
  const first = at.length > 0 ? `after ${at.join(', ')}` : undefined;
  return [first, every].filter(Boolean).join(', then ');
}

/** What is left of a limit: `18 of 25 mi left at 45 mph at most, until December 6, 2026`. */
export function leftWords(limit: FindingLimit, distance: number, system: UnitSystem): string {
  const far = `${measure(limitLeft(limit, distance), 'distance', system, 0)} of ${measure(limit.distance, 'distance', system, 0)} left`;
  const fast = limit.speed === undefined ? '' : ` at ${speedWords(limit.speed, system)} at most`;
  return `${far}${fast}, until ${day(limit.until, limit.until)}`;
}

/** The next look a limit asks for, as miles since it began; nothing where none is left. */
export function nextLookWords(limit: FindingLimit, distance: number, system: UnitSystem): string | undefined {
  const at = nextLook(limit);
  if (at === undefined) return undefined;
  const used = limitUsed(limit, distance);
  const where = `${measure(at, 'distance', system, 0)} after it began`;
  return used >= at ? `A check is due: it was to come at ${where}` : `Next check ${where}`;
}

const PAST_WORDS = {
  miles: 'Its miles are used up: not towed any farther.',
  days: 'Its days are over: not towed any farther.',
} as const;

/** Why something that could be towed so far stops a rig now. */
export function pastWords(past: NonNullable<FindingState['past']>): string {
  return PAST_WORDS[past];
}

/** How a limit stands, in a clause: what is left of it, or why it is over; nothing where there is none. */
export function limitStands(
  { limit, past }: Pick<FindingState, 'limit' | 'past'>,
  distance: number,
  system: UnitSystem,
): string | undefined {
  if (!limit) return undefined;
  return small(past ? pastWords(past) : leftWords(limit, distance, system));
}

/** A trouble or what it left, in a clause. */
export function troubleEvidence(of: Extract<Evidence, { trouble: string }>): string {
  const said = 'left' in of ? LEFT_WORDS[of.left] : TROUBLE_TITLES[of.trouble];
  return small(said);
}
