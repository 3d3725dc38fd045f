import { axleOf, isWheelEnd, sparesOf, wheelEnds, type RigModel, type WheelEnd } from '../../rig';
import { threadsNow, type RoutinePlace, type WorkId } from '../../rules';
import type { Act } from '../steps';
import type { Card, Job } from '../card';
import { play } from './corner';
import { WHOLE, type Corner, type Demand, type Scene } from './scene';
import { playShared, standsAlone } from './shared';

/** A breach of the safe order: the rule of handbook section 7 (0: not possible at all), the step, and why. */
export interface Breach {
  readonly rule: number;
  readonly key: string;
  readonly place: RoutinePlace | undefined;
  readonly why: string;
}

const broken = (
  key: string,
  place: RoutinePlace | undefined,
  demands: readonly Demand[],
): readonly Breach[] =>
  demands.filter(([holds]) => !holds).map(([, rule, why]) => ({ rule, key, place, why }));

/** What must hold when the card ends, corner by corner. */
function cornerAtEnd(place: WheelEnd, c: Corner): readonly Breach[] {
  return broken(`end ${place}`, place, [
    [
      c.nut && c.lock && c.cap && c.caliper && c.hub && c.inner && c.outer && c.seal && c.plug,
      16,
      'something is still out',
    ],
    [c.plate && c.shoes && c.magnet && c.wires && c.races, 16, 'something is still out'],
    [c.lugs === 'torqued' && !c.lifted, 16, 'the wheel is not down and at torque'],
    [!c.wasOff || c.rechecks, 13, 'the rechecks are not open'],
    [c.brake === 'as-it-was' || c.brake === 'tested', 14, 'the brake was worked on and not tested'],
    [!c.hubWasOff || (c.cap && c.spun), 10, 'the wheel was never spun with everything closed'],
    [!c.packed || (c.spindleSeen && c.bearingsSeen && c.clean), 8, 'closed without a look'],
  ]);
}

const LAMPS: readonly Act[] = [
  'plug-lights',
  'lamps-running',
  'lamps-brake',
  'lamps-left',
  'lamps-right',
  'lamps-other',
];

/** What a job is for, that must stand on its card. */
const MEANT: Readonly<Record<WorkId, readonly Act[]>> = {
  repack: ['pack', 'smear', 'renew'],
  'bearing-renew': ['pack', 'race-out', 'race-in'],
  'hub-renew': ['match-hub', 'pack'],
  'plate-renew': ['look-brake', 'plate-off', 'plate-on', 'wires-on'],
  'brakes-install': ['plate-on', 'wires-on', 'match-hub'],
  'shoe-renew': ['look-brake', 'shoes-off', 'shoes-on'],
  'magnet-renew': ['magnet-out', 'magnet-in'],
  'brake-measure': ['measure-brake'],
  'brake-adjust': ['brake-adjust', 'brake-test'],
  'hub-look': ['feel'],
  'hub-service': ['maker-service'],
  grease: ['pump', 'look-back'],
  'adapter-torque': ['adapter-torque'],
  'tire-change': ['swap-tire', 'set-pressure'],
  'tire-rotate': ['rotate', 'set-pressure'],
  'stud-threads': ['threads', 'torque'],
  'lug-torque': ['check-lugs'],
  'tire-look': ['look-tire'],
  'gear-look': ['look-gear'],
  'breakaway-test': ['read-battery', 'pull-pin', 'pin-back'],
  'battery-renew': ['battery-out', 'battery-in', 'pull-pin'],
  lights: LAMPS,
  contacts: ['clean-contacts', 'clean-plug', ...LAMPS],
  bushings: ['joints-off', 'bush-out', 'bush-in', 'joints-on', 'tighten-joints'],
  'axle-set': ['mark-axle', 'seat-axle', 'square-axle', 'axle-bolts'],
  pressures: ['pressure'],
  underside: ['check-fixings'],
  pivots: ['look-pivot'],
  rinse: ['rinse'],
  wash: ['wash'],
  'unload-tires': ['unload-tires'],
  'battery-out': ['store-battery'],
  // For a tire its place decides; a walk has no card.
  'tire-renew': [],
  walkaround: [],
};

/** Where work for the whole rig goes: to every tire, every axle, every leaf spring; the rest stays where it is. */
function wholeRig({ routine }: Job, model: RigModel): readonly RoutinePlace[] {
  const ends = wheelEnds(model);
  if (routine === 'pressures') return [...ends, ...sparesOf(model)];
  if (routine === 'underside') return ends;
  if (routine === 'pivots') return ends.filter((end) => model.axles[axleOf(end)]?.suspension === 'leaf');
  return ['rig'];
}

