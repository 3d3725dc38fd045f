import {
  axleOf,
  hubOpens,
  isGuess,
  isWheelEnd,
  placesOf,
  sparesOf,
  wheelEnds,
  type RigModel,
  type WheelEnd,
} from '../../rig';
import {
  doneHere,
  lugStages,
  routineDef,
  threadsAfterRefit,
  threadsNow,
  torqueOf,
  type RoutinePlace,
  type Seen,
  type TorqueId,
  type WorkId,
} from '../../rules';
import type { Act } from '../steps';
import type { Card, CardStep, Job } from '../card';
import { play } from './corner';
import { BARE, WHOLE, type Corner, type Demand, type Scene } from './scene';
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
    [c.plate && c.shoes && c.magnet && c.wires && c.races && c.pads, 16, 'something is still out'],
    [(c.lugs === 'torqued' || c.lugs === 'hard') && !c.lifted, 16, 'the wheel is not down and at torque'],
    [!c.wasOff || c.rechecks || c.lugs === 'hard', 13, 'the rechecks are not open'],
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
  'hub-renew': ['read-hub', 'look-spindle', 'match-hub', 'pack'],
  'plate-renew': ['look-brake', 'plate-off', 'plate-on', 'wires-on'],
  'brakes-install': ['plate-on', 'wires-on', 'match-hub'],
  'shoe-renew': ['look-brake', 'shoes-off', 'shoes-on'],
  'magnet-renew': ['magnet-out', 'magnet-in'],
  'pad-renew': ['measure-brake', 'pads-out', 'pads-in', 'caliper-on', 'brake-test'],
  'stud-renew': ['renew-stud', 'torque'],
  'cap-renew': ['cap-look', 'cap-fit'],
  'hub-read': ['read-hub', 'hub-on'],
  'hub-build': ['look-spindle', 'pack', 'seal-in', 'hub-on', 'nut-set', 'lock-in', 'cap-on'],
  'brake-measure': [],
  'brake-adjust': ['brake-adjust', 'brake-test'],
  'hub-look': ['feel'],
  'hub-service': ['maker-service'],
  grease: ['pump', 'look-back'],
  'adapter-torque': ['adapter-torque'],
  'tire-change': ['swap-tire', 'set-pressure'],
  // Told once, at the one that is raised last.
  'tire-rotate': ['set-pressure'],
  'stud-threads': ['threads', 'torque'],
  'lug-torque': ['check-lugs'],
  'tire-look': ['look-tire'],
  'gear-look': ['look-gear'],
  'gear-grease': ['strip-gear', 'grease-gear'],
  'breakaway-test': ['read-battery', 'pull-pin', 'pin-back'],
  'battery-renew': ['battery-out', 'battery-in', 'pull-pin'],
  lights: LAMPS,
  contacts: ['clean-contacts', 'clean-plug', ...LAMPS],
  bushings: ['joints-off', 'bush-out', 'bush-in', 'joints-on', 'tighten-joints'],
  // Told once, at its left end.
  'axle-set': [],
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

const AXLE: readonly Act[] = ['mark-axle', 'axle-off', 'seat-axle', 'square-axle', 'axle-bolts'];

/** Bolts with figures of their own, by the step that tightens them. */
const BOLTS: Readonly<Partial<Record<Act, TorqueId>>> = {
  'adapter-torque': 'adapter',
  'plate-on': 'plate',
  'caliper-on': 'caliper',
  'torque-axle': 'axle',
  'torque-joints': 'joints',
  'axle-bolts': 'axle',
  'tighten-joints': 'joints',
};

/** True where the bolts of a step go to the figure that is told of this rig: no other, and never a guess. */
function torqueFits({ step, torque }: CardStep, model: RigModel): boolean {
  const bolts = BOLTS[step];
  if (!bolts) return torque === undefined;
  const told = torqueOf(model, bolts);
  return torque?.of === bolts && torque.value === (told && !isGuess(told) ? told.value : undefined);
}

