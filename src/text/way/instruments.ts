import type { MilesBy } from '@/core/log';
import { formatNumber, type UnitSystem } from '@/core/quantity';
import type { Channel, Quality } from '@/core/trip';
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
