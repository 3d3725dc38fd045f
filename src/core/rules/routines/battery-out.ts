import { at, routine, seasonal } from './define';

/** The breakaway battery taken in for lay-up. */
export const batteryOut = routine({
  places: at('breakaway'),
  matter: () => 'upkeep',
  interval: ({ season }) => seasonal('layup', season),
});
