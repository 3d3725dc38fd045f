import { house, routine, seaWater, when } from './define';

/** Rinsed after water that is not fresh. */
export const rinse = routine({
  places: when(seaWater),
  matter: () => 'upkeep',
  interval: () => ({ launches: house(1) }),
});
