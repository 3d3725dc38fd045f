import { countsAsSalt } from '../../rig';
import { house, routine, when } from './define';

/** Rinsed after water that is not known to be fresh. */
export const rinse = routine({
  places: when(countsAsSalt),
  matter: () => 'upkeep',
  interval: () => ({ launches: house(1) }),
});
