import { hubOpens } from '../../rig';
import { ends, OF_A_REFIT, repair } from './define';

/** One hub opened to read what is in it, before anything is ordered (handbook 4.4). */
export const hubRead = repair({
  places: ends(hubOpens),
  matter: () => 'upkeep',
  wheelOff: true,
  oneOf: ['bearing'],
  covers: ['hub-look', ...OF_A_REFIT],
});
