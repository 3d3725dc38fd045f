import { axleOf, hasBrake, sideOf, type WheelEnd } from '../../rig';
import { lugTorque, mayCheckLugs } from '../../rules';
import type { CardStep } from '../card';
import { setHere } from './hub';
import { playRound } from './round';
import { can, is, type Corner, type Demand, type Played, type Scene } from './scene';

/** A round of the star; the full figure is the one for threads that stand as these do. */
function playTorque(step: CardStep, c: Corner, scene: Scene): Played | undefined {
  const played = playRound(step, c, scene.lastInAir.get(step.place as WheelEnd));
  const figure = c.threads && lugTorque(scene.model, c.threads)?.value;
  const fits = c.threads !== undefined && (step.round?.share !== 1 || step.round.torque === figure);
  return played && { ...played, demands: [...played.demands, [fits, 12, 'not the torque for its threads']] };
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
/** Raising, the wheel, letting down. */
export function playRaise(step: CardStep, c: Corner, scene: Scene): Played | undefined {
  const place = step.place as WheelEnd;
  const axle = scene.model.axles[axleOf(place)];
  const braked = axle !== undefined && hasBrake(axle);
  const held = scene.braked && scene.chocked.has(sideOf(place) === 'L' ? 'R' : 'L') && !scene.cleared;
  const othersUp = [...scene.corners].filter(([at, one]) => at !== place && one.lifted).map(([at]) => at);
  const wheelOff = c.lugs === 'off';
  const bare = [...scene.corners]
    .filter(([at, one]) => at !== place && one.lugs === 'off' && sideOf(at) === sideOf(place))
    .map(([at]) => at);
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
          [
            bare.every((at) => scene.mates.get(at) === place),
            17,
            'no other corner is raised while one stands without its wheel, but the one it changes with',
          ],
          [!scene.framed, 17, 'the frame is on its stands already'],
          [!scene.chocked.has(sideOf(place)), 1, 'a chock under the wheel that is raised'],
          can(!c.lifted, 'this corner is up'),
        ],
        { lifted: true, wasUp: true },
      );
    case 'stand-again': {
      const mate = scene.mates.get(place);
      const up = mate !== undefined && scene.corners.get(mate)?.lifted === true;
      return is([can(wheelOff && up, 'the stand is looked at again once the other corner is up')], {
        standSure: true,
      });
    }
    case 'look-well':
      return is([can(wheelOff, 'the wheel hides its well')], {});
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
      return is(
        [
          can(wheelOff && free, 'both wheels are off before they change places'),
          [
            c.standSure && (!mate || scene.corners.get(mate)?.standSure === true),
            4,
            'the stand is looked at again before hands go under',
          ],
        ],
        // A spare that comes off its carrier is filled before it carries.
        mate ? {} : { filled: false },
      );
    }
    case 'swap-tire':
      return is([can(wheelOff, 'the wheel is in the way')], { filled: false });
    case 'maker-service':
    case 'oil-check':
      return is([can(wheelOff, 'the wheel is in the way')], {});
    case 'renew-stud':
      return is([[wheelOff, 16, 'a stud is renewed with the wheel off']], {});
    case 'adapter-torque':
      return is([can(wheelOff && c.hub, 'the adapter sits on the hub, behind the wheel')], { adapter: true });
    case 'wheel-on':
      return is(
        [
          [c.cap, 5, 'cap on before the wheel'],
          can(c.filled, 'filled before it carries'),
          [
            c.adapter || scene.model.wheels.adapter?.fitted !== true,
            12,
            'the nuts of the adapter are gone round while they lie bare',
          ],
          [c.caliper, 16, 'the caliper is still off'],
          [c.plug, 16, 'the grease plug is still out'],
          [!setHere(step, scene), 15, 'the axle is not tight under its springs'],
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
      return is([can(!c.lifted || wheelOff, 'pressure is set on a wheel that hangs')], { filled: true });
    case 'cover-on':
      return is(
        [can(c.lugs === 'torqued' || c.lugs === 'hard', 'the cover hides nuts that are not tight')],
        {},
      );
    case 'tighten-hard':
      return is(
        [
          [
            c.lugs === 'snug' && c.round === scene.airRounds,
            12,
            'snug in the air before it takes the weight',
          ],
          [!c.lifted, 12, 'tightened on the ground, the jack down'],
          [scene.onVerge.some((at) => at === place), 12, 'left without its torque where it need not be'],
        ],
        { lugs: 'hard' },
      );
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
          [scene.braked && scene.chocked.size > 0 && !scene.cleared, 1, 'parking brake and chocks first'],
          [!c.lifted, 2, 'one nut at a time, the tire on the ground'],
          can(c.lugs === 'torqued', 'the others hold the wheel meanwhile'),
        ],
        { lugs: 'snug', round: 0, wasOff: true, rechecks: false, threads: step.threads ?? c.threads },
      );
    default:
      return undefined;
  }
}
