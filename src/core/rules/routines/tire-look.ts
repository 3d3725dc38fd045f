import { COUPLE_OF_THOUSAND, house, routine, seasonal, tires } from './define';

/** Wall, tread and valve looked over. */
export const tireLook = routine({
  places: tires,
  matter: () => 'safety',
  interval: ({ season }) => ({ distance: house(COUPLE_OF_THOUSAND), ...seasonal('commission', season) }),
  round: true,
  look: true,
  doneBy: ({ graded, did }) =>
    did('tire-renew') || (graded('tire-wall') && graded('tread') && graded('valve')),
});
