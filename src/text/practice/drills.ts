import type { PracticeId, SessionId } from '@/core/practice';

interface DrillWords {
  /** What its owner asks themselves. */
  readonly asks: string;
  readonly title: string;
  /** What is done, in a line. */
  readonly what: string;
}

export const DRILL_WORDS: Record<PracticeId, DrillWords> = {
  nut: {
    asks: 'How tight is the spindle nut?',
    title: 'Set the nut',
    what: 'Seat it, back it off, rock it, spin it, pin it. Then drive {20 mi} and see.',
  },
  listen: {
    asks: 'What does a bad hub sound like?',
    title: 'Spin and listen',
    what: 'Hear or see a wheel spun by hand, grade it, then hear it beside a good one.',
  },
  order: {
    asks: 'What comes first?',
    title: 'Put it in order',
    what: 'Eight steps of your own rig’s card, mixed. What breaks is told step by step.',
  },
  grade: {
    asks: 'Which crack matters?',
    title: 'Grade it',
    what: 'Linings, rollers, seals, tires, welds: never the same picture twice.',
  },
  star: {
    asks: 'Why a star, and why twice?',
    title: 'Tighten a wheel',
    what: 'Pull the nuts in any order and see what each stud holds, now and {10 mi} on.',
  },
  fault: {
    asks: 'What is wrong with its lamps or brakes?',
    title: 'Find the fault',
    what: 'Something is hidden in its lamps or brakes. Test, then name it, in as few tests as you can.',
  },
  leak: {
    asks: 'Leak, or weather?',
    title: 'Leak or weather',
    what: 'Two readings of a cold tire, weeks apart. Which is it?',
  },
  balance: {
    asks: 'Is there enough on the tongue?',
    title: 'Tongue and load',
    what: 'A loaded trailer from above. Say how much the tongue carries, or move a load first.',
  },
};

interface SessionWords {
  readonly title: string;
  /** The moment it begins from. */
  readonly moment: string;
}

/** The sessions of the first course, by id. */
export const SESSION_WORDS: Readonly<Record<SessionId, SessionWords>> = {
  'bring-home': {
    title: 'Before you tow it home',
    moment:
      'You have just bought it. The seller put a wheel back on last night and says it is tight. Tighten it yourself.',
  },
  'its-tires': {
    title: 'Its tires',
    moment: 'It stood two years behind a barn. You walk round it and look at each tire before it moves.',
  },
  'no-brake-light': {
    title: 'No brake light',
    moment:
      'Plugged in at the seller’s: not every lamp does what it should. You have a test lamp and half an hour.',
  },
  loading: {
    title: 'Loaded for the first time',
    moment: 'Everything is aboard and the hitch looks light. One load can still be moved.',
  },
  'cold-morning': {
    title: 'A cold morning',
    moment: 'One tire reads lower than it did. Air it up and go, or look for a nail?',
  },
  'first-jack': {
    title: 'The first time it goes up',
    moment: 'You have the jack out and eight things to do. In what order?',
  },
  'spun-by-hand': {
    title: 'Spun by hand',
    moment: 'The wheel is off the ground. You spin it and put your ear close.',
  },
  'hub-open': {
    title: 'The hub is open',
    moment: 'Parts lie cleaned on newspaper. Which go back in?',
  },
  'hub-closed': {
    title: 'Closing the hub',
    moment: 'Fresh grease, new seal, nut run on by hand. Nobody is there to ask how tight.',
  },
};
