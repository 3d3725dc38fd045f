import type { UnitSystem } from '@/core/base';
import type { RigModel } from '@/core/rig';
import { LINING_MINIMUM, TREAD_WATCHED, type HouseRules, type RoutineId } from '@/core/rules';
import { partLength } from './facts';
import { measure } from './measure';
import { readingValue } from './reading-value';
import { targetWords } from './target';

/** How a routine is done, shortly, and what can hurt. */
export interface RoutineHow {
  readonly how: string;
  readonly caution?: string;
}

const RAISED =
  'Chocks on the other side, jack under the frame, stand in place before hands go in. The tire just clears the ground.';

/** How a routine is done on a rig, with its figures; what is not known is said to be. */
export function routineHow(
  routine: RoutineId,
  model: RigModel,
  house: Pick<HouseRules, 'pressure'>,
  torque: string,
  system: UnitSystem,
): RoutineHow {
  const target = targetWords(model, house, system);
  switch (routine) {
    case 'repack':
      return { how: 'Step by step on the Bench.' };
    case 'hub-look':
      return {
        how: 'Each wheel up: rock it at several clock positions, spin and listen, turn the tread past the eye for nails.',
        caution: RAISED,
      };
    case 'hub-service':
      return { how: "As its maker's manual says: such a hub is not opened on the side.", caution: RAISED };
    case 'grease':
      return {
        how: 'Plug out, fitting wiped, gun straight on. Turn the wheel slowly while you pump, 3–5 strokes, and watch the front and the back of the hub.',
        caution: 'Grease behind the hub means the seal has blown: stop, and look at the brake. Gloves on.',
      };
    case 'lug-torque':
      return {
        how: `Every nut, in a star, at ${torque}, with the tire on the ground.`,
        caution: 'A nut that turns by hand: look for broken studs and worn holes before anything else.',
      };
    case 'adapter-torque': {
      const own = model.wheels.adapter?.torque;
      return {
        how: `The adapter's own nuts, wheel off, at ${own ? measure(own.value, 'torque', system) : "its maker's figure, which is not known here yet"}.`,
        caution: RAISED,
      };
    }
    case 'brake-adjust':
      return {
        how: 'Wheel up, star wheel turned until it just drags once around, then compared with its mate. Plug back in the slot. It stops firmly when the brake is applied, and lets go cleanly.',
        caution: RAISED,
      };
    case 'brake-measure':
      return {
        how: `Lining over twice its minimum (${partLength(LINING_MINIMUM.bonded, system)} bonded, ${partLength(LINING_MINIMUM.riveted, system)} over rivets), drum inside its stamped maximum, magnet even and over its marks.`,
        caution: 'Brake dust is wiped wet, never blown.',
      };
    case 'tire-look':
      return {
        how: `Cuts, bulges, nails, cracks between tread blocks and on the wall, uneven wear, valve and cap. Tread over ${readingValue('tread-middle', TREAD_WATCHED, system)}.`,
      };
    case 'tire-renew':
      return { how: 'In pairs, all on an axle alike, trailer-rated, load range enough.' };
    case 'walkaround':
      return {
        how: 'From the tongue to the back: cold pressures with the spare, lights, coupler and pin, chains, breakaway cable, caps, lugs, straps.',
      };
    case 'rinse':
      return { how: 'Fresh water over hubs, brakes, springs, frame and winch. Let hot hubs cool first.' };
    case 'pressures':
      return {
        how: `Cold: parked three hours, or towed ${system === 'us' ? 'under a mile' : 'less than 1.5 km'}. ${target ? `Target: ${target}` : "The placard's pressure is not known here yet"}, the spare too.`,
        caution: 'Stand aside while a tire fills.',
      };
    case 'lights':
      return {
        how: 'Function by function, with a helper or a phone that films: running, brake, left, right, plate, and the pins of the plug.',
      };
    case 'breakaway-test':
      return {
        how: 'Battery over 12.4 V. Pull the pin: the brakes hold the trailer. Cable whole, pin back in.',
        caution: 'Never tow with the pin out. Chock the wheels first.',
      };
    case 'battery-renew':
      return { how: 'Replaced every two years, or under 12.0 V.' };
    case 'gear-look':
      return { how: 'Look at each and move what moves: cracks, wear, rust, looseness, what is missing.' };
    case 'underside':
      return {
        how: 'A wrench on every U-bolt, hanger bolt, shackle bolt and axle bolt.',
        caution: 'On level ground, wheels chocked. Nobody goes under a trailer that stands on a jack alone.',
      };
    case 'pivots':
      return {
        how: 'Greaseable bolts take grease until it shows at the bushing; dry bushings are checked for play, bright metal and oval eyes.',
        caution: 'On level ground, wheels chocked, stands under the frame.',
      };
    case 'contacts':
      return {
        how: 'Bulbs out, contacts cleaned, a little dielectric grease, and the pins of the plug too.',
      };
    case 'wash':
      return { how: 'Mud and salt off the frame, the springs and inside the wheels, before it stands.' };
    case 'unload-tires':
      return {
        how: 'Pressure up, and the load off the tires: stands under the frame, or the trailer moved now and then.',
        caution: 'Stands on firm ground, all four, before the weight goes on them.',
      };
    case 'battery-out':
      return { how: 'Battery out, dry and charged; the cable kept off bare metal.' };
  }
}
