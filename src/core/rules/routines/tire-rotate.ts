import { everyEnd, repair } from './define';

/** Two wheels that change places. */
export const tireRotate = repair({
  places: everyEnd,
  matter: () => 'upkeep',
  wheelOff: true,
  oneOf: ['tire'],
  covers: ['lug-torque'],
});
