import { axleOf, hasBrake, hasDrum, hasHydraulics, mayRock, type WheelEnd } from '../../rig';
import type { CardStep } from '../card';
import { beforeDown } from './raise';
import { can, type Demand, type Scene, type SideState } from './scene';

const apartAnywhere = (scene: Scene) => scene.sides.L.apart || scene.sides.R.apart;

/** A joint step of one side under the frame. */
function playSide(step: CardStep, scene: Scene): readonly Demand[] | undefined {
  const side = step.side;
  if (side === undefined) return undefined;
  const s = scene.sides[side];
  const across = scene.sides[side === 'L' ? 'R' : 'L'];
  const then = (demands: readonly Demand[], change: Partial<SideState>) => {
    Object.assign(s, change);
    return demands;
  };
  switch (step.step) {
    case 'joints-off': {
      const leaf = [...scene.corners].filter(([at]) => scene.model.axles[axleOf(at)]?.suspension === 'leaf');
      return then(
        [
          [scene.framed, 15, 'the frame stands on four stands before a joint is opened'],
          [scene.axlesHeld, 15, 'the axle is held on its own'],
          [!across.apart, 15, 'one side at a time'],
          can(
            scene.setAxle.length === 0 || scene.axle === 'off',
            'an axle that is replaced comes off before its joints are opened',
          ),
          can(
            leaf.every(([, c]) => c.lugs === 'off' || c.lugs === 'loose'),
            'the wheels are still tight',
          ),
          can(!s.apart, 'it is apart'),
        ],
        { apart: true, eyeSeen: false, hangersSeen: false, equalizer: false },
      );
    }
    case 'free-bolt':
      return [[scene.framed && scene.axlesHeld, 15, 'a bolt is freed on stands, the axle held']];
    case 'look-hangers':
      return then([can(s.apart, 'the joint hides the hole')], { hangersSeen: true });
    case 'bush-out':
      return then(
        [
          [s.apart && scene.axlesHeld, 15, 'the joint is open and the axle held'],
          can(!s.bushOut, 'it is out'),
        ],
        {
          bushOut: true,
        },
      );
    case 'look-eye':
      return then([can(s.bushOut, 'the bushing hides the eye')], { eyeSeen: true });
    case 'renew-spring':
      return then(
        [
          [
            s.apart && scene.axlesHeld && scene.framed,
            15,
            'a spring comes out of an open joint, the axle held',
          ],
        ],
        {},
      );
    case 'bush-in':
      return then([can(s.bushOut && s.eyeSeen, 'the eye is looked at before it is filled')], {
        bushOut: false,
      });
    case 'equalizer-on':
      return then([can(s.apart && !s.bushOut, 'bushings first')], { equalizer: true });
    case 'joints-on':
      return then(
        [
          [s.apart && scene.framed && scene.axlesHeld, 15, 'the joint is closed on stands, the axle held'],
          [!s.bushOut, 16, 'a bushing is still out'],
          can(s.equalizer || !mayRock(scene.model), 'the equalizer is not in'),
          can(s.hangersSeen && s.eyeSeen, 'eyes and hangers are looked at while they are open'),
        ],
        { apart: false },
      );
    default:
      return undefined;
  }
}

/** The axle that is set. */
function axleOfSet({ model, setAxle }: Scene) {
  return setAxle[0] && model.axles[axleOf(setAxle[0])];
}

/** Both wheels of the axle that is set are off. */
function offWheels({ corners, setAxle }: Scene): boolean {
  return setAxle.every((end) => corners.get(end)?.lugs === 'off');
}