/** Where work for the whole rig goes: to every tire, every axle, every leaf spring; the rest stays where it is. */
function wholeRig({ routine }: Job, model: RigModel): readonly RoutinePlace[] {
  const ends = wheelEnds(model);
  if (routine === 'pressures') return [...ends, ...sparesOf(model)];
  if (routine === 'underside') return ends;
  if (routine === 'pivots') return ends.filter((end) => model.axles[axleOf(end)]?.suspension === 'leaf');
  return ['rig'];
}

const OPENED: ReadonlySet<string> = new Set(['repack', 'bearing-renew', 'hub-renew']);
const NEW_HUBS: ReadonlySet<string> = new Set(['hub-renew', 'hub-build', 'brakes-install']);

function jobAtEnd(job: Job, { steps }: Card, model: RigModel): readonly Breach[] {
  const at =
    job.place === 'rig'
      ? wholeRig(job, model)
      : [job.place, ...(job.with && isWheelEnd(job.with) ? [job.with] : [])];
  const there = (act: string, place: RoutinePlace) =>
    steps.some((step) => step.step === act && (step.place === undefined || step.place === place));
  // Races are seated where they do not come fitted.
  const races = job.races !== 'fitted' && NEW_HUBS.has(job.routine) ? ['race-in'] : [];
  const tire = job.routine === 'tire-renew' ? ['swap-tire', 'set-pressure'] : [];
  // With a hub open the pads of its disc are looked at as well.
  const axle = isWheelEnd(job.place) ? model.axles[axleOf(job.place)] : undefined;
  const pads = axle?.brake === 'hydraulic-disc' && OPENED.has(job.routine) ? ['measure-brake'] : [];
  const shut = axle !== undefined && !hubOpens(axle) && axle.brake !== 'hydraulic-disc';
  const measured = job.routine === 'brake-measure' ? [shut ? 'look-through' : 'measure-brake'] : [];
  const changed = job.routine === 'tire-rotate' && !at.some((place) => there('rotate', place));
  const acts = [...MEANT[job.routine], ...races, ...tire, ...pads, ...measured];
  const missing = [
    ...at.flatMap((place) => acts.filter((act) => !there(act, place))),
    ...(job.routine === 'underside' ? at.flatMap((place) => untorqued(place, model, there)) : []),
    ...(changed ? ['rotate'] : []),
    ...(job.routine === 'axle-set' ? AXLE : []).filter((act) => !steps.some(({ step }) => step === act)),
  ];
  return missing.map((act) => ({ rule: 0, key: act, place: job.place, why: 'the work is not on the card' }));
}

/** Bolts under a wheel end that have a figure and are not brought to it. */
function untorqued(
  place: RoutinePlace,
  model: RigModel,
  there: (act: string, place: RoutinePlace) => boolean,
): readonly Act[] {
  const told = (id: TorqueId) => torqueOf(model, id) !== undefined && !isGuess(torqueOf(model, id));
  const leaf = isWheelEnd(place) && model.axles[axleOf(place)]?.suspension === 'leaf';
  const wanted: readonly Act[] = [
    ...(told('axle') ? ['torque-axle' as const] : []),
    ...(told('joints') && leaf ? ['torque-joints' as const] : []),
  ];
  return wanted.filter((act) => !there(act, place));
}

/** True where a wheel is changed and nothing else, and its owner goes on from there. */
function onTheVerge({ house, jobs }: Card, place: WheelEnd): boolean {
  const here = jobs.filter((job) => job.place === place || job.with === place);
  return (
    house.verge === 'tighten-and-go' &&
    here.length > 0 &&
    here.every(({ routine }) => routine === 'tire-change')
  );
}

/** What a card takes of looks, readings and work at a place, whether or not its owner fills it in. */
function seenOn({ steps, jobs }: Card, place: WheelEnd, model: RigModel): Seen {
  const axle = model.axles[axleOf(place)];
  const here = steps.filter((step) => step.place === place);
  const has = (act: Act) => here.some(({ step }) => step === act);
  return {
    brake: axle?.brake,
    shut: axle !== undefined && !hubOpens(axle),
    graded: (subject) => here.some(({ subjects }) => subjects.includes(subject)),
    read: (what) => here.some(({ readings }) => readings.some((one) => one.what === what)),
    did: (...works) => jobs.some((job) => job.place === place && works.includes(job.routine)),
    greased: has('pack') || has('pump'),
    refitted: has('open-rechecks'),
  };
}

