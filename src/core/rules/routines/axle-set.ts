import { everyEnd, repair } from './define';

/** An axle set and squared. */
export const axleSet = repair({
  places: everyEnd,
  matter: () => 'safety',
  leaves: 'fixings',
});
