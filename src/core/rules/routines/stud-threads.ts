import { everyEnd, repair } from './define';

/** Threads cleaned, nut by nut. */
export const studThreads = repair({
  places: everyEnd,
  matter: () => 'upkeep',
  round: true,
  covers: ['lug-torque'],
});
