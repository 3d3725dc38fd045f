import { everyEnd, OF_A_REFIT, repair } from './define';

/** Two wheels that change places. */
export const tireRotate = repair({
  places: everyEnd,
  matter: () => 'upkeep',
  wheelOff: true,
  oneOf: ['tire'],
  covers: [...OF_A_REFIT],
});
