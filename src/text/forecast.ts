import { UNTOLD, type Band, type FallsOn } from '@/core/duty';
import type { UnitSystem } from '@/core/base';
import { day } from './dates';
import { measure } from './measure';

/** What a forecast rests on: the rig's own weeks, what its owner expects, or neither. */
export type BandBasis = 'towed' | 'expected' | 'untold';

const HOW: Record<BandBasis, string> = {
  towed: 'as this rig is towed',
  expected: 'by your own estimate for a year, with no record yet',
  untold: 'with no record yet and no estimate entered',
};

/** When something will fall due, as a sentence: the likeliest day, and the span that holds eight futures of ten. */
export function bandWords(
  band: Band,
  now: string,
  as: BandBasis = 'towed',
  system: UnitSystem = 'us',
): string {
  const { early, likely, late } = band;
  const how =
    as === 'untold' ? `at ${measure(UNTOLD.yearly, 'distance', system)} a year, ${HOW.untold}` : HOW[as];
  if (early !== undefined && early === late) return `Due ${day(early, now)}.`;
  if (likely === undefined)
    return early === undefined
      ? `Not within two years, ${how}.`
      : `Likely not within two years; 1 time in 10 by ${day(early, now)}.`;
  const span =
    early === undefined || late === undefined
      ? `1 time in 10 by ${day(early ?? likely, now)}, or not within two years`
      : `8 times in 10 between ${day(early, now)} and ${day(late, now)}`;
  return `Likely about ${day(likely, now)}; ${span}, ${how}.`;
}

/** The planned trip that something falls due on: `It falls due on your trip of 3 Jul, about mile 410.` */
export function fallsOnWords({ trip, distance }: FallsOn, system: UnitSystem, now: string): string {
  const where = distance === undefined ? '' : `, about ${measure(distance, 'distance', system)} out`;
  return `It falls due on the trip planned for ${day(trip.at, now)}${where}.`;
}

/** How far it will have been towed by then: `After about 640 mi more, 310 mi to 1,120 mi.` */
export function towedWords({ towed }: Band, system: UnitSystem): string | undefined {
  const { early, likely, late } = towed;
  if (likely === undefined || likely < 1) return undefined;
  const about = `After about ${measure(likely, 'distance', system)} more`;
  if (early === undefined || late === undefined || Math.abs(late - early) < 1609) return `${about}.`;
  return `${about}; ${measure(early, 'distance', system)} to ${measure(late, 'distance', system)} 8 times in 10.`;
}

/** The span that holds eight futures of ten, shortly: `between 12 Jun and 3 Sep`. */
export function bandShort({ early, late }: Band, now: string): string {
  const from = early ? day(early, now) : undefined;
  if (late) return `8 times in 10 between ${from ?? 'now'} and ${day(late, now)}`;
  return from ? `1 time in 10 by ${from}` : 'not within two years';
}
