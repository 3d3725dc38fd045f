import type { RigModel, WheelEnd } from '../../rig';
import type { Card, CardStep } from '../compile';
import { play } from './corner';
import { WHOLE, type Corner, type Demand, type Scene } from './scene';

/** A breach of the safe order: the rule of handbook section 7 (0: not possible at all), the step, and why. */
export interface Breach {
  readonly rule: number;
  readonly key: string;
  readonly place: WheelEnd | undefined;
  readonly why: string;
}

function playShared(step: CardStep, scene: Scene): readonly Demand[] {
  const settled = [...scene.corners.values()].every((c) => !c.lifted && c.lugs === 'torqued');
  switch (step.step) {
    case 'brake-on':
      scene.braked = true;
      return [];
    case 'chock':
      scene.chocked.add(step.side ?? '');
      return [[step.side !== undefined, 1, 'chocks go to a side']];
    case 'steady':
      return [
        [[...scene.corners.values()].every((c) => !c.lifted), 3, 'stabilisers steady, they never lift'],
      ];
    case 'unchock':
      scene.cleared = true;
      return [[settled, 1, 'chocks stay until every wheel is down and at torque']];
    default:
      return [[false, 0, 'this step needs a corner']];
  }
}

/** What must hold when the card ends, corner by corner. */
function atEnd(place: WheelEnd, c: Corner): readonly Breach[] {
  const key = `end ${place}`;
  const demands: readonly Demand[] = [
    [
      c.nut && c.lock && c.cap && c.caliper && c.hub && c.inner && c.outer && c.seal,
      16,
      'something is still out',
    ],
    [c.lugs === 'torqued' && !c.lifted, 16, 'the wheel is not down and at torque'],
    [!c.wasOff || c.rechecks, 13, 'the rechecks are not open'],
    [c.brake === 'as-it-was' || c.brake === 'tested', 14, 'the brake was worked on and not tested'],
    [c.cap && c.spun, 10, 'the wheel was never spun with everything closed'],
    [!c.packed || (c.spindleSeen && c.bearingsSeen && c.clean), 8, 'closed without a look'],
  ];
  return demands.filter(([holds]) => !holds).map(([, rule, why]) => ({ rule, key, place, why }));
}

/**
 * Plays a card on a rig and names every breach of the safe order (handbook section 7). It trusts
 * nothing that the compiler wrote but what each step does and where.
 */
export function verify(card: Card, model: RigModel): readonly Breach[] {
  const places = card.jobs.map((job) => job.place);
  const scene: Scene = {
    braked: false,
    chocked: new Set(),
    cleared: false,
    corners: new Map(places.map((place) => [place, { ...WHOLE }])),
    lastInAir: new Map(
      card.steps.flatMap(({ place, round }) =>
        place && round?.where === 'air' ? [[place, round.number]] : [],
      ),
    ),
    model,
  };
  const breaches: Breach[] = [];
  for (const step of card.steps) {
    const corner = step.place && scene.corners.get(step.place);
    const { demands, then } =
      step.place === undefined
        ? { demands: playShared(step, scene), then: {} }
        : corner
          ? play(step, corner, scene)
          : { demands: [[false, 0, 'a place without a job'] as Demand], then: {} };
    for (const [holds, rule, why] of demands)
      if (!holds) breaches.push({ rule, key: step.key, place: step.place, why });
    if (corner) Object.assign(corner, then);
  }
  for (const [place, corner] of scene.corners) breaches.push(...atEnd(place, corner));
  return breaches;
}
