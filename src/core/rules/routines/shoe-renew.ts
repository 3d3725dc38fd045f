import { hasDrum } from '../../rig';
import { ends, OF_A_HUB, repair } from './define';

/** Brake shoes. */
export const shoeRenew = repair({
  places: ends(hasDrum),
  matter: () => 'safety',
  wheelOff: true,
  oneOf: ['shoes'],
  paired: true,
  leaves: 'new-brakes',
  covers: OF_A_HUB,
});
