import { hubOpens } from '../../rig';
import { ends, hubInterval, OF_A_REFIT, routine } from './define';

/** A hub that stays shut, by its maker's manual. */
export const hubService = routine({
  places: ends((axle) => !hubOpens(axle)),
  matter: () => 'safety',
  interval: (about, place) => hubInterval(about, place),
  wheelOff: true,
  opensHub: true,
  covers: ['hub-look', ...OF_A_REFIT],
});
