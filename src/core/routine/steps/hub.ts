import { greasedUnderCap, hasCapPlug, hubTakesFitting, type Axle } from '../../rig';
import { COVER, COVER_ON } from './corner';
import { may, must, step, type StepContext } from './step';
import { braking } from './when';

const disc = ({ axle }: StepContext) => axle?.brake === 'hydraulic-disc';

/** Nobody has told how the hub is built, or what locks its nut. */
const unseen = (axle: Axle | undefined) => axle?.hub === undefined || axle.lock === undefined;

const underCap = ({ axle }: StepContext) => axle !== undefined && greasedUnderCap(axle);

/** With its bearings out a seal is read and renewed anyway. */
const opensBearings = ({ has }: StepContext) =>
  has('repack', 'bearing-renew', 'hub-renew', 'hub-build', 'brakes-install');

const newHub = ({ has }: StepContext) => has('hub-renew', 'hub-build', 'brakes-install');

/** What can be read off a hub, its seal still in place. */
const HUB_NUMBERS = [
  may('seal-number'),
  may('inner-roller'),
  may('inner-race'),
  may('outer-roller'),
  may('outer-race'),
];

/** The caliper off and on again for its pads, the hub shut. */
export const CALIPER = [
  step('caliper-off', 'open', 5, {
    needs: ['wheel off {}', 'pads seen {}'],
    gives: ['caliper off {}'],
    tool: 'wrench',
    when: disc,
  }),
  step('pads-out', 'look', 4, { needs: ['caliper off {}'], gives: ['pads out {}'], when: disc }),
  step('pads-in', 'look', 5, { needs: ['pads out {}'], gives: ['pads in {}', 'brake built {}'], when: disc }),
  step('caliper-on', 'close', 6, {
    needs: ['caliper off {}', 'pads in {}', 'cap on {}'],
    gives: ['caliper on {}'],
    torque: 'caliper',
    tool: 'torque-wrench',
    when: disc,
  }),
];

/** A hub opened as far as its drum or disc comes off (handbook 4.3). */
export const HUB_OFF = [
  step('caliper-off', 'open', 5, {
    needs: ['wheel off {}', 'pads seen {}'],
    gives: ['caliper off {}'],
    tool: 'wrench',
    when: disc,
  }),
  step('cap-off', 'open', 2, { needs: ['wheel off {}'], gives: ['cap off {}'], tool: 'hammer' }),
  // What nobody has told is seen now, and the card goes on by it.
  step('see-hub', 'open', 2, {
    needs: ['cap off {}'],
    gives: ['hub seen {}'],
    when: ({ axle }) => unseen(axle),
  }),
  step('lock-out', 'open', 2, {
    needs: ['cap off {}', 'hub seen {}', 'pin moved {}'],
    gives: ['lock out {}'],
    tool: 'pliers',
  }),
  step('mark-hole', 'open', 1, {
    needs: ['lock out {}'],
    gives: ['hole marked {}'],
    when: ({ axle }) => axle?.hub === 'drilled' && axle.lock === 'cotter',
  }),
  step('nut-off', 'open', 1, { needs: ['lock out {}', 'hole marked {}'], gives: ['nut off {}'] }),
  step('outer-out', 'open', 1, { needs: ['nut off {}'], gives: ['outer out {}'] }),
  step('shoes-back', 'open', 2, {
    needs: ['wheel off {}'],
    gives: ['shoes back {}'],
    tool: 'spoon',
    when: ({ axle }) => axle?.brake === 'electric' || axle?.brake === 'hydraulic-drum',
  }),
  step('hub-off', 'open', 2, {
    needs: ['outer out {}', 'shoes back {}', 'caliper off {}', 'drum free {}'],
    gives: ['hub off {}'],
  }),
];

/** Seal and inner bearing out, all of it cleaned and looked at, packed and closed again. */
export const BEARINGS = [
  step('read-seal', 'open', 2, {
    needs: ['hub off {}', 'seal in place {}'],
    gives: ['seal read {}'],
    readings: [may('seal-number')],
    subjects: ['seal', 'old-grease'],
  }),
  step('seal-out', 'open', 2, {
    needs: ['hub off {}', 'seal read {}', 'line cleared {}'],
    gives: ['seal out {}'],
    takes: ['seal in place {}'],
    tool: 'puller',
  }),
  step('inner-out', 'open', 1, { needs: ['seal out {}'], gives: ['inner out {}'] }),
  step('clean', 'look', 12, { needs: ['inner out {}'], gives: ['clean {}'], tool: 'solvent' }),
  step('look-bearings', 'look', 5, {
    needs: ['clean {}'],
    gives: ['bearings seen {}'],
    readings: [may('inner-roller'), may('inner-race'), may('outer-roller'), may('outer-race')],
    subjects: ['rollers'],
  }),
  step('look-spindle', 'look', 2, { needs: ['clean {}'], gives: ['spindle seen {}'], subjects: ['spindle'] }),
];

