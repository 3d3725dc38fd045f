import type { LampFunction } from '../../rules';
import type { Act } from './acts';
import { may, must, step, type StepContext } from './step';

/** Cold pressures, spare included (handbook 4.7). */
export const PRESSURES = [
  step('pressure', 'walk', 1, {
    readings: [must('pressure'), may('pressure-set')],
    gives: ['pressed {}'],
    tool: 'gauge',
  }),
];

/** A look at every tire where it sits. */
export const LOOK_TIRE = [
  step('look-tire', 'walk', 3, {
    readings: [may('tread-inner'), may('tread-middle'), may('tread-outer'), may('dot')],
    subjects: ['tire-wall', 'tread', 'valve'],
    gives: ['tire seen {}'],
    tool: 'gauge',
  }),
];

/** The spare before it is trusted. */
export const LOOK_SPARE = [
  step('look-spare', 'ground', 2, {
    scope: 'card',
    gives: ['spare seen'],
    readings: [must('pressure'), may('dot')],
    subjects: ['tire-wall', 'tread', 'valve'],
    tool: 'gauge',
  }),
];

/** Filled before it carries: what goes on is at its pressure while it still lies on the ground. */
const FILL = step('set-pressure', 'open', 3, {
  needs: ['wheel off {}', 'swapped {}', 'rotated {}'],
  gives: ['pumped up {}'],
  readings: [must('pressure-set')],
  tool: 'gauge',
});

/** Another tire and wheel in place of this one. */
export const SWAP_TIRE = [
  step('swap-tire', 'open', 3, {
    needs: ['wheel off {}', 'spare seen'],
    gives: ['swapped {}'],
    readings: [may('dot'), must('came-off')],
    when: ({ has }) => !has('tire-change'),
  }),
  // What comes off becomes the spare: why it came off goes with it.
  step('swap-tire', 'open', 3, {
    needs: ['wheel off {}', 'spare seen'],
    gives: ['swapped {}'],
    readings: [must('came-off')],
    when: ({ has }) => has('tire-change'),
  }),
  FILL,
];

/** A new tire on the spare's rim: off its carrier, changed, filled before it goes back. */
export const SPARE_TIRE = [
  step('swap-tire', 'walk', 10, {
    gives: ['swapped {}'],
    readings: [may('dot'), must('came-off')],
  }),
  step('set-pressure', 'walk', 3, {
    needs: ['swapped {}'],
    gives: ['inflated {}'],
    readings: [must('pressure-set')],
    tool: 'gauge',
  }),
];

/** A stud renewed, the nuts counted again at the refit. */
export const STUD = [
  step('renew-stud', 'open', 15, {
    needs: ['wheel off {}'],
    gives: ['stud {}'],
    readings: [must('studs-done')],
    tool: 'hammer',
  }),
];

/** Two wheels change places; both are off, and both hang on one side or one is the spare. */
export const ROTATE = [
  step('rotate', 'open', 2, {
    needs: ['wheel off {}', 'wheel off {mate}', 'stand sure {}', 'stand sure {mate}'],
    gives: ['rotated {}', 'rotated {mate}'],
    // Told once, at the one that is raised last.
    when: ({ firstOfTwo }) => !firstOfTwo,
  }),
  { ...FILL, when: ({ fromSpare }: StepContext) => fromSpare },
];

/** The adapter's own nuts, behind the wheel: looked at whenever they lie bare. */
export const ADAPTER = [
  step('adapter-torque', 'open', 5, {
    // On a new hub the adapters come over from the old one.
    needs: ['wheel off {}', 'cap on {}'],
    gives: ['adapter {}'],
    subjects: ['adapter-move'],
    torque: 'adapter',
    tool: 'torque-wrench',
  }),
];

/** Every nut in a star with the torque wrench, tire on the ground. */
export const CHECK_LUGS = [
  step('check-lugs', 'down', 2, {
    needs: ['braked'],
    gives: ['lugs checked {}'],
    subjects: ['lug-move'],
    tool: 'torque-wrench',
  }),
];

/** Stud threads, one nut at a time, no wheel lifted: this too is a refit (handbook 4.6). */
export const THREADS = [
  step('threads', 'down', 8, {
    needs: ['braked', 'held', 'down {}', 'tight {}'],
    gives: ['started {}', 'round 0 {}'],
    takes: ['tight {}'],
    readings: [must('studs-done')],
    subjects: ['threads'],
    tool: 'wrench',
  }),
  // The compiler puts the full rounds in here.
  step('torque', 'down', 2, { tool: 'torque-wrench' }),
  step('open-rechecks', 'down', 1, { needs: ['torqued {}'], gives: ['rechecks open {}'] }),
];

