import { axleOf, hasBrake, hasCapPlug, hasDrum, sideOf, type WheelEnd } from '../../rig';
import { lugTorque, mayCheckLugs } from '../../rules';
import type { CardStep } from '../card';
import { playBrake } from './brake';
import { playRound } from './round';
import { can, type Corner, type Demand, type Played, type Scene } from './scene';

const is = (demands: readonly Demand[], then: Partial<Corner>): Played => ({ demands, then });

/** A round of the star; the full figure is the one for threads that stand as these do. */
function playTorque(step: CardStep, c: Corner, scene: Scene): Played | undefined {
  const played = playRound(step, c, scene.lastInAir.get(step.place as WheelEnd));
  const figure = c.threads && lugTorque(scene.model, c.threads)?.value;
  const fits = c.threads !== undefined && (step.round?.share !== 1 || step.round.torque === figure);
  return played && { ...played, demands: [...played.demands, [fits, 12, 'not the torque for its threads']] };
}

/** Raising, the wheel, letting down. */
function playRaise(step: CardStep, c: Corner, scene: Scene): Played | undefined {
  const place = step.place as WheelEnd;
  const axle = scene.model.axles[axleOf(place)];
  const braked = axle !== undefined && hasBrake(axle);
  const held = scene.braked && scene.chocked.has(sideOf(place) === 'L' ? 'R' : 'L') && !scene.cleared;
  const othersUp = [...scene.corners].filter(([at, one]) => at !== place && one.lifted).map(([at]) => at);
  const wheelOff = c.lugs === 'off';
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
          [
            step.lift === 'frame' ||
              step.lift === 'maker' ||
              (step.lift === 'spring-seat' && axle?.suspension === 'leaf'),
            3,
            'a jack lifts at the frame or the maker’s point, never under a torsion tube',
          ],
          [othersUp.every((at) => sideOf(at) === sideOf(place)), 17, 'never both sides up'],
          [!scene.framed, 17, 'the frame is on its stands already'],
          can(!c.lifted, 'this corner is up'),
        ],
        { lifted: true, wasUp: true },
      );
    case 'stand':
      return is([[c.lifted, 4, 'a stand takes a raised frame']], { stand: true });
    case 'feel':
      return is(
        [
          [c.stand, 4, 'stand in place before hands go in'],
          can(c.lugs !== 'off', 'felt before anything is taken apart'),
          can(c.plug, 'felt with everything closed'),
        ],
        { felt: true },
      );
    case 'wheel-off':
      return is(
        [
          [c.stand, 4, 'stand in place before the wheel comes off'],
          [c.lugs === 'loose', 2, 'its nuts were never broken loose under load'],
          can(c.lifted, 'the wheel is on the ground'),
          can(c.felt, 'rocked and spun before anything is taken apart'),
          [c.plug, 16, 'the grease plug is still out'],
        ],
        { lugs: 'off', wasOff: true, rechecks: false },
      );
    case 'rotate': {
      const mate = scene.mates.get(place);
      const free = !mate || scene.corners.get(mate)?.lugs === 'off';
      return is([can(wheelOff && free, 'both wheels are off before they change places')], {});
    }
    case 'swap-tire':
    case 'maker-service':
    case 'oil-check':
      return is([can(wheelOff, 'the wheel is in the way')], {});
    case 'renew-stud':
      return is([[wheelOff, 16, 'a stud is renewed with the wheel off']], {});
    case 'adapter-torque':
      return is([can(wheelOff, 'the wheel hides the adapter')], {});
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
      return playTorque(step, c, scene);
    case 'last-spin':
      return is(
        [
          [c.cap, 10, 'cap before the last spin check'],
          [c.lugs === 'snug', 12, 'nuts snug before the wheel is spun'],
          can(c.lifted, 'the wheel is on the ground'),
        ],
        { spun: true },
      );
    case 'lower':
      return is(
        [
          ...beforeDown(c, braked),
          can(c.felt, 'up and down without a look'),
          can(!scene.framed, 'the whole frame is up'),
        ],
        {
          lifted: false,
          stand: false,
        },
      );
    case 'set-pressure':
      return is([can(!c.lifted, 'pressure is set on a wheel that is down')], {});
    case 'cover-on':
      return is([can(c.lugs === 'torqued', 'the cover hides nuts that are not at torque')], {});
    case 'open-rechecks':
      return is([[c.lugs === 'torqued' && c.wasOff, 13, 'rechecks count from the finished refit']], {
        rechecks: true,
      });
    case 'check-lugs':
      return is(
        [
          [scene.braked && !scene.cleared, 1, 'parking brake before a wrench is pulled'],
          [c.lugs === 'torqued' && !c.lifted, 12, 'torque is checked on the ground, on nuts that are tight'],
          can(mayCheckLugs(scene.model, c.threads), 'no figure for threads that stand so'),
        ],
        {},
      );
    case 'dress-threads':
      return is([can(wheelOff, 'threads lie bare with the wheel off')], {
        threads: step.threads ?? c.threads,
      });
    case 'threads':
      // With the wheel off for other work they lie bare.
      if (wheelOff) return is([], { threads: step.threads ?? c.threads });
      return is(
        [
          [held, 1, 'parking brake and chocks first'],
          [!c.lifted, 2, 'one nut at a time, the tire on the ground'],
          can(c.lugs === 'torqued', 'the others hold the wheel meanwhile'),
        ],
        { lugs: 'snug', round: 0, wasOff: true, rechecks: false, threads: step.threads ?? c.threads },
      );
    default:
      return undefined;
  }
}

