import type { RigModel } from './model';

/** True for a boat trailer whose hubs go into salt or brackish water, or into water that nobody has told: it counts as salt (trouble 3, hot hubs at the ramp). */
export function countsAsSalt({ kind, environment }: Pick<RigModel, 'kind' | 'environment'>): boolean {
  return kind === 'boat' && environment?.water !== 'fresh';
}
