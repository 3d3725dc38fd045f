import { choice, defineTrouble, says } from './define';
import { care, creep, here, stay } from './verdict';

const LOOKS = [5, 10, 15, 20, 25] as const;

/** Brakes that drag. */
export const dragging = defineTrouble({
  questions: [
    choice('pin', ['in', 'out']),
    choice('how-many', ['all', 'one']),
    choice('plug-out', ['goes', 'stays'], (answers) => says(answers, 'how-many', 'all')),
    choice('backed-off', ['free', 'drags'], (answers) => says(answers, 'how-many', 'one')),
    choice('hub', ['cool', 'hot'], (answers) => says(answers, 'backed-off', 'free')),
  ],
  decide: (answers) => {
    if (says(answers, 'pin', 'out')) return here('pin-back-in');
    // The brake wire alone is cut off: from there it is a rig without brakes.
    if (says(answers, 'how-many', 'all') && says(answers, 'plug-out', 'goes')) return creep('brake-wire-off');
    if (
      says(answers, 'how-many', 'one') &&
      says(answers, 'backed-off', 'free') &&
      says(answers, 'hub', 'cool')
    )
      return care(25, 45, 'backed-off', LOOKS);
    return stay('drags-on');
  },
  at: 'wheel',
  leaves: (because) => (because === 'pin-back-in' ? ['battery', 'lining'] : ['lining']),
  work: (because) => (because === 'drags-on' ? 'brake-adjust' : undefined),
});

/** No brakes, or one dead. */
export const dead = defineTrouble({
  questions: [
    choice('which', ['all', 'one-axle-of-two', 'one-end']),
    choice('within-limit', ['yes', 'no']),
    choice('law-allows', ['yes', 'no'], (answers) => says(answers, 'which', 'one-axle-of-two')),
  ],
  decide: (answers) => {
    if (says(answers, 'which', 'one-axle-of-two') && says(answers, 'law-allows', 'yes'))
      return care(50, 50, 'one-axle-brakes');
    // An end that brakes alone pulls: its mate is disabled too, then it is a rig without brakes.
    return says(answers, 'within-limit', 'yes') ? care(25, 40, 'within-unbraked-limit') : creep('unbraked');
  },
  at: 'rig',
  leaves: () => ['circuit'],
});

/** Fade or smell after a long descent. */
export const fade = defineTrouble({
  questions: [choice('hubs', ['cool', 'hot']), choice('wheels', ['free', 'drag'])],
  decide: (answers) =>
    says(answers, 'hubs', 'cool') && says(answers, 'wheels', 'free')
      ? care(50, 45, 'cooled')
      : stay('as-hub-hot'),
  at: 'wheel',
  nothing: ['cooled'],
  leaves: () => ['adjust', 'lining'],
});

/** Lights out. */
export const lights = defineTrouble({
  questions: [
    choice('which', ['brake-or-turn', 'running', 'one-marker']),
    choice('time', ['day', 'dusk', 'rain'], (answers) => says(answers, 'which', 'running', 'one-marker')),
  ],
  decide: (answers) => {
    if (says(answers, 'which', 'brake-or-turn', 'unknown')) return stay('not-seen-to-stop');
    return says(answers, 'time', 'day') ? care(50, 55, 'by-day') : stay('not-seen');
  },
  at: 'rig',
  leaves: () => [],
});