/** What must hold before a wheel takes weight again, on the jack or with the whole frame. */
export function beforeDown(c: Corner, braked: boolean): readonly Demand[] {
  const whole = c.lugs === 'torqued' || c.lugs === 'snug';
  return [
    [whole, 12, 'nuts snug before the wheel takes weight'],
    [
      !(braked || c.brake !== 'as-it-was') || c.brake === 'as-it-was' || c.brake === 'tested',
      14,
      'brake tested before the wheel goes down',
    ],
    can(c.lifted && c.hub, 'it is down'),
    [!c.wasOff || c.spun, 10, 'spun before it goes down'],
    [c.plug, 16, 'the grease plug is still out'],
  ];
}

/** Opening and closing a hub. */
function playHub(step: CardStep, c: Corner, scene: Scene): Played | undefined {
  const axle = scene.model.axles[axleOf(step.place as WheelEnd)];
  const drum = axle !== undefined && hasDrum(axle);
  const disc = axle?.brake === 'hydraulic-disc';
  const braked = axle !== undefined && hasBrake(axle);
  const wheelOff = c.lugs === 'off';
  const drilled = axle !== undefined && hasCapPlug(axle);
  switch (step.step) {
    case 'caliper-off':
      return is([can(wheelOff, 'the wheel is in the way'), can(c.caliper, 'it is off')], {
        caliper: false,
        brake: 'disturbed',
      });
    case 'cap-off':
      return is([[wheelOff, 5, 'wheel off before the cap'], can(c.cap, 'it is off')], { cap: false });
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
      });
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
      return is([[c.bearingsSeen && c.spindleSeen, 8, 'the old one is read before the new one is matched']], {
        renewed: true,
        faceClean: false,
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
          can(c.cap && c.seal && c.hub, 'the cap goes first'),
          can(!drilled || !c.plug, 'the plug covers the fitting'),
        ],
        {},
      );
    case 'plug-home':
      return is([can(c.cap && !c.plug, 'it goes into the cap, once')], { plug: true });
    case 'caliper-on':
      return is([can(c.hub && !c.caliper, 'the caliper goes over the disc')], {
        caliper: true,
        brake: 'adjusted',
      });
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
          can(c.stand && !c.plug && !wheelOff, 'the wheel is turned while pumping'),
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

/** What must hold before a step at a corner, and what the step then changes. */
export function play(step: CardStep, c: Corner, scene: Scene): Played {
  return (
    playRaise(step, c, scene) ??
    playHub(step, c, scene) ??
    playBrake(step, c, scene) ??
    is([can(false, 'this step belongs to no corner')], {})
  );
}
