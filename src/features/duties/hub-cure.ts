import type { Duty } from '@/core/duty';
import type { RoutineId, RoutinePlace } from '@/core/rules';

/** The routine that puts a hub right: its repack, or its service where it stays shut. */
export function hubCure(duties: readonly Duty[], place: RoutinePlace | undefined): RoutineId | undefined {
  return (['repack', 'hub-service'] as const).find((routine) =>
    duties.some((duty) => duty.routine === routine && duty.place === place),
  );
}
