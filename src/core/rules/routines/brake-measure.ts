import { hasBrake, hubOpens } from '../../rig';
import { axleAt, ends, house, hubInterval, routine, YEAR } from './define';

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
  subsumes: ['lug-torque'],
});
