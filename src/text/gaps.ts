import type { Gap } from '@/core/log';
import type { UnitSystem } from '@/core/quantity';
import { day } from './dates';
import { measure } from './measure';

/** Miles that no trip tells of: `120 mi unaccounted between 3 May and 11 May`. */
export function gapWords(gap: Gap, name: string, system: UnitSystem, now: string): string {
  const far = measure(gap.distance, 'distance', system);
  return `${far} unaccounted between ${day(gap.from, now)} and ${day(gap.to, now)}: ${name}'s meter gained more than its trips tell. They count as towed; a late trip logged for those days explains them.`;
}
