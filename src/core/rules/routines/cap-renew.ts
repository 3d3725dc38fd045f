import { hubOpens } from '../../rig';
import { ends, repair } from './define';

/** A grease cap: the lock behind it looked at, wiped, fresh grease, cap. */
export const capRenew = repair({
  places: ends(hubOpens),
  matter: () => 'safety',
});
