import { fromSI, toSI } from '../quantity';
import { choice, defineTrouble, figure, quantity, says, speed } from './define';
import { care, creep, here, stay } from './verdict';

/** A strap, line, tie-down or chain that gave way. */
export const strap = defineTrouble({
  questions: [
    choice('which', ['chain', 'winch', 'tie-down']),
    choice('replaced', ['rated', 'no'], (answers) => says(answers, 'which', 'chain')),
    choice('lines', ['two-over-load', 'less'], (answers) => says(answers, 'which', 'winch')),
    choice('limit', ['half-the-cargo', 'less'], (answers) => says(answers, 'which', 'tie-down')),
  ],
  decide: (answers) => {
    if (says(answers, 'which', 'chain'))
      return says(answers, 'replaced', 'rated') ? here('rated-link') : stay('no-chain');
    if (says(answers, 'which', 'winch'))
      return says(answers, 'lines', 'two-over-load')
        ? care(50, 45, 'two-lines', [5], 25)
        : stay('boat-not-held');
    return says(answers, 'limit', 'half-the-cargo')
      ? care(50, 45, 'tied-down', [5], 25)
      : stay('cargo-not-held');
  },
  at: ['safetyChains', 'winchStrap', 'transomStraps', 'tieDowns'],
  leaves: () => ['what-rubbed'],
});

/** A coupler that does not latch, has play, or came off. */
export const coupler = defineTrouble({
  questions: [
    choice('numbers', ['same', 'differ']),
    choice('came-off', ['no', 'yes']),
    choice('latched', ['and-pinned', 'no']),
    choice('lift-test', ['holds', 'play']),
  ],
  decide: (answers) => {
    if (!says(answers, 'numbers', 'same')) return stay('ball-differs');
    if (!says(answers, 'came-off', 'no')) return stay('came-off');
    if (!says(answers, 'latched', 'and-pinned')) return stay('not-latched');
    return says(answers, 'lift-test', 'holds') ? here('latched') : stay('play-seen');
  },
  at: ['coupler', 'ball'],
  leaves: () => ['coupler-and-ball'],
});

/** The breakaway: cable, pin or battery. */
export const breakaway = defineTrouble({
  questions: [
    choice('what', ['cable', 'switch', 'battery']),
    choice('required', ['no', 'yes']),
    choice('after-charge', ['holds', 'falls'], (answers) => says(answers, 'what', 'battery')),
  ],
  decide: (answers) => {
    if (says(answers, 'what', 'battery') && says(answers, 'after-charge', 'holds')) return here('charged');
    return says(answers, 'required', 'no') ? care(50, 50, 'not-required') : stay('breakaway-dead');
  },
  at: ['breakaway'],
  leaves: () => ['breakaway-test'],
});

/** A spring, shackle, hanger, U-bolt or the frame. */
export const spring = defineTrouble({
  questions: [
    choice('what', [
      'main-leaf',
      'lower-leaf',
      'bushing',
      'u-bolt-broken',
      'u-bolt-loose',
      'hanger',
      'shackle',
      'frame',
    ]),
    quantity('moved', 'length'),
    quantity('to-tire', 'length'),
  ],
  decide: (answers) => {
    if (says(answers, 'what', 'main-leaf', 'hanger', 'shackle', 'u-bolt-broken', 'frame', 'unknown'))
      return stay('carries-the-axle');
    const moved = figure(answers, 'moved');
    const gap = figure(answers, 'to-tire');
    if (moved === undefined || gap === undefined) return stay('axle-not-measured');
    if (moved > toSI(0.5, 'in') || gap < toSI(1, 'in')) return stay('axle-moved');
    const loose = says(answers, 'what', 'u-bolt-loose');
    if (moved > toSI(1 / 8, 'in')) return loose ? stay('axle-moved') : creep('axle-shifted', 2);
    return loose ? care(50, 50, 'torqued', [25]) : care(50, 45, 'lower-leaf-or-bushing');
  },
  at: 'wheel',
  leaves: (because) => (because === 'torqued' ? ['same-part-across'] : ['same-part-across', 'pivots']),
});

/** Swaying. */
export const sway = defineTrouble({
  questions: [speed('began'), choice('tongue', ['in-window', 'light'])],
  at: 'rig',
  decide: (answers) => {
    const began = figure(answers, 'began');
    const most = began === undefined ? 35 : Math.max(5, Math.min(45, fromSI(began * 3600, 'mi') - 10));
    return care(25, most, says(answers, 'tongue', 'in-window') ? 'sways' : 'tongue-unknown');
  },
  leaves: () => ['balance'],
});

/** A load that shifted. */
export const shifted = defineTrouble({
  questions: [choice('load', ['back-and-tied', 'loose'])],
  decide: (answers) => (says(answers, 'load', 'back-and-tied') ? here('tied-again') : stay('load-loose')),
  at: 'rig',
  leaves: () => ['balance'],
});

/** A wheel that was lost. */
export const lost = defineTrouble({
  questions: [],
  decide: () => stay('wheel-lost'),
  at: 'wheel',
  leaves: () => [],
});

/** A tongue jack stuck down, or a nut or key that is rounded. */
export const stuck = defineTrouble({
  questions: [
    choice('what', ['jack-down', 'nut-rounded']),
    choice('off', ['yes', 'no'], (answers) => says(answers, 'what', 'nut-rounded')),
  ],
  decide: (answers) =>
    says(answers, 'what', 'nut-rounded') && says(answers, 'off', 'yes')
      ? here('next-size-hammered')
      : stay('stuck'),
  at: 'rig',
  leaves: () => [],
});

/** Hubs that are hot at the ramp. */
export const ramp = defineTrouble({
  questions: [choice('hand', ['stays', 'not'])],
  decide: (answers) => (says(answers, 'hand', 'stays') ? here('cool-enough') : stay('wait-twenty-minutes')),
  at: 'wheel',
  // Warm hubs are waited for, not mended.
  nothing: ['cool-enough', 'wait-twenty-minutes'],
  leaves: () => [],
});
