/** Where the preferences lie; the page's first script reads the theme from it before anything is painted. */
export const PREFERENCES_KEY = 'yardline';

/** Says that a yard with a rig in it was open on this device: what a first visitor reads is not shown again. */
export const VISITED_KEY = 'yardline-visited';
/** The newest entry that a clock said to be right stood behind. */
export const CLOCK_KEY = 'yardline-clock';
/** The rig in hand, by its id. */
export const CHOSEN_RIG_KEY = 'yardline-rig';
