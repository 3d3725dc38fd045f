import { choice, defineTrouble, says, type TroubleAnswers } from './define';
import { care, creep, here, stay, stricter, type RoadVerdict } from './verdict';

const LOOKS = [5, 10, 15, 20, 25] as const;

/** What a slow stop at walking pace says of brakes that are partly gone: not straight, or pushed on, it does not go. */
const tried = (answers: TroubleAnswers, verdict: RoadVerdict): RoadVerdict => {
  if (says(answers, 'slow-stop', 'crooked')) return stay('stops-crooked');
  return says(answers, 'slow-stop', 'straight') ? verdict : stricter(verdict, stay('stops-crooked'));
};

/** Nothing of its own that brakes evenly: by what law and vehicle allow. */
const withoutBrakes = (answers: TroubleAnswers): RoadVerdict =>
  says(answers, 'within-limit', 'yes') ? care(25, 40, 'within-unbraked-limit') : creep('unbraked');

/** All of them drag, and the drag goes with the plug: the brake feed alone is switched off. */
const feedOff = (answers: TroubleAnswers) =>
  says(answers, 'pin', 'in') && says(answers, 'how-many', 'all') && says(answers, 'plug-out', 'goes');

/** Brakes that drag. */
export const dragging = defineTrouble({
  questions: [
    choice('pin', ['in', 'out', 'lost']),
    // Put back in, every hub is felt.
    choice('hubs', ['cool', 'hot'], (answers) => says(answers, 'pin', 'out', 'lost')),
    choice('required', ['no', 'yes'], (answers) => says(answers, 'pin', 'lost')),
    choice('how-many', ['all', 'one'], (answers) => !says(answers, 'pin', 'out', 'lost')),
    choice('plug-out', ['goes', 'stays'], (answers) => says(answers, 'how-many', 'all')),
    choice('within-limit', ['yes', 'no'], feedOff),
    choice('backed-off', ['free', 'drags'], (answers) => says(answers, 'how-many', 'one')),
    choice('hub', ['cool', 'hot'], (answers) => says(answers, 'backed-off', 'free')),
  ],
  decide: (answers) => {
    if (says(answers, 'pin', 'out', 'lost')) {
      if (!says(answers, 'hubs', 'cool')) return stay('as-hub-hot');
      if (says(answers, 'pin', 'out')) return here('pin-back-in');
      return says(answers, 'required', 'no') ? care(50, 50, 'pin-lost') : stay('pin-lost');
    }
    if (!says(answers, 'pin', 'in')) return stay('drags-on');
    if (feedOff(answers))
      return says(answers, 'within-limit', 'yes') ? care(25, 40, 'brake-wire-off') : creep('brake-wire-off');
    if (
      says(answers, 'how-many', 'one') &&
      says(answers, 'backed-off', 'free') &&
      says(answers, 'hub', 'cool')
    )
      return care(25, 45, 'backed-off', LOOKS);
    return stay('drags-on');
  },
  at: 'wheel',
  leaves: (because) =>
    because === 'pin-back-in' || because === 'pin-lost' ? ['battery', 'lining'] : ['lining'],
  work: (because) => (because === 'drags-on' ? 'brake-adjust' : undefined),
});

const halfBrake = (answers: TroubleAnswers) => says(answers, 'which', 'one-axle-of-two');

/** No brakes, or one dead: first, what still brakes. */
export const dead = defineTrouble({
  questions: [
    choice('which', ['one-axle-of-two', 'one-end', 'all']),
    choice('law-allows', ['yes', 'not-looked-up', 'no'], halfBrake),
    choice('end', ['electric', 'hydraulic'], (answers) => says(answers, 'which', 'one-end')),
    choice('within-limit', ['yes', 'no'], (answers) => !halfBrake(answers)),
    choice('slow-stop', ['straight', 'crooked']),
  ],
  decide: (answers) => {
    if (halfBrake(answers)) {
      if (says(answers, 'law-allows', 'yes')) return tried(answers, care(50, 50, 'one-axle-brakes'));
      return tried(
        answers,
        says(answers, 'law-allows', 'not-looked-up') ? care(25, 40, 'one-axle-brakes') : creep('law-forbids'),
      );
    }
    // An end that brakes alone pulls: an electric one is parted and taped, a hydraulic one is not touched.
    if (!says(answers, 'which', 'all') && !says(answers, 'end', 'electric'))
      return tried(answers, creep('hydraulic-pulls'));
    return tried(answers, withoutBrakes(answers));
  },
  at: 'rig',
  leaves: () => ['circuit'],
});

/** Fade or smell after a long descent, half an hour later. */
export const fade = defineTrouble({
  questions: [
    choice('hubs', ['cool', 'hot']),
    choice('wheels', ['free', 'drag']),
    choice('fluid', ['at-its-line', 'low']),
    choice('slow-stop', ['straight', 'crooked']),
  ],
  decide: (answers) => {
    if (!says(answers, 'hubs', 'cool') || !says(answers, 'wheels', 'free')) return stay('as-hub-hot');
    if (says(answers, 'slow-stop', 'crooked', 'unknown')) return stay('stops-crooked');
    return says(answers, 'fluid', 'at-its-line') ? care(25, 45, 'cooled') : creep('unbraked');
  },
  at: 'wheel',
  leaves: () => ['adjust', 'lining'],
});

const dry = (answers: TroubleAnswers) => says(answers, 'time', 'day');
/** Nobody behind sees it stop or turn: off the lane to the nearest safe place, there until it shows. */
const unseen = creep('not-seen-to-stop', 1, 25);

/** Lights out. */
export const lights = defineTrouble({
  questions: [
    choice('which', ['dark', 'brake-or-turn', 'one-brake', 'running', 'one-marker']),
    choice(
      'time',
      ['day', 'dusk', 'rain'],
      (answers) => !says(answers, 'which', 'brake-or-turn', 'one-marker'),
    ),
  ],
  decide: (answers) => {
    if (says(answers, 'which', 'dark', 'unknown')) return dry(answers) ? unseen : stay('nothing-shows');
    if (says(answers, 'which', 'one-marker')) return care(100, 55, 'one-marker');
    if (says(answers, 'which', 'one-brake') && dry(answers)) return care(25, 45, 'one-brake-lamp');
    if (says(answers, 'which', 'running') && dry(answers)) return care(50, 50, 'by-day');
    return says(answers, 'which', 'running') ? { ...unseen, because: 'not-seen' } : unseen;
  },
  at: 'rig',
  leaves: () => [],
});
