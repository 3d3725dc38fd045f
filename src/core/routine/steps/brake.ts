import { hasDrum, hubOpens } from '../../rig';
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

const newMagnet = ({ has }: StepContext) => has('plate-renew', 'magnet-renew');
const asked = ({ has }: StepContext) => has('brake-measure');

/** The brake measured: lining, drum, magnet; what goes in new is not measured, and only where it was asked for must the lining be. */
export const MEASURE = [true, false].flatMap((linings) =>
  [true, false].flatMap((magnet) =>
    [true, false].map((must_) =>
      step('measure-brake', 'look', magnet ? 4 : 3, {
        needs: ['hub off {}', 'brake seen {}'],
        gives: ['measured {}'],
        readings: [
          ...(linings ? [must_ ? must('lining') : may('lining')] : []),
          may('drum-diameter'),
          ...(magnet ? [may('magnet-ohms')] : []),
        ],
        subjects: magnet ? ['magnet'] : [],
        optional: !linings && !magnet,
        tool: 'gauge',
        when: (context) =>
          oldDrum(context) &&
          linings === !newLinings(context) &&
          magnet === (context.axle?.brake === 'electric' && !newMagnet(context)) &&
          must_ === asked(context),
      }),
    ),
  ),
);

/** Pads and disc are seen with the wheel off, nothing else comes apart. */
export const PADS = [true, false].map((must_) =>
  step('measure-brake', 'look', 3, {
    needs: ['wheel off {}'],
    gives: ['pads seen {}'],
    readings: [
      must_ ? must('pad-inner') : may('pad-inner'),
      may('pad-outer'),
      may('pad-plate'),
      may('disc-thickness'),
    ],
    subjects: ['pads', 'disc'],
    tool: 'gauge',
    when: (context) => context.axle?.brake === 'hydraulic-disc' && must_ === asked(context),
  }),
);

/** Linings behind a hub that stays shut: through the inspection hole, or as its maker's service opens it. */
export const THROUGH = [true, false].map((must_) =>
  step('look-through', 'look', 4, {
    needs: ['wheel off {}'],
    gives: ['seen through {}'],
    readings: [must_ ? must('lining') : may('lining')],
    subjects: ['lining'],
    tool: 'gauge',
    optional: !must_,
    when: (context) =>
      oldDrum(context) && context.axle !== undefined && !hubOpens(context.axle) && must_ === asked(context),
  }),
);

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
  step('plate-on', 'look', 8, {
    needs: ['hand {}', 'squared {}'],
    gives: ['plate on {}'],
    torque: 'plate',
    tool: 'torque-wrench',
  }),
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
    needs: ['brake set {}', 'snug {}', 'up {}', 'axle wires on', 'axle lines on'],
    gives: ['brake tested {}'],
    subjects: ['brake-test'],
    when: braking,
  }),
];
