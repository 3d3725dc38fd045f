import { COUPLE_OF_THOUSAND, house, rig, routine, seasonal } from './define';

/** All pressures, cold. */
export const pressures = routine({
  places: rig,
  matter: () => 'safety',
  interval: ({ season }) => ({ distance: house(COUPLE_OF_THOUSAND), ...seasonal('commission', season) }),
});
