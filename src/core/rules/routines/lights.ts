import { rig, routine, seasonal } from './define';

/** All lamps tried. */
export const lights = routine({
  places: rig,
  matter: () => 'safety',
  interval: ({ season }) => seasonal('commission', season),
  look: true,
  doneBy: ({ did }) => did('contacts'),
});