/** The same with the wheel off for other work: all of them lie bare. */
export const BARE_THREADS = [
  step('threads', 'open', 5, {
    needs: ['wheel off {}'],
    gives: ['stud {}'],
    readings: [must('studs-done')],
    subjects: ['threads'],
  }),
];

/** Wrench on every fixing of an axle, from below on firm ground. */
export const FIXINGS = [
  step('check-fixings', 'walk', 4, {
    needs: ['braked'],
    gives: ['fixings {}'],
    subjects: ['fixing'],
    tool: 'wrench',
  }),
  // To a figure where there is one; by the feel of a wrench alone where nobody told it.
  step('torque-axle', 'walk', 2, {
    needs: ['fixings {}'],
    torque: 'axle',
    tool: 'torque-wrench',
    when: ({ figure }) => figure('axle'),
  }),
  step('torque-joints', 'walk', 3, {
    needs: ['fixings {}'],
    torque: 'joints',
    tool: 'torque-wrench',
    when: ({ figure, axle }) => figure('joints') && axle?.suspension === 'leaf',
  }),
];

/** Pivots with the tires on the ground: fittings that a gun can reach, play that nobody in front hears (handbook 4.8). */
export const PIVOTS = [
  step('look-pivot', 'walk', 2, { needs: ['braked'], gives: ['pivot seen {}'], subjects: ['pivot'] }),
  step('grease-pivot', 'walk', 3, {
    needs: ['pivot seen {}'],
    gives: ['pivot greased {}'],
    readings: [may('strokes')],
    tool: 'gun',
    optional: true,
    when: ({ house }) => house.pivots === 'greaseable',
  }),
];

/** The lamps that a step tries. */
export const LAMPS: Readonly<Partial<Record<Act, LampFunction>>> = {
  'lamps-running': 'running',
  'lamps-brake': 'brake',
  'lamps-left': 'left',
  'lamps-right': 'right',
  'lamps-other': 'other',
};

const lamp = (id: 'lamps-running' | 'lamps-brake' | 'lamps-left' | 'lamps-right' | 'lamps-other') =>
  step(id, 'walk', 2, { needs: ['lit'], subjects: ['lamp'] });

/** Lamps function by function (handbook 4.9). */
export const LIGHTS = [
  step('plug-lights', 'walk', 1, { needs: ['contacts clean', 'plug clean'], gives: ['lit'] }),
  lamp('lamps-running'),
  lamp('lamps-brake'),
  lamp('lamps-left'),
  lamp('lamps-right'),
  lamp('lamps-other'),
];

/** Bulbs out, contacts cleaned, the plug as well; then every lamp is tried again. */
export const CONTACTS = [
  step('clean-contacts', 'walk', 15, { gives: ['contacts clean'], subjects: ['contacts'], tool: 'solvent' }),
  step('clean-plug', 'walk', 4, { gives: ['plug clean'], subjects: ['contacts'], tool: 'solvent' }),
];

/** Breakaway: battery read, pin pulled and put back (handbook 4.10). */
export const BREAKAWAY = [
  step('read-battery', 'walk', 2, { gives: ['battery read'], readings: [must('volts')], tool: 'meter' }),
  step('pull-pin', 'walk', 2, {
    needs: ['braked', 'battery read', 'battery in'],
    gives: ['pulled'],
    readings: [may('volts-loaded')],
    subjects: ['breakaway'],
  }),
  step('pin-back', 'walk', 1, { needs: ['pulled'], gives: ['pin in'] }),
];

/** The breakaway battery renewed. */
export const BATTERY = [
  step('battery-out', 'walk', 3, { gives: ['battery out'], tool: 'wrench' }),
  step('battery-in', 'walk', 4, { needs: ['battery out'], gives: ['battery in'], tool: 'wrench' }),
];

/** One piece of gear looked over. */
export const GEAR = [step('look-gear', 'walk', 1, { subjects: ['gear'], gives: ['seen {}'] })];

/** Gear that turns or slides: taken apart or out, cleaned and looked at, greased and back (handbook 4.10). */
export const GEAR_GREASE = [
  step('strip-gear', 'walk', 10, { gives: ['stripped {}'], subjects: ['gear'], tool: 'wrench' }),
  step('grease-gear', 'walk', 8, { needs: ['stripped {}'], gives: ['gear greased {}'], tool: 'wrench' }),
];

export const RINSE = [step('rinse', 'end', 10)];
export const WASH = [step('wash', 'end', 45)];
export const UNLOAD = [step('unload-tires', 'end', 20, { tool: 'jack' })];
export const STORE_BATTERY = [step('store-battery', 'end', 5, { readings: [may('volts')], tool: 'wrench' })];
