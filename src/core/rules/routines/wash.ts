import { rig, routine, seasonal } from './define';

/** Washed for lay-up. */
export const wash = routine({
  places: rig,
  matter: () => 'upkeep',
  interval: ({ season }) => seasonal('layup', season),
});