/** The whole frame on its stands, and an axle set under it. */
function playFrame(step: CardStep, scene: Scene): readonly Demand[] | undefined {
  const corners = [...scene.corners];
  switch (step.step) {
    case 'frame-up': {
      const demands: readonly Demand[] = [
        [scene.braked && !scene.cleared, 1, 'parking brake before the jack'],
        [step.lift === 'frame' || step.lift === 'maker', 3, 'the frame is lifted at the frame'],
        [corners.every(([, c]) => !c.lifted), 17, 'a corner is still up on its own'],
        [!scene.framed, 17, 'it is up'],
      ];
      scene.framed = true;
      // Under wheels that hang they hold nothing.
      scene.chocked = new Set();
      for (const [, c] of corners) Object.assign(c, { lifted: true, stand: true, wasUp: true });
      return demands;
    }
    case 'hold-axle':
      scene.axlesHeld = true;
      return [[scene.framed, 15, 'frame on stands before the axle is held on its own']];
    case 'tighten-joints':
      scene.jointsTight = true;
      return [
        [!apartAnywhere(scene), 15, 'all joints are in place before any is tightened'],
        can(scene.framed, 'the frame is down'),
      ];
    case 'axle-wires-off':
      scene.axleWires = false;
      return [can(scene.framed && offWheels(scene), 'the wheels are in the way')];
    case 'axle-lines-off':
      scene.axleLines = false;
      return [can(scene.framed && offWheels(scene), 'the wheels are in the way')];
    case 'axle-off': {
      const axle = axleOfSet(scene);
      scene.axle = 'off';
      for (const end of scene.setAxle) {
        const c = scene.corners.get(end);
        if (c && axle && hasBrake(axle)) c.brake = hasDrum(axle) ? 'disturbed' : 'adjusted';
      }
      return [
        [scene.framed && scene.axlesHeld, 15, 'frame on stands, axle held before its bolts are loosened'],
        can(offWheels(scene), 'the wheels are still on'),
        can(!axle || axle.brake !== 'electric' || !scene.axleWires, 'its wires are still joined'),
        can(!axle || !hasHydraulics(axle) || !scene.axleLines, 'its brake lines are still joined'),
      ];
    }
    case 'seat-axle': {
      const off = scene.axle === 'off';
      scene.axle = 'seated';
      return [
        [scene.framed && scene.axlesHeld, 15, 'frame on stands, axle held'],
        can(off, 'the old axle is still under it'),
        [!apartAnywhere(scene), 15, 'springs hang before the axle is bolted to them'],
      ];
    }
    case 'axle-wires-on': {
      const tight = scene.axle === 'tight';
      scene.axleWires = true;
      return [can(tight, 'wires are joined once the axle is tight')];
    }
    case 'axle-lines-on': {
      const tight = scene.axle === 'tight';
      scene.axleLines = true;
      return [can(tight, 'lines are joined once the axle is tight')];
    }
    case 'square-axle': {
      const seated = scene.axle === 'seated';
      scene.axle = 'square';
      return [can(seated, 'the axle is measured where it sits')];
    }
    case 'axle-bolts': {
      const square = scene.axle === 'square';
      scene.axle = 'tight';
      return [can(square, 'square before it is tight'), [scene.framed, 15, 'the frame is down']];
    }
    case 'frame-down': {
      const demands: readonly Demand[] = [
        can(scene.framed, 'it is down'),
        [!apartAnywhere(scene), 15, 'a joint is still open'],
        ...corners.flatMap(([at, c]) => {
          const axle = scene.model.axles[axleOf(at)];
          return beforeDown(c, axle !== undefined && hasBrake(axle));
        }),
      ];
      scene.framed = false;
      // Its wheels stand again, and chocks go back to them.
      scene.chocked = new Set(['L', 'R']);
      scene.axlesHeld = false;
      for (const [, c] of corners) Object.assign(c, { lifted: false, stand: false });
      return demands;
    }
    default:
      return undefined;
  }
}

