/** Abilities in words: what each is for, and what holds where it is off. */
export const ABILITY_WORDS = {
  offline: {
    name: 'Works without a network, and can be installed',
    off: 'Here it needs a network each time you open it.',
  },
  kept: {
    name: 'Asks the browser to keep your data',
    off: 'Here the browser may clear it when the device runs full: save archives often.',
  },
  awake: {
    name: 'Keeps the screen on while a card is open',
    off: 'Here the screen goes dark as it always does: set it to stay on while you work.',
  },
  apart: {
    name: 'Runs heavy calculations in the background',
    off: 'Here the page runs them itself: the same answers, a little slower.',
  },
} as const;

/** Why an ability is off. */
export const ABILITY_OFF = {
  'not-secure': 'Off: this address is not HTTPS, and browsers allow it there only.',
  'not-in-browser': 'Off: this browser does not have it.',
} as const;
