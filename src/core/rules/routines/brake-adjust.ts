import { hasDrum } from '../../rig';
import { ends, routine, seasonal } from './define';

/** Shoes set to their drums. */
export const brakeAdjust = routine({
  places: ends(hasDrum),
  matter: () => 'safety',
  interval: ({ season }) => seasonal('mid', season),
  round: true,
  doneBy: ({ graded }) => graded('drag') && graded('brake-test'),
});
