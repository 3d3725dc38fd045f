import { isWheelEnd } from '@/core/rig';
import { threadsNow, type RoutinePlace, type ThreadState } from '@/core/rules';
import type { RigView } from './use-rigs';

/** How the stud threads of a place stand; none where nobody knows. */
export function threadsOf(
  { rig, house }: Pick<RigView, 'rig' | 'house'>,
  place: RoutinePlace,
): ThreadState | undefined {
  return isWheelEnd(place) ? threadsNow(rig.threads[place], house) : 'dry';
}
