/** Trouble on the road in words: fetched where a trouble is opened, apart from the catalogue that every page has. */
import type { RoadVerdict } from '@/core/trouble';
import { toSI, type UnitSystem } from '@/core/quantity';
import { measure } from '../measure';

export { recoveryLines } from './recovery';
export { BECAUSE_WORDS, LEAVES_WORDS, TROUBLE_WORDS, type QuestionWords, type TroubleWords } from './words';

/** The four words, from the mildest. */
export const ROLL_WORDS = {
  here: 'Put right here',
  care: 'Go with care',
  creep: 'Creep',
  stay: 'Stay',
} as const;

/** How far and how fast, where there is a limit: `at most 25 mi, 45 mph`. */
export function limitWords({ distance, speed }: RoadVerdict, system: UnitSystem): string | undefined {
  if (distance === undefined || speed === undefined) return undefined;
  const perHour = system === 'us' ? (speed * 3600) / toSI(1, 'mi') : (speed * 3600) / 1000;
  return `at most ${measure(distance, 'distance', system, 0)}, ${Math.floor(perHour + 1e-6)} ${system === 'us' ? 'mph' : 'km/h'}`;
}

/** When it is looked at again: `after 2 and 5 mi, then every 5 mi`. */
export function looksWords({ looks }: RoadVerdict, system: UnitSystem): string | undefined {
  if (!looks) return undefined;
  const at = looks.at.map((one) => measure(one, 'distance', system, 0));
  const every =
    looks.every === undefined ? undefined : `every ${measure(looks.every, 'distance', system, 0)}`;
  const first = at.length > 0 ? `after ${at.join(', ')}` : undefined;
  return [first, every].filter(Boolean).join(', then ');
}
