import type { Gap } from '@/core/log';
import type { UnitSystem } from '@/core/base';
import { day } from './dates';
import { measure } from './measure';

/** Miles that no trip tells of: `120 mi not accounted for between 3 May and 11 May`. */
export function gapWords(gap: Gap, name: string, system: UnitSystem, now: string): string {
  const far = measure(gap.distance, 'distance', system);
  return `${far} not accounted for between ${day(gap.from, now)} and ${day(gap.to, now)}: ${name}'s meter gained more than the logged trips. They count as towed; log the missing trip to explain them.`;
}
