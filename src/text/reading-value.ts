import { READINGS, type ReadingId } from '@/core/routine';
import { fromSI, type UnitSystem } from '@/core/quantity';
import { partLength } from './facts';
import { count, measure } from './measure';

/** A tread's depth as its gauge shows it: thirty-seconds of an inch, or millimetres. */
function treadDepth(metres: number, system: UnitSystem): string {
  if (system === 'metric') return measure(metres, 'length', system, 1);
  return `${Number((fromSI(metres, 'in') * 32).toFixed(1))}/32 in`;
}

/** What a reading is measured in; undefined for counts, plain numbers and words. */
export function readingDimension(what: string): 'length' | 'pressure' | 'temperature' | undefined {
  if (what === 'end-play') return 'length';
  if (what === 'pressure-set') return 'pressure';
  if (what.endsWith('-temp')) return 'temperature';
  const def = Object.hasOwn(READINGS, what) ? READINGS[what as ReadingId] : undefined;
  return def?.as === 'quantity' ? def.of : undefined;
}

/** The value of a reading, with its unit. */
export function readingValue(what: string, value: number | string, system: UnitSystem): string {
  if (typeof value === 'string') return value;
  if (what === 'end-play') return measure(value, 'length', system);
  if (what === 'strokes') return count(value, 'stroke');
  if (what === 'slots-back') return `${value} slots`;
  if (what === 'studs-done') return count(value, 'stud');
  if (what.startsWith('nuts')) return count(value, 'nut');
  if (what === 'pressure-set') return measure(value, 'pressure', system);
  if (what.endsWith('-temp')) return measure(value, 'temperature', system);
  if (what === 'brake-amps') return `${value} A`;
  if (what.startsWith('tread')) return treadDepth(value, system);
  if (what === 'lining') return partLength(value, system);
  const def = Object.hasOwn(READINGS, what) ? READINGS[what as ReadingId] : undefined;
  if (def?.as === 'quantity') return measure(value, def.of, system);
  return def?.as === 'number' ? `${value} ${def.unit}` : String(value);
}
