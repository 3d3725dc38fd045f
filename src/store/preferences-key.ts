/** Where the preferences lie; the page's first script reads the theme from it before anything is painted. */
export const PREFERENCES_KEY = 'yardline';
