import { COUPLE_OF_THOUSAND, house, rig, routine, seasonal } from './define';

/** Every fixing of the axles by wrench. */
export const underside = routine({
  places: rig,
  matter: () => 'safety',
  interval: ({ season }) => ({ distance: house(COUPLE_OF_THOUSAND), ...seasonal('commission', season) }),
});
