import { gear, ofGear, routine, seasonal } from './define';

/** A piece of gear looked over. */
export const gearLook = routine({
  places: gear,
  matter: ofGear,
  interval: ({ season }) => seasonal('commission', season),
  round: true,
  look: true,
});
