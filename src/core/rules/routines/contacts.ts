import { rig, routine, seasonal } from './define';

/** Lamp contacts cleaned and greased. */
export const contacts = routine({
  places: rig,
  matter: () => 'upkeep',
  interval: ({ season }) => seasonal('commission', season),
  covers: ['lights'],
});
