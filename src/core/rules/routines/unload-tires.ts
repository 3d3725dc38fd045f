import { rig, routine, seasonal } from './define';

/** Load taken off the tires for lay-up. */
export const unloadTires = routine({
  places: rig,
  matter: () => 'upkeep',
  interval: ({ season }) => seasonal('layup', season),
});
