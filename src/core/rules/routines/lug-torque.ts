import { everyEnd, routine, seasonal } from './define';

/** Every nut by torque wrench. */
export const lugTorque = routine({
  places: everyEnd,
  matter: () => 'safety',
  interval: ({ season }) => seasonal('mid', season),
  round: true,
  doneBy: ({ refitted, did }) => refitted || did('stud-threads'),
});
