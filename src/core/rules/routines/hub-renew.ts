import { hubOpens } from '../../rig';
import { ends, OF_A_HUB, repair } from './define';

/** A hub or drum. */
export const hubRenew = repair({
  places: ends(hubOpens),
  matter: () => 'safety',
  wheelOff: true,
  paired: true,
  opensHub: true,
  newRaces: true,
  oneOf: ['bearing'],
  covers: ['repack', 'grease', ...OF_A_HUB],
});
