import { fromSI, type UnitSystem } from '@/core/base';
import type { Alarm, AlarmCode } from '@/core/road';
import { measure } from '../measure';

/** A difference of temperatures (K) in the owner's degrees. */
const degrees = (kelvin: number, system: UnitSystem) =>
  `${Math.round(system === 'us' ? kelvin * 1.8 : kelvin)} ${system === 'us' ? '°F' : '°C'}`;

const SAID: Readonly<Record<AlarmCode, string>> = {
  'hub-over-mate': 'Hub hotter than the one across',
  'hub-over-air': 'Hub far over the air',
  'hub-hot': 'Hot hub',
  'tire-leak': 'Tire losing air',
  'tire-low': 'Tire low',
  'tire-rise': 'Tire heating up',
  'tire-under-mate': 'Tire softer than the one across',
};

/** What is called out, short: `2L: hot hub`. */
export function alarmTitle({ code, place }: Pick<Alarm, 'code' | 'place'>): string {
  return `${place}: ${SAID[code].charAt(0).toLowerCase()}${SAID[code].slice(1)}`;
}

/** The figures that it rests on. */
export function alarmFigures({ code, value, against }: Alarm, system: UnitSystem): string {
  const heat = measure(value, 'temperature', system);
  const pressure = measure(value, 'pressure', system);
  switch (code) {
    case 'hub-over-mate':
      return `${heat}, ${degrees(value - (against ?? value), system)} over its mate`;
    case 'hub-over-air':
      return `${heat}, ${degrees(value - (against ?? value), system)} over the air`;
    case 'hub-hot':
      return `${heat}, over ${measure(against ?? value, 'temperature', system)}`;
    case 'tire-leak': {
      const rate = fromSI((against ?? 0) * 60, system === 'us' ? 'psi' : 'bar');
      return `${pressure}, losing about ${rate.toFixed(system === 'us' ? 1 : 2)} ${system === 'us' ? 'psi' : 'bar'} a minute by the other tires`;
    }
    case 'tire-low':
      return `${pressure} warm; target ${measure(against ?? value, 'pressure', system)} cold`;
    case 'tire-rise':
      return `${pressure}; ${measure(against ?? value, 'pressure', system)} this morning`;
    case 'tire-under-mate':
      return `${pressure}; ${measure(against ?? value, 'pressure', system)} across`;
  }
}

/** What to do about it, at once. */
export const ALARM_DO: Readonly<Record<Alarm['weight'], string>> = {
  look: 'Ease off. Stop at the next safe place and check it.',
  stop: 'Slow down. Pull off at the first safe place and stop.',
};
