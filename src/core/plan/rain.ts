import { isWheelEnd } from '../rig';
import { PLANS, type Job } from '../routine';

/** True for work that goes on in the rain: it raises nothing and takes nothing apart that has to stay dry, and can be done with the trailer half under a roof. */
export function standsRain({ routine, place }: Job): boolean {
  const plan = PLANS[routine];
  if (!plan || plan.corner || plan.frame) return false;
  // Under the rig one lies in the wet; at a wheel a jack or a wrench slips.
  return routine !== 'underside' && routine !== 'pivots' && !(isWheelEnd(place) && plan.after !== undefined);
}