/** Seal and grease looked at where the hub comes off and its bearings stay in. */
export const LOOK_SEAL = [
  step('look-seal', 'look', 2, {
    needs: ['hub off {}'],
    gives: ['seal seen {}'],
    subjects: ['seal', 'old-grease'],
    when: (context) => !opensBearings(context),
  }),
];

/** What is read off an open hub before anything is ordered for it; nothing of it is destroyed (handbook 4.4). */
export const READ_HUB = [
  step('read-hub', 'look', 6, {
    needs: ['hub off {}', 'seal seen {}'],
    gives: ['hub known {}'],
    readings: [...HUB_NUMBERS, may('drum-diameter')],
    subjects: ['spindle'],
  }),
];

/** A hub that goes aside whole: its numbers are read, nothing of it is taken out; the spindle it leaves is cleaned and looked at (handbook 4.4). */
export const SCRAP_HUB = [
  step('read-hub', 'look', 4, {
    needs: ['hub off {}'],
    gives: ['hub read {}', 'seal seen {}'],
    readings: HUB_NUMBERS,
    subjects: ['seal', 'old-grease'],
  }),
  step('wipe-spindle', 'look', 4, { needs: ['hub off {}'], gives: ['clean {}'], tool: 'solvent' }),
  step('look-spindle', 'look', 2, { needs: ['clean {}'], gives: ['spindle seen {}'], subjects: ['spindle'] }),
];

/** A cap by itself: reached through the wheel, the lock behind it looked at (handbook 4.3). */
export const CAP = [
  ...COVER,
  step('cap-look', 'walk', 2, {
    needs: ['braked', 'cover off {}'],
    gives: ['lock seen {}'],
    subjects: ['cap'],
    tool: 'hammer',
  }),
  step('cap-fit', 'walk', 6, {
    needs: ['lock seen {}', 'ring out {}'],
    gives: ['cap fitted {}'],
    readings: [must('grease'), may('new-cap-number')],
    tool: 'hammer',
  }),
  ...COVER_ON,
];

/** What is renewed of the bearings, and their races with them. */
export const RENEW = [
  step('renew', 'look', 3, {
    needs: ['bearings seen {}'],
    gives: ['renewed {}'],
    readings: [must('renewed')],
  }),
];

/** Races driven out and new ones seated: a bearing and its race are renewed together. */
export const RACES = [
  step('race-out', 'look', 6, {
    needs: ['renewed {}'],
    gives: ['race out {}'],
    tool: 'hammer',
    when: (context) => !newHub(context),
  }),
  step('race-in', 'look', 6, {
    needs: ['race out {}', 'matched {}'],
    gives: ['races {}'],
    readings: [
      may('new-inner-roller'),
      may('new-inner-race'),
      may('new-outer-roller'),
      may('new-outer-race'),
    ],
    tool: 'hammer',
    when: (context) => !newHub(context),
  }),
  step('race-in', 'look', 6, {
    needs: ['matched {}'],
    gives: ['races {}'],
    readings: [may('new-inner-race'), may('new-outer-race')],
    tool: 'hammer',
    when: (context) => newHub(context) && !context.racesFitted,
  }),
];

/** Another hub or drum in place of the old one (handbook 4.4). */
export const NEW_HUB = [
  step('match-hub', 'look', 6, {
    needs: ['hub read {}', 'spindle seen {}'],
    gives: ['renewed {}', 'matched {}'],
  }),
  step('wipe-face', 'look', 3, {
    needs: ['matched {}'],
    gives: ['face wiped {}'],
    tool: 'solvent',
    when: braking,
  }),
];

/** The new drum's faces wiped clean of the oil it came with. */
const WIPE = NEW_HUB.filter(({ id }) => id === 'wipe-face');

/** Grease in, seal flush (handbook 4.3). */
export const PACK = [
  step('pack', 'close', 8, {
    needs: ['bearings seen {}', 'renewed {}', 'races {}'],
    gives: ['packed {}'],
    readings: [must('grease'), may('grease-product')],
    when: (context) => !newHub(context),
  }),
  // Another hub takes new rollers, of the numbers of its races; the old ones never run in them.
  step('pack', 'close', 8, {
    needs: ['renewed {}', 'races {}'],
    gives: ['packed {}'],
    readings: [must('grease'), may('grease-product'), may('new-inner-roller'), may('new-outer-roller')],
    when: newHub,
  }),
  step('smear', 'close', 2, {
    needs: ['clean {}', 'spindle seen {}', 'renewed {}', 'races {}'],
    gives: ['smeared {}'],
  }),
  step('inner-in', 'close', 1, { needs: ['packed {}', 'smeared {}'], gives: ['inner in {}'] }),
  step('seal-in', 'close', 3, {
    needs: ['inner in {}'],
    gives: ['new seal {}'],
    readings: [may('new-seal-number')],
    tool: 'hammer',
  }),
];

