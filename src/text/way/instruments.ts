import { msOf, type Instant, formatNumber, type UnitSystem } from '@/core/base';
import type { MilesBy } from '@/core/log';
import type { Channel, Miles, Quality } from '@/core/road';
import { dayAndTime } from '../dates';
import { measure } from '../measure';
import { speedWords } from '../road';

/** What an instrument reads, as it is called. */
export const CHANNEL_WORDS: Readonly<Record<Channel | 'position', string>> = {
  pressure: 'tire pressure',
  'tire-temp': 'air in the tire',
  'hub-temp': 'hub',
  air: 'air outside',
  'brake-amps': 'brake current',
  torque: 'torque',
  distance: 'miles',
  speed: 'speed',
  position: 'position',
};

/** How far a figure can be trusted, where it is not plainly good. */
export const QUALITY_WORDS: Readonly<Record<Exclude<Quality, 'good'>, string>> = {
  nonsense: 'sends nonsense',
  jump: 'jumped: not believed yet',
  silent: 'silent',
};

/** Why an instrument tells nothing any more. */
export const STATE_WORDS = {
  on: 'on',
  ended: 'at its end',
  refused: 'Position was refused. Allow it for this site in the browser, or say your miles at each stop.',
  lost: 'No position here, as in a tunnel or under a roof. Miles go on once it is back.',
  none: 'This device has no position. Say your miles at each stop.',
} as const;

/** Who says how far a trip has come. */
export const MILES_BY_WORDS: Readonly<Record<MilesBy | 'clock', string>> = {
  owner: 'as you read them',
  position: 'by position',
  instrument: 'by the trip meter',
  clock: 'at most, by the clock',
};

/** With no miles told for so long (ms) what the clock allows is no figure any more: it still counts against every limit. */
const LONG_UNTOLD = 12 * 3_600_000;

/** How far a trip has come, and who says so; without a figure where nobody has told one, or too long ago. */
export function comeWords(
  { into, by }: Miles,
  told: Instant,
  now: Instant,
  system: UnitSystem,
): { readonly figure: string | undefined; readonly said: string } {
  if (by === 'owner' && into === 0) return { figure: undefined, said: 'No miles told yet' };
  if (by === 'clock' && msOf(now) - msOf(told) > LONG_UNTOLD)
    return { figure: undefined, said: `Miles not known: none told since ${dayAndTime(told)}` };
  return { figure: measure(into, 'distance', system, 0), said: `into the trip, ${MILES_BY_WORDS[by]}` };
}

/** A figure of a channel with its unit. */
export function channelValue(what: Channel, value: number, system: UnitSystem): string {
  switch (what) {
    case 'pressure':
      return measure(value, 'pressure', system);
    case 'tire-temp':
    case 'hub-temp':
    case 'air':
      return measure(value, 'temperature', system);
    case 'brake-amps':
      return `${formatNumber(value, 1)} A`;
    case 'torque':
      return measure(value, 'torque', system);
    case 'distance':
      return measure(value, 'distance', system, 1);
    case 'speed':
      return speedWords(value, system);
  }
}
