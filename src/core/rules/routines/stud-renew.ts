import { everyEnd, OF_A_REFIT, repair } from './define';

/** A stud that broke, sheared or turns in its hub. */
export const studRenew = repair({
  places: everyEnd,
  matter: () => 'safety',
  wheelOff: true,
  covers: [...OF_A_REFIT],
});