/** Steps that hold the whole rig, or stand on nothing but themselves. */
export function playShared(step: CardStep, scene: Scene): readonly Demand[] {
  const corners: readonly (readonly [WheelEnd, { lifted: boolean; lugs: string }])[] = [...scene.corners];
  const settled =
    !scene.framed && corners.every(([, c]) => !c.lifted && (c.lugs === 'torqued' || c.lugs === 'hard'));
  switch (step.step) {
    case 'brake-on':
      scene.braked = true;
      return [];
    case 'chock':
      scene.chocked.add(step.side ?? '');
      return [[step.side !== undefined, 1, 'chocks go to a side']];
    case 'chock-over': {
      const lifted = corners.some(([, c]) => c.lifted);
      scene.chocked = new Set([step.side ?? '']);
      return [[!lifted, 1, 'chocks are moved with every wheel on the ground']];
    }
    case 'steady':
      return [[corners.every(([, c]) => !c.lifted), 3, 'stabilizers steady, they never lift']];
    case 'unchock':
      scene.cleared = true;
      return [[settled, 1, 'chocks stay until every wheel is down and at torque']];
    case 'plug-lights':
      scene.lit = true;
      return [];
    case 'clean-contacts':
    case 'clean-plug':
      return [can(!scene.lit, 'bulbs and plug are cleaned before the lamps are tried')];
    case 'lamps-running':
    case 'lamps-brake':
    case 'lamps-left':
    case 'lamps-right':
    case 'lamps-other':
      return [can(scene.lit, 'nothing burns before it is plugged in')];
    case 'read-battery':
      scene.batteryRead = true;
      return [];
    case 'pull-pin':
      scene.out.add('breakaway pin');
      return [
        [scene.braked, 1, 'the rig stands held when its brakes are tried'],
        can(
          scene.batteryRead && !scene.out.has('breakaway battery'),
          'the battery is read before it is loaded',
        ),
      ];
    case 'pin-back':
      return [can(scene.out.delete('breakaway pin'), 'it is in')];
    case 'battery-out':
      scene.out.add('breakaway battery');
      return [];
    case 'battery-in':
      return [can(scene.out.delete('breakaway battery'), 'it is in')];
    case 'strip-gear':
      scene.out.add(`parts of ${step.place}`);
      return [];
    case 'grease-gear':
      return [can(scene.out.delete(`parts of ${step.place}`), 'it is apart before it is greased')];
    case 'check-fixings':
    case 'torque-axle':
    case 'torque-joints':
    case 'look-pivot':
      if (step.step === 'check-fixings') scene.fixings.add(step.place ?? 'rig');
      return [
        can(
          step.torque === undefined || scene.fixings.has(step.place ?? 'rig'),
          'a bolt is looked at before it is tightened',
        ),
        [
          scene.braked && !scene.framed && corners.every(([, c]) => !c.lifted),
          4,
          'nobody is under a frame that a jack holds',
        ],
      ];
    case 'look-spare':
      return [can(scene.spares > 0, 'this rig has no spare')];
    case 'cap-look':
      scene.out.add(`cap ${step.place}`);
      return [[scene.braked, 1, 'the rig stands held']];
    case 'cap-fit':
      return [can(scene.out.delete(`cap ${step.place}`), 'the lock is looked at before a cap hides it')];
    // Of a spare: of a wheel end its corner tells.
    case 'swap-tire':
      scene.out.add(`air of ${step.place}`);
      return [can(scene.spares > 0, 'this rig has no spare')];
    case 'set-pressure':
      return [can(scene.out.delete(`air of ${step.place}`), 'a tire is filled once it is on its rim')];
    case 'rinse':
    case 'wash':
    case 'unload-tires':
    case 'store-battery':
    case 'pressure':
    case 'look-tire':
    case 'look-gear':
    case 'note-spacing':
    case 'mark-axle':
    case 'ask-law':
    case 'grease-pivot':
      return [];
    default:
      return playSide(step, scene) ?? playFrame(step, scene) ?? [[false, 0, 'this step needs a corner']];
  }
}

/** True for steps that are the same wherever they are done: they change no corner. */
export function standsAlone(step: CardStep): boolean {
  return ALONE.has(step.step);
}
const ALONE: ReadonlySet<string> = new Set([
  'check-fixings',
  'torque-axle',
  'torque-joints',
  'look-pivot',
  'grease-pivot',
  'pressure',
  'look-tire',
  'look-gear',
  'cap-look',
  'cap-fit',
  'mark-axle',
  'axle-wires-off',
  'axle-lines-off',
  'axle-off',
  'seat-axle',
  'square-axle',
  'axle-bolts',
  'axle-wires-on',
  'axle-lines-on',
]);
