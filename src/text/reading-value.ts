import { readingDef, type ReadingId, type ReadingProblem } from '@/core/rules';
import { formatUpTo, fromSI, type UnitSystem } from '@/core/base';
import { partLength } from './facts';
import { count, measure, typed } from './measure';
import { parseWords } from './problems';
import { readingUnit } from './readings';

/** A tread's depth as its gauge shows it: thirty-seconds of an inch, or millimetres. */
function treadDepth(metres: number, system: UnitSystem): string {
  if (system === 'metric') return measure(metres, 'length', system, 1);
  return `${formatUpTo(fromSI(metres, 'in') * 32, 1)}/32 in`;
}

/** Digits behind the point of a figure that is shown to be typed over. */
const DECIMALS = { length: 4, pressure: 1, temperature: 1 } as const;

/** What a reading is measured in; undefined for counts, plain numbers and words. */
export function readingDimension(what: ReadingId): 'length' | 'pressure' | 'temperature' | undefined {
  const def = readingDef(what);
  return def.as === 'quantity' ? def.of : undefined;
}

/** A reading as it stands in a field, to be typed over. */
export function readingTyped(what: ReadingId, value: number | string, system: UnitSystem): string {
  const dimension = readingDimension(what);
  return typeof value === 'number' && dimension
    ? typed(value, dimension, system, DECIMALS[dimension])
    : String(value);
}

/** Why what was typed is no such reading. */
export function readingProblemWords(problem: ReadingProblem, system: UnitSystem): string {
  return problem.code === 'negative' ? 'This cannot be negative.' : parseWords(problem, system);
}

/** The value of a reading, with its unit. */
export function readingValue(what: ReadingId, value: number | string, system: UnitSystem): string {
  if (typeof value === 'string') return value === 'not-printed' ? 'not named on its cartridge' : value;
  if (what.startsWith('tread')) return treadDepth(value, system);
  if (what === 'lining' || what.startsWith('pad') || what === 'disc-thickness')
    return partLength(value, system);
  const def = readingDef(what);
  if (def.as === 'quantity') return measure(value, def.of, system);
  if (def.as === 'number') return `${value} ${def.unit}`;
  const unit = readingUnit(what);
  return unit ? count(value, unit.replace(/s$/, '')) : String(value);
}
