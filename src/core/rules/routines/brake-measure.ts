import { hasBrake, hubOpens } from '../../rig';
import { axleAt, ends, house, hubInterval, OF_A_REFIT, routine, YEAR, type Seen } from './define';

/** Shoes and their drum, or pads and their disc; of an electric brake its magnet as well. What went in new needs no measuring. */
function measured({ brake, shut, graded, read, did }: Seen): boolean {
  if (did('brakes-install')) return true;
  // Through the inspection hole, or at the hub's own service: the drum is not seen.
  if (shut && graded('lining') && read('lining')) return true;
  if (graded('disc')) return read('pad-inner') || read('pad-outer') || read('lining') || did('pad-renew');
  const magnet = brake !== 'electric' || graded('magnet') || did('plate-renew', 'magnet-renew');
  return graded('drum') && magnet && (read('lining') || did('plate-renew', 'shoe-renew'));
}

/** Lining, drum and magnet measured. */
export const brakeMeasure = routine({
  places: ends(hasBrake),
  matter: () => 'safety',
  interval: (about, place) => {
    const axle = axleAt(about.model, place);
    // Brakes are measured while the hub is off; where it stays shut, once a year.
    if (axle && !hubOpens(axle)) return { days: house(YEAR) };
    const { launches: _, ...rest } = hubInterval(about, place);
    return rest;
  },
  wheelOff: true,
  look: true,
  covers: [...OF_A_REFIT],
  doneBy: measured,
});
