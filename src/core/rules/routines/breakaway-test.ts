import { at, routine, seasonal } from './define';

/** The pin pulled, the brakes held. */
export const breakawayTest = routine({
  places: at('breakaway'),
  matter: () => 'safety',
  interval: ({ season }) => seasonal('commission', season),
  look: true,
  doneBy: ({ did, graded }) => did('battery-renew') && graded('breakaway'),
});
