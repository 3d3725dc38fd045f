import { hasHydraulics } from '../../rig';
import { may, must, step } from './step';

const card = { scope: 'card' } as const;

/** The whole frame onto four stands, and down again. */
export const FRAME_UP = [
  step('frame-up', 'frame', 20, {
    ...card,
    needs: ['braked', 'loose {each}', 'down {each}', 'spacing noted'],
    gives: ['up {each}', 'stand {each}', 'framed'],
    takes: ['down {each}'],
    tool: 'jack',
  }),
  step('hold-axle', 'frame', 5, { ...card, needs: ['framed'], gives: ['axles held'], tool: 'jack' }),
];
export const FRAME_DOWN = [
  step('frame-down', 'frame', 10, {
    ...card,
    needs: [
      'framed',
      'snug {each}',
      'spun {each}',
      'felt {each}',
      'brake tested {each}',
      'joints tight',
      'squared',
      'axle wires on',
      'axle lines on',
    ],
    gives: ['down again {each}', 'down {each}'],
    takes: ['up {each}', 'stand {each}'],
    tool: 'jack',
  }),
];

/** What is looked at with the tires still on the ground. */
export const BEFORE_FRAME = [
  step('note-spacing', 'ground', 4, {
    ...card,
    gives: ['spacing noted'],
    readings: [may('bolt-spacing')],
    subjects: ['pivot'],
    tool: 'gauge',
    when: ({ equalized }) => equalized,
  }),
  step('note-spacing', 'ground', 3, {
    ...card,
    gives: ['spacing noted'],
    subjects: ['pivot'],
    when: ({ equalized }) => !equalized,
  }),
];

/** Bushings and equalizer of one side; never both sides apart (handbook 4.8). */
export const BUSHINGS = [
  step('joints-off', 'frame', 20, {
    scope: 'side',
    needs: ['framed', 'axles held', 'free {side}', 'axle off', 'bolt free {side}'],
    gives: ['apart {side}'],
    tool: 'wrench',
  }),
  step('look-hangers', 'frame', 3, {
    scope: 'side',
    needs: ['apart {side}'],
    gives: ['hangers seen {side}'],
    subjects: ['hanger'],
  }),
  step('bush-out', 'frame', 10, {
    scope: 'side',
    needs: ['apart {side}'],
    gives: ['bush out {side}'],
    tool: 'hammer',
  }),
  step('look-eye', 'frame', 2, {
    scope: 'side',
    needs: ['bush out {side}'],
    gives: ['eye seen {side}'],
    subjects: ['eye'],
  }),
  step('bush-in', 'frame', 12, {
    scope: 'side',
    needs: ['bush out {side}', 'eye seen {side}', 'spring {side}'],
    gives: ['bush in {side}'],
    tool: 'hammer',
  }),
  step('equalizer-on', 'frame', 8, {
    scope: 'side',
    needs: ['bush in {side}', 'hangers seen {side}'],
    gives: ['equalizer {side}'],
    when: ({ equalized }) => equalized,
  }),
  step('joints-on', 'frame', 20, {
    scope: 'side',
    needs: ['bush in {side}', 'hangers seen {side}', 'equalizer {side}'],
    gives: ['whole {side}', 'free {other}'],
    tool: 'wrench',
  }),
];

/** All joints loose until everything is in place, then torque. */
export const TIGHTEN = [
  step('tighten-joints', 'frame', 10, {
    ...card,
    needs: ['whole L', 'whole R'],
    gives: ['joints tight'],
    torque: 'joints',
    tool: 'torque-wrench',
  }),
];

/** An axle set under a frame: the old one off, where the new one goes, which way round, square, and tight (handbook 4.8 and 4.11). */
export const SET_AXLE = {
  first: [
    step('mark-axle', 'ground', 10, {
      gives: ['marked'],
      readings: [may('axle-at'), may('law')],
      tool: 'gauge',
    }),
  ],
  under: [
    step('axle-wires-off', 'frame', 5, {
      needs: ['framed', 'wheel off {}', 'wheel off {mate}'],
      gives: ['axle wires off'],
      tool: 'pliers',
      when: ({ axle }) => axle?.brake === 'electric',
    }),
    step('axle-lines-off', 'frame', 10, {
      needs: ['framed', 'wheel off {}', 'wheel off {mate}'],
      gives: ['axle lines off'],
      tool: 'wrench',
      when: ({ axle }) => axle !== undefined && hasHydraulics(axle),
    }),
    step('axle-off', 'frame', 30, {
      needs: [
        'framed',
        'axles held',
        'marked',
        'axle wires off',
        'axle lines off',
        'wheel off {}',
        'wheel off {mate}',
        'hub off {}',
        'hub off {mate}',
        'plate off {}',
        'plate off {mate}',
        'caliper off {}',
        'caliper off {mate}',
      ],
      gives: ['axle off'],
      tool: 'wrench',
    }),
    step('seat-axle', 'frame', 20, {
      needs: ['axle off', 'whole L', 'whole R'],
      gives: ['seated'],
    }),
    step('square-axle', 'frame', 10, {
      needs: ['seated'],
      gives: ['square'],
      readings: [must('left-diagonal'), must('right-diagonal')],
      tool: 'gauge',
    }),
    step('axle-bolts', 'frame', 15, {
      needs: ['seated', 'square'],
      gives: ['squared', 'squared {}', 'squared {mate}'],
      torque: 'axle',
      tool: 'torque-wrench',
    }),
    step('axle-wires-on', 'frame', 8, {
      needs: ['squared', 'plate on {}', 'plate on {mate}'],
      gives: ['axle wires on'],
      tool: 'pliers',
      when: ({ axle }) => axle?.brake === 'electric',
    }),
    step('axle-lines-on', 'frame', 30, {
      needs: ['squared', 'plate on {}', 'plate on {mate}', 'caliper on {}', 'caliper on {mate}'],
      gives: ['axle lines on'],
      tool: 'wrench',
      when: ({ axle }) => axle !== undefined && hasHydraulics(axle),
    }),
  ],
} as const;
