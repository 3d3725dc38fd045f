import { hubOpens } from '../../rig';
import { ends, OF_A_HUB, repair } from './define';

/** Bearings with their races. */
export const bearingRenew = repair({
  places: ends(hubOpens),
  matter: () => 'safety',
  wheelOff: true,
  opensHub: true,
  newRaces: true,
  oneOf: ['bearing'],
  covers: ['repack', 'grease', ...OF_A_HUB],
});
