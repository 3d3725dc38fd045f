import { wheelEnds, type WheelEnd } from '@/core/rig';
import { mayCheckLugs } from '@/core/rules';
import { threadsOf, type RigView } from '@/features/rigs';

/** The wheels whose lugs no wrench goes to: nobody knows what their threads carry, or the torque for it. */
export function barredLugs(view: Pick<RigView, 'rig' | 'model' | 'house'>): readonly WheelEnd[] {
  return wheelEnds(view.model).filter((end) => !mayCheckLugs(view.model, threadsOf(view, end)));
}
