import { house, rig, routine } from './define';

/** Walked round before leaving. */
export const walkaround = routine({
  places: rig,
  matter: () => 'moment',
  interval: () => ({ trips: house(1) }),
  look: true,
});
