import { hasDrum } from '../../rig';
import { may, must, step, type StepContext } from './step';
import { braking, drumBrake } from './when';

const oldDrum = ({ axle }: StepContext) => axle !== undefined && hasDrum(axle);

const newLinings = ({ has }: StepContext) => has('plate-renew', 'shoe-renew');

/** The brake looked at while it is open (handbook 5). */
export const LOOK_BRAKE = [
  step('look-brake', 'look', 3, {
    needs: ['hub off {}'],
    gives: ['brake seen {}'],
    subjects: ['lining', 'drum'],
    when: (context) => oldDrum(context) && !newLinings(context),
  }),
  // The linings go; the drum that stays is looked at.
  step('look-brake', 'look', 2, {
    needs: ['hub off {}'],
    gives: ['brake seen {}'],
    subjects: ['drum'],
    when: (context) => oldDrum(context) && newLinings(context),
  }),
];

/** The brake measured: lining, drum, magnet. */
export const MEASURE = [
  step('measure-brake', 'look', 4, {
    needs: ['hub off {}', 'brake seen {}'],
    gives: ['measured {}'],
    readings: [must('lining'), may('drum-diameter'), may('magnet-ohms')],
    subjects: ['magnet'],
    tool: 'gauge',
    when: ({ axle }) => axle?.brake === 'electric',
  }),
  step('measure-brake', 'look', 3, {
    needs: ['hub off {}', 'brake seen {}'],
    gives: ['measured {}'],
    readings: [must('lining'), may('drum-diameter')],
    tool: 'gauge',
    when: ({ axle }) => axle?.brake === 'hydraulic-drum',
  }),
];

/** Pads are seen with the wheel off, nothing else comes apart. */
export const PADS = [
  step('measure-brake', 'look', 3, {
    needs: ['wheel off {}'],
    gives: ['pads seen {}'],
    readings: [must('lining')],
    subjects: ['pads'],
    tool: 'gauge',
    when: ({ axle }) => axle?.brake === 'hydraulic-disc',
  }),
];

/** The whole backing plate renewed: its hand is checked before it is mounted (handbook 4.4). */
export const PLATE = [
  step('wires-off', 'look', 4, {
    needs: ['hub off {}', 'brake seen {}'],
    gives: ['wires off {}'],
    tool: 'pliers',
    when: oldDrum,
  }),
  step('plate-off', 'look', 8, {
    needs: ['wires off {}'],
    gives: ['plate off {}'],
    tool: 'wrench',
    when: oldDrum,
  }),
  step('look-flange', 'look', 2, {
    needs: ['hub off {}', 'plate off {}'],
    gives: ['flange seen {}'],
    subjects: ['flange'],
  }),
  step('check-hand', 'look', 2, {
    needs: ['flange seen {}'],
    gives: ['hand {}'],
    readings: [must('hand')],
  }),
  step('plate-on', 'look', 8, { needs: ['hand {}'], gives: ['plate on {}'], tool: 'torque-wrench' }),
  step('wires-on', 'look', 8, {
    needs: ['plate on {}'],
    gives: ['brake built {}'],
    tool: 'pliers',
  }),
];

/** Shoes renewed on the old plate, shorter lining forward. */
export const SHOES = [
  step('shoes-off', 'look', 10, {
    needs: ['hub off {}', 'brake seen {}'],
    gives: ['shoes off {}'],
    tool: 'pliers',
  }),
  step('look-flange', 'look', 2, {
    needs: ['shoes off {}'],
    gives: ['flange seen {}'],
    subjects: ['flange'],
  }),
  step('shoes-on', 'look', 15, {
    needs: ['shoes off {}', 'flange seen {}'],
    gives: ['shoes on {}', 'brake built {}'],
    tool: 'pliers',
  }),
];

/** The magnet renewed. */
export const MAGNET = [
  step('magnet-out', 'look', 4, {
    needs: ['hub off {}', 'brake seen {}'],
    gives: ['magnet out {}'],
    tool: 'pliers',
  }),
  step('magnet-in', 'look', 8, {
    needs: ['magnet out {}'],
    gives: ['magnet in {}', 'brake built {}'],
    readings: [may('magnet-ohms')],
    tool: 'pliers',
  }),
];

/** Brakes on an axle that had none: what the law asks is looked up first. */
export const LAW = [
  step('ask-law', 'ground', 5, { scope: 'card', gives: ['law'], readings: [may('law')], optional: true }),
];

/** Adjusted in the air with the wheel on, then shown to stop and to let go (handbook 4.5). */
export const SET_BRAKE = [
  step('brake-adjust', 'wheel', 5, {
    needs: ['snug {}', 'felt {}', 'up {}'],
    gives: ['brake set {}'],
    subjects: ['drag'],
    tool: 'spoon',
    when: drumBrake,
  }),
  step('brake-test', 'wheel', 3, {
    needs: ['brake set {}', 'snug {}', 'up {}'],
    gives: ['brake tested {}'],
    subjects: ['brake-test'],
    when: braking,
  }),
];
