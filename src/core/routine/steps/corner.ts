import { must, step, type StepContext } from './step';

const corner = ({ framed }: StepContext) => !framed;

/** One corner raised, felt as it is, and let down again (handbook 4.1). */
export const RAISE = [
  step('jack', 'up', 3, {
    needs: ['braked', 'chocked {side}', 'loose {}', 'down {}'],
    gives: ['up {}'],
    takes: ['down {}'],
    tool: 'jack',
    when: corner,
  }),
  step('stand', 'up', 1, { needs: ['up {}'], gives: ['stand {}'], when: corner }),
  step('feel', 'up', 2, {
    needs: ['stand {}', 'wheel {}'],
    gives: ['felt {}'],
    subjects: ['rock', 'spin'],
  }),
];

/** What covers wheel and hub, where there is such a thing. */
export const COVER = [
  step('cover-off', 'ground', 1, {
    needs: ['braked'],
    gives: ['cover off {}'],
    optional: true,
    when: ({ covered }) => covered,
  }),
];

/** Nuts broken loose under load, before the jack. */
export const LOOSEN = [
  step('break-loose', 'ground', 2, {
    needs: ['braked', 'chocked {side}', 'down {}', 'tight {}'],
    gives: ['loose {}'],
    takes: ['tight {}'],
    tool: 'bar',
  }),
];

/** The wheel off. */
export const WHEEL_OFF = [
  // The frame came up again beside it when the other of two wheels was raised.
  step('stand-again', 'up', 1, {
    needs: ['wheel off {}', 'up {mate}'],
    gives: ['stand sure {}'],
    when: ({ firstOfTwo, framed }) => firstOfTwo && !framed,
  }),
  step('wheel-off', 'up', 2, {
    needs: ['stand {}', 'loose {}', 'wheel {}', 'felt {}', 'greased {}'],
    gives: ['wheel off {}'],
    takes: ['wheel {}', 'loose {}'],
    readings: [must('nuts-counted')],
    tool: 'bar',
  }),
  step('look-well', 'up', 1, {
    needs: ['wheel off {}'],
    gives: ['well seen {}'],
    subjects: ['wheel-well'],
    optional: true,
  }),
];

/** The wheel back on: every nut by hand, early rounds in the air by school (handbook 4.6). */
export const WHEEL_ON = [
  step('dress-threads', 'wheel', 4, {
    needs: ['wheel off {}'],
    gives: ['dressed {}'],
    when: ({ redress }) => redress,
  }),
  step('wheel-on', 'wheel', 2, {
    needs: [
      'wheel off {}',
      'wheel off {mate}',
      'cap on {}',
      'plug home {}',
      'caliper on {}',
      'swapped {}',
      'rotated {}',
      'pumped up {}',
      'pads seen {}',
      'well seen {}',
      'seen through {}',
      'serviced {}',
      'bare greased {}',
      'adapter {}',
      'stud {}',
      'dressed {}',
      'joints tight',
      'squared {}',
    ],
    gives: ['hung {}'],
  }),
  step('hand-start', 'wheel', 2, {
    needs: ['hung {}'],
    gives: ['started {}', 'round 0 {}'],
    readings: [must('nuts-started')],
  }),
  // The compiler puts the rounds of the star in here, by school.
  step('torque', 'wheel', 2, { tool: 'torque-wrench' }),
  step('last-spin', 'wheel', 1, { needs: ['snug {}', 'up {}'], gives: ['spun {}'] }),
];

/** The corner down again. */
export const LOWER = [
  step('lower', 'down', 2, {
    needs: ['snug {}', 'spun {}', 'felt {}', 'brake tested {}', 'grease shut {}', 'up {}'],
    gives: ['down again {}', 'down {}'],
    takes: ['up {}', 'stand {}'],
    tool: 'jack',
    when: corner,
  }),
];

/** On the verge, by the school that goes on from there: tight by hand, to its figure at the next safe place (handbook 4.6). */
export const TIGHTEN_HARD = step('tighten-hard', 'down', 2, {
  needs: ['snug {}', 'down again {}'],
  gives: ['torqued {}'],
  tool: 'bar',
});

/** The cover back, the wheel down and tight. */
export const COVER_ON = [
  step('cover-on', 'down', 1, {
    needs: ['down again {}', 'torqued {}', 'cap fitted {}'],
    gives: ['cover on {}'],
    optional: true,
    when: ({ covered }) => covered,
  }),
];

/** After the last round on the ground. */
export const REFIT = [
  step('set-pressure', 'down', 3, {
    needs: ['down again {}'],
    gives: ['inflated {}'],
    readings: [must('pressure-set')],
    tool: 'gauge',
    when: ({ has, fromSpare }) => has('tire-rotate') && !fromSpare,
  }),
  ...COVER_ON,
  step('open-rechecks', 'down', 1, { needs: ['torqued {}', 'inflated {}'], gives: ['rechecks open {}'] }),
];
