import { axleOf, type WheelEnd } from '../../rig';
import type { CardStep } from '../card';
import { setHere } from './hub';
import { can, is, type Corner, type Played, type Scene } from './scene';

/** Looking at a brake, building it, setting it and showing that it works. */
export function playBrake(step: CardStep, c: Corner, scene: Scene): Played | undefined {
  const disc = scene.model.axles[axleOf(step.place as WheelEnd)]?.brake === 'hydraulic-disc';
  const open = !c.hub;
  switch (step.step) {
    case 'look-brake':
      return is([can(open, 'the drum hides the shoes')], { brakeSeen: true });
    case 'measure-brake':
      return is(
        [can(disc ? c.lugs === 'off' : open && c.brakeSeen, 'the brake is measured where it is open')],
        {},
      );
    case 'look-through':
      return is([can(c.lugs === 'off' && c.hub, 'the plate is looked through with the wheel off')], {});
    case 'pads-out':
      return is([can(!c.caliper && c.pads, 'the caliper holds the pads')], { pads: false });
    case 'pads-in':
      return is([can(!c.caliper && !c.pads, 'the old pads are still in')], { pads: true });
    case 'grease-off-brake':
      return is([can(open && c.brakeSeen, 'the brake is cleaned while it is open')], {});
    case 'wipe-face':
      return is([can(open, 'the new face is wiped before it is hung')], { faceClean: true });
    case 'wires-off':
      return is(
        [
          can(open && c.plate && c.wires, 'wires are cut with the drum off'),
          can(c.brakeSeen, 'nobody looked at the drum that stays'),
        ],
        {
          wires: false,
          brake: 'disturbed',
        },
      );
    case 'plate-off':
      return is([[!c.wires, 6, 'wires off before the plate'], can(open && c.plate, 'it is off')], {
        plate: false,
        flangeSeen: false,
        handChecked: false,
        brakeSeen: true,
      });
    case 'look-flange':
      return is([can(open, 'the drum hides the flange')], { flangeSeen: true });
    case 'check-hand':
      return is([can(open && c.flangeSeen, 'the hand is checked before it is mounted, on a sound flange')], {
        handChecked: true,
      });
    case 'plate-on':
      return is(
        [
          [c.handChecked, 14, 'left and right differ: the hand is checked before mounting'],
          [!setHere(step, scene), 15, 'the axle is not tight under its springs'],
          can(open, 'the drum is on'),
        ],
        {
          plate: true,
          wires: false,
          brake: 'disturbed',
          brakeSeen: true,
        },
      );
    case 'wires-on':
      return is([can(c.plate && !c.wires && open, 'wires go to a mounted plate')], { wires: true });
    case 'shoes-off':
      return is(
        [can(open && c.shoes, 'they are off'), can(c.brakeSeen, 'nobody looked at the drum that stays')],
        {
          shoes: false,
          flangeSeen: false,
          brake: 'disturbed',
          brakeSeen: true,
        },
      );
    case 'shoes-on':
      return is([can(open && !c.shoes && c.flangeSeen, 'the plate is looked at while it is bare')], {
        shoes: true,
      });
    case 'magnet-out':
      return is([can(open && c.magnet && c.brakeSeen, 'it is out')], { magnet: false, brake: 'disturbed' });
    case 'magnet-in':
      return is([can(open && !c.magnet, 'the old one is still in')], { magnet: true });
    case 'brake-adjust':
      return is(
        [
          [
            c.nutSet && c.lifted && c.stand && (c.lugs === 'snug' || (c.lugs === 'torqued' && !c.wasOff)),
            11,
            'nut set, wheel on, in the air',
          ],
          can(c.felt, 'the hub is felt before the brake is set'),
        ],
        { brake: 'adjusted' },
      );
    case 'brake-test':
      return is(
        [
          [c.brake === 'adjusted', 14, 'adjusted before it is tested'],
          [
            !scene.setAxle.some((end) => end === step.place) || scene.axleWires,
            14,
            'the wires of the new axle are joined before its brakes are tested',
          ],
          // One circuit: a line that is open anywhere takes the fluid of all.
          [scene.axleLines, 14, 'the lines of the new axle are joined before any brake is tested'],
          can(
            c.lifted && c.lugs !== 'off' && c.lugs !== 'hung' && c.lugs !== 'started',
            'a brake is tested on a wheel that can turn',
          ),
        ],
        { brake: 'tested' },
      );
    default:
      return undefined;
  }
}