/** The hub on, its nut set, locked and capped. */
export const HUB_ON = [
  step('hub-on', 'close', 2, {
    needs: [
      'hub off {}',
      'new seal {}',
      'brake seen {}',
      'measured {}',
      'brake built {}',
      'face wiped {}',
      'brake clean {}',
      'seal seen {}',
      'hub known {}',
      'squared {}',
    ],
    gives: ['hub on {}'],
  }),
  step('outer-in', 'close', 1, { needs: ['hub on {}', 'washer {}'], gives: ['outer in {}'] }),
  step('nut-set', 'close', 5, {
    needs: ['outer in {}'],
    gives: ['nut set {}'],
    readings: [must('slots-back')],
    tool: 'wrench',
  }),
  step('lock-in', 'close', 2, { needs: ['nut set {}'], gives: ['locked {}'], tool: 'pliers' }),
  step('check-set', 'close', 1, {
    needs: ['locked {}'],
    gives: ['set checked {}'],
    readings: [may('play-dialed')],
    subjects: ['set-rock', 'set-spin'],
  }),
  step('cap-on', 'close', 2, {
    needs: ['locked {}', 'set checked {}', 'filled {}', 'ring out {}'],
    gives: ['cap on {}'],
    tool: 'hammer',
  }),
  step('caliper-on', 'close', 6, {
    needs: ['hub on {}', 'caliper off {}', 'cap on {}', 'pads in {}'],
    gives: ['caliper on {}'],
    torque: 'caliper',
    tool: 'torque-wrench',
    when: disc,
  }),
];

/** What packing leaves empty, filled through the fitting. */
export const TOP_UP = [
  step('top-up', 'close', 3, {
    needs: ['cap on {}'],
    gives: ['topped up {}'],
    readings: [may('strokes')],
    tool: 'gun',
    optional: true,
    when: (context) => context.axle !== undefined && hubTakesFitting(context.axle) && !underCap(context),
  }),
  // A cap without a plug closes over the fitting: grease first.
  step('top-up', 'close', 3, {
    needs: ['set checked {}'],
    gives: ['filled {}'],
    readings: [may('strokes')],
    tool: 'gun',
    optional: true,
    when: underCap,
  }),
];

/** The plug over the fitting of a drilled spindle goes in after the grease, topped up or not. */
export const PLUG_HOME = [
  step('plug-home', 'close', 1, {
    needs: ['cap on {}', 'topped up {}'],
    gives: ['plug home {}'],
    when: ({ axle }) => axle !== undefined && hasCapPlug(axle),
  }),
];

/** What is pumped and looked at, on a wheel that is on or on a bare hub. */
const PUMP = [
  step('wipe-fitting', 'up', 1, { needs: ['plug out {}'], gives: ['wiped {}'] }),
  step('pump', 'up', 3, {
    needs: ['wiped {}'],
    gives: ['pumped {}'],
    readings: [must('strokes'), must('grease'), may('grease-product')],
    tool: 'gun',
    when: ({ house }) => house.grease !== 'purge',
  }),
  // What comes out in front is the old grease: it is graded as it would be in an open hub.
  step('pump', 'up', 8, {
    needs: ['wiped {}'],
    gives: ['pumped {}'],
    readings: [must('strokes'), must('grease'), may('grease-product')],
    subjects: ['old-grease'],
    tool: 'gun',
    when: ({ house }) => house.grease === 'purge',
  }),
  step('look-back', 'up', 1, {
    needs: ['pumped {}'],
    gives: ['back seen {}'],
    subjects: ['grease-back'],
  }),
];

/** A hub built up on a bare spindle: nothing is raised and nothing comes apart (handbook 4.3). */
export const HUB_BUILD = [
  step('look-spindle', 'look', 2, { gives: ['spindle seen {}'], subjects: ['spindle'] }),
  ...RACES,
  ...WIPE,
  ...PACK,
  // The axle is not under its springs yet, and no caliper hangs on it.
  ...HUB_ON.filter(({ id }) => id !== 'caliper-on').map((def) => ({
    ...def,
    needs: def.needs.filter((fact) => fact !== 'squared {}'),
  })),
  ...TOP_UP,
  ...PLUG_HOME,
];

/** Grease by the fitting, the wheel turning (handbook 4.2). */
export const GREASE = [
  step('plug-out', 'up', 1, { needs: ['stand {}', 'felt {}', 'wheel {}'], gives: ['plug out {}'] }),
  ...PUMP,
  step('plug-in', 'up', 1, { needs: ['back seen {}'], gives: ['greased {}', 'grease shut {}'] }),
];

/** The same on a bare hub, where the gun does not reach its fitting with the wheel on. */
export const GREASE_BARE = [
  step('plug-out', 'up', 1, { needs: ['felt {}', 'wheel off {}'], gives: ['plug out {}'] }),
  ...PUMP,
  step('plug-in', 'up', 1, { needs: ['back seen {}'], gives: ['bare greased {}', 'grease shut {}'] }),
];

/** A hub that its owner does not open: looked at, and its maker's service done. */
export const CLOSED_HUB = [
  step('oil-check', 'look', 3, {
    needs: ['wheel off {}'],
    gives: ['oil seen {}'],
    subjects: ['oil'],
    when: ({ axle }) => axle?.hub === 'oil-bath',
  }),
  step('maker-service', 'look', 15, { needs: ['wheel off {}', 'oil seen {}'], gives: ['serviced {}'] }),
];
