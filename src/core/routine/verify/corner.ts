import { axleOf, hasBrake, hasDrum, sideOf, type WheelEnd } from '../../rig';
import type { CardStep } from '../compile';
import { playRound } from './round';
import type { Corner, Demand, Scene } from './scene';

/** What must hold before a step at a corner, and what the step then changes. */
export function play(
  step: CardStep,
  c: Corner,
  scene: Scene,
): { demands: readonly Demand[]; then: Partial<Corner> } {
  const place = step.place as WheelEnd;
  const axle = scene.model.axles[axleOf(place)];
  const drum = axle !== undefined && hasDrum(axle);
  const disc = axle?.brake === 'hydraulic-disc';
  const braked = axle !== undefined && hasBrake(axle);
  const held = scene.braked && scene.chocked.has(sideOf(place) === 'L' ? 'R' : 'L') && !scene.cleared;
  const othersUp = [...scene.corners].filter(([at, one]) => at !== place && one.lifted).map(([at]) => at);
  const wheelOff = c.lugs === 'off';
  const can = (holds: boolean, why: string): Demand => [holds, 0, why];
  const is = (demands: readonly Demand[], then: Partial<Corner>) => ({ demands, then });

  switch (step.step) {
    case 'cover-off':
      return is([can(c.lugs === 'torqued', 'the cover goes before the nuts')], {});
    case 'break-loose':
      return is(
        [
          [held, 1, 'parking brake and chocks first'],
          [!c.lifted, 2, 'nuts are broken loose while the tire carries weight'],
          can(c.lugs === 'torqued', 'these nuts are not tight'),
        ],
        { lugs: 'loose' },
      );
    case 'jack':
      return is(
        [
          [held, 1, 'parking brake and chocks before the jack'],
          [c.lugs === 'loose', 2, 'nuts are broken loose before the wheel leaves the ground'],
          [othersUp.every((at) => sideOf(at) === sideOf(place)), 17, 'never both sides up'],
          can(!c.lifted, 'this corner is up'),
        ],
        { lifted: true },
      );
    case 'stand':
      return is([[c.lifted, 4, 'a stand takes a raised frame']], { stand: true });
    case 'feel':
      return is(
        [
          [c.stand, 4, 'stand in place before hands go in'],
          can(c.lugs !== 'off', 'felt before anything is taken apart'),
        ],
        { felt: true },
      );
    case 'wheel-off':
      return is(
        [
          [c.stand, 4, 'stand in place before the wheel comes off'],
          can(c.lifted && c.lugs === 'loose', 'the wheel is not loose and up'),
          can(c.felt, 'rocked and spun before anything is taken apart'),
        ],
        { lugs: 'off', wasOff: true, rechecks: false },
      );
    case 'caliper-off':
      return is([can(wheelOff, 'the wheel is in the way'), can(c.caliper, 'it is off')], {
        caliper: false,
        brake: 'disturbed',
      });
    case 'cap-off':
      return is([[wheelOff, 5, 'wheel off before the cap'], can(c.cap, 'it is off')], { cap: false });
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
    case 'hub-off':
      return is(
        [
          [!c.nut, 6, 'nut off before the hub'],
          [!c.outer, 6, 'outer bearing out before the hub'],
          [!drum || c.shoesBack, 7, 'shoes backed off before the drum is pulled'],
          can(!disc || !c.caliper, 'the caliper holds the disc'),
          can(c.hub && c.stand, 'it is off'),
        ],
        { hub: false },
      );
    case 'read-seal':
      return is([can(!c.hub && c.seal, 'the seal is read in the hub, before it is destroyed')], {
        sealRead: true,
      });
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
    case 'look-brake':
      return is([can(!c.hub, 'the drum hides the shoes')], { brakeSeen: true });
    case 'renew':
      return is(
        [
          [c.bearingsSeen, 8, 'inspect before renewing'],
          [!c.packed, 8, 'a renewed bearing is packed after'],
        ],
        {
          renewed: true,
        },
      );
    case 'pack':
      return is([[c.bearingsSeen && c.renewed, 8, 'inspect before pack']], { packed: true });
    case 'smear':
      return is(
        [
          [c.clean && c.spindleSeen && c.renewed, 8, 'inspect before new grease'],
          can(!c.inner, 'the race is covered'),
        ],
        {
          smeared: true,
        },
      );
    case 'inner-in':
      return is(
        [
          [c.packed && c.smeared, 8, 'packed and smeared before it goes in'],
          can(!c.hub && !c.seal, 'the hub is shut'),
        ],
        {
          inner: true,
        },
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
          can(!c.hub, 'it is on'),
          can(!drum || c.brakeSeen, 'the brake is looked at while it is open'),
        ],
        { hub: true },
      );
    case 'outer-in':
      return is(
        [
          [c.hub, 6, 'hub on before the outer bearing'],
          [c.packed, 8, 'packed before it goes in'],
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
        { cap: true },
      );
    case 'top-up':
      return is([can(c.cap && c.seal && c.hub, 'the cap goes first, its plug last')], {});
    case 'caliper-on':
      return is([can(c.hub && !c.caliper, 'the caliper goes over the disc')], {
        caliper: true,
        brake: 'adjusted',
      });
    case 'wheel-on':
      return is(
        [
          [c.cap, 5, 'cap on before the wheel'],
          [c.caliper, 16, 'the caliper is still off'],
          can(wheelOff && c.hub, 'there is nothing to hang the wheel on'),
        ],
        { lugs: 'hung', round: 0 },
      );
    case 'hand-start':
      return is([[c.lugs === 'hung', 12, 'nuts are started by hand on a hung wheel']], {
        lugs: c.lugs === 'hung' ? 'started' : c.lugs,
      });
    case 'torque':
      return playRound(step, c, scene.lastInAir.get(place));
    case 'last-spin':
      return is(
        [
          [c.cap, 10, 'cap before the last spin check'],
          [c.lugs === 'snug', 12, 'nuts snug before the wheel is spun'],
          can(c.lifted, 'the wheel is on the ground'),
        ],
        { spun: true },
      );
    case 'brake-adjust':
      return is([[c.nutSet && c.lugs === 'snug' && c.lifted, 11, 'nut set, wheel on, in the air']], {
        brake: 'adjusted',
      });
    case 'brake-test':
      return is(
        [
          [c.brake === 'adjusted', 14, 'adjusted before it is tested'],
          can(c.lifted && c.lugs === 'snug', 'a brake is tested on a wheel that can turn'),
        ],
        { brake: 'tested' },
      );
    case 'lower':
      return is(
        [
          [c.lugs === 'snug', 12, 'nuts snug before the wheel takes weight'],
          [
            !braked || c.brake === 'as-it-was' || c.brake === 'tested',
            14,
            'brake tested before the wheel goes down',
          ],
          can(c.lifted && c.hub, 'it is down'),
          [c.spun, 10, 'spun before it goes down'],
        ],
        { lifted: false, stand: false },
      );
    case 'cover-on':
      return is([can(c.lugs === 'torqued', 'the cover hides nuts that are not at torque')], {});
    case 'open-rechecks':
      return is([[c.lugs === 'torqued' && c.wasOff, 13, 'rechecks count from the finished refit']], {
        rechecks: true,
      });
    default:
      return is([can(false, 'this step belongs to no corner')], {});
  }
}
