import { axleOf, greasedUnderCap, hasBrake, hasCapPlug, hasDrum, type WheelEnd } from '../../rig';
import type { CardStep } from '../card';
import { can, is, type Corner, type Played, type Scene } from './scene';

/** True at the ends of an axle that is off, or not at its torque yet. */
export function setHere(step: CardStep, { axle, setAxle }: Scene): boolean {
  return setAxle.some((end) => end === step.place) && axle !== 'as-it-was' && axle !== 'tight';
}

/** Opening and closing a hub. */
export function playHub(step: CardStep, c: Corner, scene: Scene): Played | undefined {
  const axle = scene.model.axles[axleOf(step.place as WheelEnd)];
  const drum = axle !== undefined && hasDrum(axle);
  const disc = axle?.brake === 'hydraulic-disc';
  const braked = axle !== undefined && hasBrake(axle);
  const wheelOff = c.lugs === 'off';
  const drilled = axle !== undefined && hasCapPlug(axle);
  const underCap = axle !== undefined && greasedUnderCap(axle);
  const scrapped = scene.newHubs.some((end) => end === step.place);
  switch (step.step) {
    case 'caliper-off':
      return is([can(wheelOff, 'the wheel is in the way'), can(c.caliper, 'it is off')], {
        caliper: false,
        brake: 'disturbed',
      });
    case 'cap-off':
      return is([[wheelOff, 5, 'wheel off before the cap'], can(c.cap, 'it is off')], { cap: false });
    case 'see-hub':
      return is([can(!c.cap && c.lock, 'hub and lock are seen behind the cap')], {});
    case 'unwind-ring':
      return is([can(!c.cap, 'the cap hides what broke off')], {});
    case 'soak-pin':
      return is([can(!c.cap && c.lock, 'the pin is reached with the cap off')], {});
    case 'lock-out':
      return is([can(!c.cap, 'the cap is in the way'), can(c.lock, 'it is out')], { lock: false });
    case 'mark-hole':
      return is([can(!c.lock && c.nut, 'the hole is found with the lock out and the nut still on')], {
        holeMarked: true,
      });
    case 'nut-off':
      return is(
        [
          [!c.lock, 6, 'lock out before the nut'],
          can(c.nut, 'it is off'),
          can(
            axle?.hub !== 'drilled' || axle.lock !== 'cotter' || c.holeMarked,
            'the pin hole is marked while the nut shows it',
          ),
        ],
        { nut: false, nutSet: false },
      );
    case 'outer-out':
      return is([[!c.nut, 6, 'nut off before the outer bearing'], can(c.outer, 'it is out')], {
        outer: false,
      });
    case 'shoes-back':
      return is([can(wheelOff && c.hub, 'shoes are backed off with the wheel off and the drum on')], {
        shoesBack: true,
        brake: 'disturbed',
      });
    case 'free-drum':
      return is(
        [
          [c.shoesBack, 7, 'shoes backed off before a hanging drum is forced'],
          can(!c.outer, 'the bearing holds it'),
        ],
        {},
      );
    case 'hub-off':
      return is(
        [
          [!c.nut, 6, 'nut off before the hub'],
          [!c.outer, 6, 'outer bearing out before the hub'],
          [!drum || c.shoesBack, 7, 'shoes backed off before the drum is pulled'],
          can(!disc || !c.caliper, 'the caliper holds the disc'),
          can(c.hub && c.stand, 'it is off'),
        ],
        { hub: false, hubWasOff: true },
      );
    case 'read-seal':
      return is([can(!c.hub && c.seal, 'the seal is read in the hub, before it is destroyed')], {
        sealRead: true,
        sealSeen: true,
      });
    case 'look-seal':
      return is([can(!c.hub && c.seal, 'the seal is looked at in the hub, the hub off')], {
        sealSeen: true,
      });
    case 'read-hub':
      return is([can(!c.hub && c.outer === false, 'numbers are read with the hub off')], {
        ...(scrapped && { oldRead: true, sealSeen: true }),
      });
    case 'wipe-spindle':
      return is([can(!c.hub && scrapped, 'what stays is the spindle')], { clean: true });
    case 'clear-line':
      return is([can(!c.hub, 'the hub hides the line')], {});
    case 'seal-out':
      return is(
        [[!c.hub, 6, 'hub off before the seal'], can(c.seal && c.sealRead, 'the seal is read first')],
        {
          seal: false,
        },
      );
    case 'inner-out':
      return is([[!c.seal, 6, 'seal out before the inner bearing'], can(c.inner, 'it is out')], {
        inner: false,
      });
    case 'clean':
      return is([[!c.inner && !c.outer && !c.hub, 8, 'all of it is cleaned, so all of it is out']], {
        clean: true,
      });
    case 'look-bearings':
      return is([[c.clean, 8, 'clean before inspect']], { bearingsSeen: true });
    case 'look-spindle':
      return is([[c.clean, 8, 'clean before inspect']], { spindleSeen: true });
    case 'renew':
      return is(
        [
          [c.bearingsSeen, 8, 'inspect before renewing'],
          [!c.packed, 8, 'a renewed bearing is packed after'],
        ],
        { renewed: true },
      );
    case 'match-hub':
      // The new hub is empty: rollers and seal go into it.
      return is([[c.oldRead && c.spindleSeen, 8, 'the old one is read before the new one is matched']], {
        renewed: true,
        faceClean: false,
        bearingsSeen: true,
        inner: false,
        seal: false,
      });
    case 'race-out':
      return is([[c.renewed && !c.packed, 8, 'races go before new grease'], can(!c.hub, 'the hub is on')], {
        races: false,
      });
    case 'race-in':
      return is([[c.renewed && !c.packed, 8, 'races are seated before new grease']], { races: true });
    case 'pack':
      return is([[c.bearingsSeen && c.renewed, 8, 'inspect before pack']], { packed: true });
    case 'smear':
      return is(
        [
          [c.clean && c.spindleSeen && c.renewed && c.races, 8, 'inspect before new grease'],
          can(!c.inner, 'the race is covered'),
        ],
        { smeared: true },
      );
    case 'inner-in':
      return is(
        [
          [c.packed && c.smeared, 8, 'packed and smeared before it goes in'],
          [c.races, 9, 'its race is seated before the inner bearing'],
          can(!c.hub && !c.seal, 'the hub is shut'),
        ],
        { inner: true },
      );
    case 'seal-in':
      return is(
        [[c.inner, 9, 'inner bearing before the seal'], can(!c.hub, 'the seal is driven with the hub off')],
        {
          seal: true,
        },
      );
    case 'hub-on':
      return is(
        [
          [c.inner && c.seal, 9, 'seal flush before the hub goes on'],
          [c.plate && c.shoes && c.magnet && c.wires, 16, 'the brake is not together'],
          can(!c.hub, 'it is on'),
          [!setHere(step, scene), 15, 'the axle is not tight under its springs'],
          can(c.sealSeen, 'nobody looked at the seal while the hub was off'),
          can(!drum || c.brakeSeen, 'the brake is looked at while it is open'),
          [c.faceClean || !(braked || c.brake !== 'as-it-was'), 14, 'oil or grease on the face that brakes'],
        ],
        { hub: true },
      );
    case 'find-washer':
      return is([can(!c.outer && c.hub, 'the washer goes in with the outer bearing')], {});
    case 'outer-in':
      return is(
        [
          [c.hub, 6, 'hub on before the outer bearing'],
          [!c.clean || c.packed, 8, 'packed before it goes in'],
        ],
        { outer: true },
      );
    case 'nut-set':
      return is([[c.outer && c.hub, 6, 'outer bearing and washer before the nut']], {
        nut: true,
        nutSet: true,
      });
    case 'lock-in':
      return is([[c.nut && c.nutSet, 10, 'nut set before the lock']], { lock: true });
    case 'check-set':
      return is([can(c.lock && c.nutSet && !c.cap, 'checked with the lock in and the cap still off')], {
        setChecked: true,
      });
    case 'cap-on':
      return is(
        [[c.lock && c.nutSet, 10, 'lock before the cap'], can(c.setChecked, 'the setting is checked first')],
        {
          cap: true,
          plug: !drilled,
        },
      );
    case 'top-up':
      return is(
        [
          can(c.seal && c.hub, 'there is no hub to fill'),
          can(
            underCap ? !c.cap && c.setChecked : c.cap,
            underCap ? 'the cap covers the fitting' : 'the cap goes first',
          ),
          can(!drilled || !c.plug, 'the plug covers the fitting'),
        ],
        {},
      );
    case 'plug-home':
      return is([can(c.cap && !c.plug, 'it goes into the cap, once')], { plug: true });
    case 'caliper-on':
      return is(
        [can(c.hub && !c.caliper, 'the caliper goes over the disc'), [c.pads, 16, 'the pads are still out']],
        {
          caliper: true,
          brake: 'adjusted',
        },
      );
    case 'plug-out':
      return is(
        [
          [c.stand, 4, 'stand in place before the wheel is turned'],
          can(c.plug && c.felt, 'it is out, or nobody felt the hub first'),
        ],
        {
          plug: false,
          wiped: false,
          pumped: false,
          backSeen: false,
        },
      );
    case 'wipe-fitting':
      return is([can(!c.plug, 'the plug covers the fitting')], { wiped: true });
    case 'pump':
      return is(
        [
          [c.wiped, 8, 'dirt on the fitting goes into the bearing'],
          can(c.stand && !c.plug, 'the fitting is shut'),
          can(wheelOff === (axle?.greaseReach === false), 'the gun does not reach'),
        ],
        {
          pumped: true,
        },
      );
    case 'look-back':
      return is([can(c.pumped, 'the back is watched for what was pumped')], { backSeen: true });
    case 'plug-in':
      return is(
        [[c.backSeen, 8, 'a blown seal is seen before the plug goes back'], can(!c.plug, 'it is in')],
        { plug: true },
      );
    default:
      return undefined;
  }
}
