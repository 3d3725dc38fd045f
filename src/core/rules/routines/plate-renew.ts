import { hasDrum } from '../../rig';
import { ends, OF_A_HUB, repair } from './define';

/** A loaded backing plate. */
export const plateRenew = repair({
  places: ends(hasDrum),
  matter: () => 'safety',
  wheelOff: true,
  oneOf: ['shoes', 'magnet'],
  paired: true,
  covers: OF_A_HUB,
});
