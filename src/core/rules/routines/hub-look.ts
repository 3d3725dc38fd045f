import { COUPLE_OF_THOUSAND, everyEnd, house, routine, seasonal } from './define';

/** Rocked and spun with the wheel up. */
export const hubLook = routine({
  places: everyEnd,
  matter: () => 'safety',
  interval: ({ season }) => ({ distance: house(COUPLE_OF_THOUSAND), ...seasonal('commission', season) }),
  round: true,
  look: true,
  doneBy: ({ graded }) => (graded('rock') && graded('spin')) || (graded('set-rock') && graded('set-spin')),
});
