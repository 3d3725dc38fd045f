import { hubOpens } from '../../rig';
import { ends, repair } from './define';

/** A hub or drum built up on a bare spindle, on the bench or on an axle that is not under load (handbook 4.3 and 4.11). */
export const hubBuild = repair({
  places: ends(hubOpens),
  matter: () => 'safety',
  opensHub: true,
  newRaces: true,
  oneOf: ['bearing'],
  covers: ['repack', 'grease', 'hub-look'],
});
