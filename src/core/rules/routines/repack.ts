import { hubOpens } from '../../rig';
import { ends, hubInterval, OF_A_HUB, routine } from './define';

/** Bearings out, cleaned, looked at, packed; hubs that open. */
export const repack = routine({
  places: ends(hubOpens),
  matter: () => 'safety',
  interval: (about, place) => hubInterval(about, place),
  wheelOff: true,
  opensHub: true,
  // The hub is off, the brake open, the wheel set, torqued and spun: all of these are done by the way.
  covers: ['grease', ...OF_A_HUB],
  doneBy: ({ did }) => did('bearing-renew', 'hub-renew', 'hub-build', 'brakes-install'),
});