/** What a job is held to do by the way, and its card does not look at: nobody is told that it was done. */
function unseen(job: Job, card: Card, model: RigModel): readonly Breach[] {
  const { place } = job;
  if (!isWheelEnd(place)) return [];
  const done: readonly string[] = doneHere(seenOn(card, place, model));
  return (
    routineDef(job.routine)
      .covers.filter((id) => routineDef(id).places(model, card.house).includes(place) && !done.includes(id))
      // Torqued at the next safe place: that stays open.
      .filter((id) => !(id === 'lug-torque' && onTheVerge(card, place)))
      .map((id) => ({ rule: 0, key: id, place, why: 'held done by the way, and not looked at' }))
  );
}

/** True for a place that this rig has. */
function exists(place: RoutinePlace, model: RigModel): boolean {
  return place === 'rig' || placesOf(model).includes(place);
}

/**
 * Plays a card on a rig and names every breach of the safe order (handbook section 7). It trusts
 * nothing that the compiler wrote but what each step does and where.
 */
export function verify(card: Card, model: RigModel): readonly Breach[] {
  const ends = wheelEnds(model);
  const set = card.jobs.find(({ routine }) => routine === 'axle-set');
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
      ends.map((place) => [
        place,
        {
          ...(card.jobs.some((job) => job.routine === 'hub-build' && job.place === place) ? BARE : WHOLE),
          threads: threadsNow(card.threads?.[place], card.house),
        },
      ]),
    ),
    framed: false,
    axlesHeld: false,
    sides: { L: side(), R: side() },
    jointsTight: true,
    axle: 'as-it-was',
    axleWires: true,
    axleLines: true,
    setAxle:
      set && isWheelEnd(set.place) ? ends.filter((end) => axleOf(end) === axleOf(set.place as WheelEnd)) : [],
    spares: model.spares,
    airRounds: lugStages(model, threadsAfterRefit(card.house, model), card.house).filter(
      ({ where }) => where === 'air',
    ).length,
    newHubs: card.jobs.flatMap(({ routine, place }) =>
      NEW_HUBS.has(routine) && isWheelEnd(place) ? [place] : [],
    ),
    onVerge: ends.filter((end) => onTheVerge(card, end)),
    fixings: new Set(),
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
    card.jobs.some((job) => job.place === place || job.with === place || job.place === 'rig') ||
    scene.setAxle.some((end) => end === place);
  const breaches: Breach[] = [];
  for (const step of card.steps) {
    const { place } = step;
    const at = place !== undefined && isWheelEnd(place) && !standsAlone(step) ? place : undefined;
    const corner = at && scene.corners.get(at);
    if (place !== undefined && !exists(place, model))
      breaches.push({ rule: 0, key: step.key, place, why: 'this rig has no such place' });
    else if (!torqueFits(step, model))
      breaches.push({ rule: 12, key: step.key, place, why: 'not the figure of these bolts' });
    if (place !== undefined && !meant(place))
      breaches.push({ rule: 0, key: step.key, place, why: 'a place without a job' });
    else if (at && !corner)
      breaches.push({ rule: 0, key: step.key, place, why: 'this rig has no such place' });
    else if (corner) {
      const { demands, then } = play(step, corner, scene);
      breaches.push(...broken(step.key, place, demands));
      Object.assign(corner, then);
      // The frame came up beside it: its stand is looked at again.
      if (step.step === 'jack')
        for (const [end, one] of scene.corners)
          if (end !== at && one.lugs === 'off' && scene.mates.get(end) === at) one.standSure = false;
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
      [scene.axleWires && scene.axleLines, 16, 'wires or lines of the axle are still apart'],
    ]),
    ...card.jobs.flatMap((job) => [...jobAtEnd(job, card, model), ...unseen(job, card, model)]),
  );
  return breaches;
}
