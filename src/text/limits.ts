import { type Instant, toSI, type UnitSystem } from '@/core/base';
import type { Joined, RoadLimits } from '@/core/log';
import { day } from './dates';
import { findingWords } from './finding';
import { placeName } from './gear';
import { capital, small } from './measure';
import { ROLL_WORDS, speedWords } from './road';

const JOINED_WORDS: Readonly<Record<Joined, string>> = {
  'two-on-one-axle': 'Two troubles on one axle',
  'two-on-one-side': 'Two troubles on one side',
  'three-at-once': 'Three troubles at once',
};

/** How far it may roll by all limits together, short: `Creep: 0.8 mi left, at 15 mph at most`. */
export function rollWords({ roll, left, speed }: RoadLimits, system: UnitSystem): string {
  if (roll === 'stay') return 'Stay: not towed any farther';
  const far = left === undefined ? undefined : `${leftOf(left, system)} left`;
  const fast = speed === undefined ? undefined : `${speedWords(speed, system)} at most`;
  return `${ROLL_WORDS[roll]}: ${[far, fast].filter(Boolean).join(', ')}`;
}

/** Miles that are left, rounded down: never told as more than they are. */
function leftOf(left: number, system: UnitSystem): string {
  const unit = toSI(1, system === 'us' ? 'mi' : 'km');
  const whole = left / unit;
  const shown = whole < 5 ? Math.floor(whole * 10 + 1e-6) / 10 : Math.floor(whole + 1e-6);
  return `${shown} ${system === 'us' ? 'mi' : 'km'}`;
}

/** Why, and what ends it: `Two troubles on one axle: hot hub at 1L; flat at 1R.` */
export function limitsWhy({ roll, joined, of, until }: RoadLimits, system: UnitSystem, now: Instant): string {
  const each = of.map((one) => {
    const { place } = one;
    const said = findingWords(one, system);
    return place === 'rig' ? said : `${placeName(place)} ${small(said)}`;
  });
  const why = [joined && JOINED_WORDS[joined], each.join('; ')].filter(Boolean).join(': ');
  return `${capital(why)}.${roll !== 'stay' && until ? ` Until ${day(until, now)} at the latest.` : ''}`;
}

/** All limits together in a sentence. */
export function limitsWords(limits: RoadLimits, system: UnitSystem): string {
  const why = limits.joined ? `${JOINED_WORDS[limits.joined]}. ` : '';
  return `${why}${rollWords(limits, system)}.`;
}
