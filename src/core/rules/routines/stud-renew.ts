import { everyEnd, repair } from './define';

/** A stud that broke, sheared or turns in its hub. */
export const studRenew = repair({
  places: everyEnd,
  matter: () => 'safety',
  wheelOff: true,
  covers: ['lug-torque'],
});
