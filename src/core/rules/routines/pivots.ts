import { COUPLE_OF_THOUSAND, house, routine, seasonal, when } from './define';

/** Spring pivots looked at and greased. */
export const pivots = routine({
  places: when((model) => model.axles.some(({ suspension }) => suspension === 'leaf')),
  matter: () => 'upkeep',
  interval: (about) =>
    about.house.pivots === 'greaseable'
      ? { distance: house(COUPLE_OF_THOUSAND), ...seasonal('commission', about.season) }
      : seasonal('commission', about.season),
  look: true,
  doneBy: ({ did }) => did('bushings'),
});
