import { fromSI, toSI } from '../../base';
import { choice, defineTrouble, figure, quantity, says, speed, type TroubleAnswers } from './define';
import { onTheSurvivor } from './tires';
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
    choice('came-off', ['no', 'yes']),
    choice('numbers', ['same', 'not-readable', 'differ']),
    choice('latched', ['and-pinned', 'no']),
    choice('lift-test', ['holds', 'not-here', 'play']),
    choice('cause', ['put-right', 'not-found'], (answers) => !says(answers, 'came-off', 'no')),
    choice(
      'chains',
      ['on', 'off'],
      (answers) => says(answers, 'numbers', 'not-readable') || says(answers, 'lift-test', 'not-here'),
    ),
  ],
  decide: (answers) => {
    if (says(answers, 'numbers', 'differ', 'unknown')) return stay('ball-differs');
    if (!says(answers, 'latched', 'and-pinned')) return stay('not-latched');
    if (says(answers, 'lift-test', 'play', 'unknown')) return stay('play-seen');
    const known = says(answers, 'numbers', 'same') && says(answers, 'lift-test', 'holds');
    if (!says(answers, 'came-off', 'no'))
      return known && says(answers, 'came-off', 'yes') && says(answers, 'cause', 'put-right')
        ? care(25, 45, 'cause-put-right', [1, 5, 10])
        : stay('came-off');
    if (known) return here('latched');
    // What nobody can read or try here: latched, pinned, no play in sight, chains on.
    return says(answers, 'chains', 'on') ? creep('ball-not-read') : stay('not-latched');
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
    quantity('to-tire', 'length', carries),
    quantity('moved', 'length', carries),
    choice('torqued', ['figure', 'tight'], (answers) => says(answers, 'what', 'u-bolt-loose')),
  ],
  decide: (answers) => {
    if (!carries(answers)) return stay('carries-the-axle');
    const moved = figure(answers, 'moved');
    const gap = figure(answers, 'to-tire');
    const loose = says(answers, 'what', 'u-bolt-loose');
    if (gap === undefined || (loose && moved === undefined)) return stay('axle-not-measured');
    if (gap < toSI(1, 'in')) return stay('axle-moved');
    // An eighth of an inch is for a safe yard: by eye it stands where it stood.
    if (moved === undefined) return creep('axle-not-measured', 2);
    if (moved > toSI(0.5, 'in')) return stay('axle-moved');
    if (moved > toSI(1 / 8, 'in')) return loose ? stay('axle-moved') : creep('axle-shifted', 2);
    if (loose)
      return says(answers, 'torqued', 'figure')
        ? care(25, 45, 'torqued', [5, 25])
        : creep('tight-by-hand', 2);
    return care(50, 45, 'lower-leaf-or-bushing');
  },
  at: 'wheel',
  leaves: (because) => (because === 'torqued' ? ['same-part-across'] : ['same-part-across', 'pivots']),
});

/** What holds the axle is whole. */
function carries(answers: TroubleAnswers): boolean {
  return says(answers, 'what', 'lower-leaf', 'bushing', 'u-bolt-loose');
}

/** Swaying. */
export const sway = defineTrouble({
  questions: [
    speed('began'),
    choice('again', ['no', 'yes']),
    choice('cause', ['put-right', 'not-found'], (answers) => !fromHighway(answers)),
    choice('tongue', ['in-window', 'light']),
  ],
  at: 'rig',
  decide: (answers) => {
    if (!says(answers, 'again', 'no')) return stay('swayed-again');
    const began = figure(answers, 'began');
    const because = says(answers, 'tongue', 'in-window') ? 'sways' : 'tongue-unknown';
    const under = began === undefined ? 0 : fromSI(began * 3600, 'mi') - 10;
    if (fromHighway(answers)) return care(25, Math.min(45, under), because);
    // Under 25, or nobody knows where: nothing under it is left to go at.
    if (under < 15 || !says(answers, 'cause', 'put-right')) return creep('sway-cause-unknown', 2);
    return care(25, Math.min(45, under), because);
  },
  leaves: () => ['balance'],
});

/** It began at a speed that is often enough too fast by itself. */
function fromHighway(answers: TroubleAnswers): boolean {
  const began = figure(answers, 'began');
  return began !== undefined && fromSI(began * 3600, 'mi') >= 55 - 1e-9;
}

/** A load that shifted. */
export const shifted = defineTrouble({
  questions: [choice('load', ['back-and-tied', 'loose'])],
  decide: (answers) => (says(answers, 'load', 'back-and-tied') ? here('tied-again') : stay('load-loose')),
  at: 'rig',
  leaves: () => ['balance'],
});

/** A wheel that was lost: a tandem with the rest of that end whole limps on the other, once every other nut was found at its figure. */
export const lost = defineTrouble({
  questions: [
    choice('nuts', ['at-figure', 'ran-loose']),
    choice('axles', ['one', 'more'], (answers) => says(answers, 'nuts', 'at-figure')),
    choice('whole', ['yes', 'no'], hangs),
    quantity('load', 'weight', hangs),
    quantity('maximum', 'weight', hangs),
    quantity('rating', 'weight', hangs),
  ],
  decide: (answers) => {
    if (!says(answers, 'nuts', 'at-figure'))
      return stay(says(answers, 'nuts', 'ran-loose') ? 'other-nuts-loose' : 'wheel-lost');
    return hangs(answers) && says(answers, 'whole', 'yes') ? onTheSurvivor(answers) : stay('wheel-lost');
  },
  at: 'wheel',
  leaves: (because) => [
    'studs-renewed',
    'brake-here',
    ...(because.startsWith('survivor') ? (['survivor-inside'] as const) : []),
  ],
});

function hangs(answers: TroubleAnswers): boolean {
  return says(answers, 'nuts', 'at-figure') && says(answers, 'axles', 'more');
}

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
  questions: [choice('hand', ['stays', 'not']), choice('mate', ['alike', 'hotter'])],
  decide: (answers) => {
    // One a step hotter than its mate, before or after the wait.
    if (says(answers, 'mate', 'hotter', 'unknown')) return stay('as-hub-hot');
    return says(answers, 'hand', 'stays') ? here('cool-enough') : stay('wait-twenty-minutes');
  },
  at: 'wheel',
  // Warm hubs are waited for, not mended.
  nothing: ['cool-enough', 'wait-twenty-minutes'],
  leaves: () => [],
});
