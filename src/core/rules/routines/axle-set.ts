import { repair, rig } from './define';

/** An axle set and squared. */
export const axleSet = repair({
  places: rig,
  matter: () => 'safety',
  leaves: 'fixings',
});
