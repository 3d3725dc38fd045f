import { hubOpens } from '../../rig';
import { ends, OF_A_HUB, repair } from './define';

/** Brakes on an axle that had none. */
export const brakesInstall = repair({
  places: ends((axle) => axle.brake === 'none' && hubOpens(axle)),
  matter: () => 'safety',
  wheelOff: true,
  opensHub: true,
  newRaces: true,
  oneOf: ['shoes', 'magnet', 'bearing'],
  paired: true,
  covers: ['repack', 'grease', ...OF_A_HUB],
});