const OPENED: ReadonlySet<string> = new Set(['repack', 'bearing-renew', 'hub-renew']);
const NEW_HUBS: ReadonlySet<string> = new Set(['hub-renew', 'brakes-install']);

function jobAtEnd(job: Job, { steps, house }: Card, model: RigModel): readonly Breach[] {
  const at =
    job.place === 'rig'
      ? wholeRig(job, model)
      : [job.place, ...(job.with && isWheelEnd(job.with) ? [job.with] : [])];
  const there = (act: string, place: RoutinePlace) =>
    steps.some((step) => step.step === act && (step.place === undefined || step.place === place));
  // A complete hub comes with its races fitted; any other gets them.
  const races = house.hubs === 'sets' && NEW_HUBS.has(job.routine) ? ['race-in'] : [];
  const tire =
    job.routine !== 'tire-renew' ? [] : isWheelEnd(job.place) ? ['swap-tire', 'set-pressure'] : ['look-tire'];
  // With a hub open the pads of its disc are looked at as well.
  const axle = isWheelEnd(job.place) ? model.axles[axleOf(job.place)] : undefined;
  const pads = axle?.brake === 'hydraulic-disc' && OPENED.has(job.routine) ? ['measure-brake'] : [];
  const acts = [...MEANT[job.routine], ...races, ...tire, ...pads];
  const missing = at.flatMap((place) => acts.filter((act) => !there(act, place)));
  return missing.map((act) => ({ rule: 0, key: act, place: job.place, why: 'the work is not on the card' }));
}

/**
 * Plays a card on a rig and names every breach of the safe order (handbook section 7). It trusts
 * nothing that the compiler wrote but what each step does and where.
 */
export function verify(card: Card, model: RigModel): readonly Breach[] {
  const ends = wheelEnds(model);
  const side = () => ({
    apart: false,
    bushOut: false,
    eyeSeen: false,
    hangersSeen: false,
    equalizer: true,
    spring: true,
  });
  const scene: Scene = {
    braked: false,
    chocked: new Set(),
    cleared: false,
    corners: new Map(
      ends.map((place) => [place, { ...WHOLE, threads: threadsNow(card.threads?.[place], card.house) }]),
    ),
    framed: false,
    axlesHeld: false,
    sides: { L: side(), R: side() },
    jointsTight: true,
    axle: 'as-it-was',
    lit: false,
    batteryRead: false,
    out: new Set(),
    lastInAir: new Map(
      card.steps.flatMap(({ place, round }) =>
        place && isWheelEnd(place) && round?.where === 'air' ? [[place, round.number]] : [],
      ),
    ),
    mates: new Map(
      card.jobs.flatMap(({ place, with: mate }) =>
        mate && isWheelEnd(place) && isWheelEnd(mate) ? [[place, mate] as const, [mate, place] as const] : [],
      ),
    ),
    model,
  };
  const meant = (place: RoutinePlace) =>
    card.jobs.some((job) => job.place === place || job.with === place || job.place === 'rig');
  const breaches: Breach[] = [];
  for (const step of card.steps) {
    const { place } = step;
    const at = place !== undefined && isWheelEnd(place) && !standsAlone(step) ? place : undefined;
    const corner = at && scene.corners.get(at);
    if (place !== undefined && !meant(place))
      breaches.push({ rule: 0, key: step.key, place, why: 'a place without a job' });
    else if (at && !corner)
      breaches.push({ rule: 0, key: step.key, place, why: 'this rig has no such place' });
    else if (corner) {
      const { demands, then } = play(step, corner, scene);
      breaches.push(...broken(step.key, place, demands));
      Object.assign(corner, then);
    } else breaches.push(...broken(step.key, place, playShared(step, scene)));
  }
  for (const [place, corner] of scene.corners) breaches.push(...cornerAtEnd(place, corner));
  breaches.push(
    ...broken('end', undefined, [
      [scene.out.size === 0, 16, `still out: ${[...scene.out].join(', ')}`],
      [!scene.framed, 15, 'the frame is still on its stands'],
      [!scene.sides.L.apart && !scene.sides.R.apart, 15, 'a joint is still open'],
      [!scene.sides.L.bushOut && !scene.sides.R.bushOut, 16, 'a bushing is still out'],
      [scene.axle === 'as-it-was' || scene.axle === 'tight', 15, 'the axle is not tight'],
    ]),
    ...card.jobs.flatMap((job) => jobAtEnd(job, card, model)),
  );
  return breaches;
}
