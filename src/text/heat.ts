import { fromSI, unitFor, type UnitSystem } from '@/core/base';

/** Hubs nearer to each other than this run level (K). */
const LEVEL = 1;

/** A difference of temperatures (K) with its unit. */
export function degrees(kelvins: number, system: UnitSystem): string {
  const unit = unitFor('temperature', system);
  const size = fromSI(kelvins, unit) - fromSI(0, unit);
  return `${Math.round(size)} ${unit}`;
}

/** How a hub stands to its mate (K). */
export function overMate(kelvins: number, system: UnitSystem): string {
  if (Math.abs(kelvins) < LEVEL) return 'level with its mate';
  return `${degrees(Math.abs(kelvins), system)} ${kelvins < 0 ? 'under' : 'over'} its mate`;
}
