import { dead, dragging, fade, lights } from './brakes';
import type { TroubleDef } from './define';
import type { TroubleId } from './ids';
import { breakaway, coupler, lost, ramp, shifted, spring, strap, stuck, sway } from './hitch';
import { cap, grease, hot, leaning, oilBath, studs } from './hubs';
import { noise, smoke, struck, wire } from './other';
import { carcass, flat, nail, soft, tireHot } from './tires';

/** Every trouble by its name. */
export const TROUBLES = {
  nail,
  soft,
  flat,
  carcass,
  'tire-hot': tireHot,
  hot,
  leaning,
  cap,
  'oil-bath': oilBath,
  grease,
  studs,
  dragging,
  dead,
  fade,
  lights,
  strap,
  coupler,
  breakaway,
  spring,
  sway,
  shifted,
  lost,
  stuck,
  ramp,
  smoke,
  wire,
  struck,
  noise,
} as const satisfies Record<TroubleId, TroubleDef>;

/** What is known of a trouble. */
export function troubleDef(id: TroubleId): TroubleDef {
  return TROUBLES[id];
}
